package ofisino.core.vehicle.check;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;

/**
 * The checks of one vehicle as a numbered sheet of paper, and what somebody wrote on it: {@code 12g 13-20g 21b} says that 12 to 20 are good
 * and 21 is bad. The sheet carries its edition, since numbers move when the catalogue changes.
 */
public final class WalkSheet {
    private static final Pattern MARK = Pattern.compile("(\\d{1,4})(?:-(\\d{1,4}))?([a-z])");
    private static final Map<Character, Answer.Seen> LETTERS = Map.of(
            'g', Answer.Seen.GOOD,
            'd', Answer.Seen.DOUBTFUL,
            'b', Answer.Seen.BAD,
            'm', Answer.Seen.MISSING,
            'c', Answer.Seen.COVERED,
            'n', Answer.Seen.NOT_OPENED,
            'r', Answer.Seen.NO_REACH,
            'x', Answer.Seen.NO_CURRENT,
            'a', Answer.Seen.NOT_ALLOWED);

    private WalkSheet() {}

    /** A check and what was ticked at it. */
    public record Marked(PlacedCheck check, Answer.Seen seen) {}

    /** Four characters that change with the numbering. */
    public static String edition(List<PlacedCheck> checks) {
        CRC32 sum = new CRC32();
        for (PlacedCheck c : checks)
            sum.update((c.check().id() + " " + c.place() + "\n").getBytes(StandardCharsets.UTF_8));
        return "%04X".formatted(sum.getValue() & 0xFFFF);
    }

    /**
     * @param edition what is printed on the sheet; small letters count too
     * @return in the order of the sheet; of several marks on one number the last counts
     * @throws Conflict     when the sheet is of another edition
     * @throws InvalidValue with all marks that cannot be read
     */
    public static List<Marked> read(String typed, String edition, List<PlacedCheck> checks) {
        if (!edition(checks).equals(edition.strip().toUpperCase(Locale.ROOT)))
            throw Conflict.of(
                    "sheet.edition",
                    "The sheet is edition %s, and the numbers have changed since (now %s).",
                    "Type its answers in at the checks themselves, or print a new sheet.",
                    edition.strip(),
                    edition(checks));
        Map<Integer, Answer.Seen> byNumber = new LinkedHashMap<>();
        List<String> unread = new ArrayList<>();
        for (String word : words(typed)) {
            Matcher mark = MARK.matcher(word);
            Answer.Seen seen = mark.matches() ? LETTERS.get(mark.group(3).charAt(0)) : null;
            int from = mark.matches() ? Integer.parseInt(mark.group(1)) : 0;
            int to = mark.matches() && mark.group(2) != null ? Integer.parseInt(mark.group(2)) : from;
            if (seen == null || from < 1 || to < from || to > checks.size()) unread.add("“" + word + "”");
            else for (int number = from; number <= to; number++) byNumber.put(number, seen);
        }
        if (!unread.isEmpty())
            throw InvalidValue.at(
                    "typed",
                    "sheet.unread",
                    "%s cannot be read.",
                    "Write a number from 1 to %d, or two with a dash, and one of g d b m c n r x a.",
                    String.join(", ", unread),
                    checks.size());
        return byNumber.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new Marked(checks.get(e.getKey() - 1), e.getValue()))
                .toList();
    }

    /** Blanks around a dash and before the letter are the writer's affair. */
    private static List<String> words(String typed) {
        String close =
                typed.toLowerCase(Locale.ROOT).replaceAll("\\s*-\\s*", "-").replaceAll("(\\d)\\s+([a-z])", "$1$2");
        return Pattern.compile("[\\s,;]+")
                .splitAsStream(close.strip())
                .filter(w -> !w.isEmpty())
                .toList();
    }
}
