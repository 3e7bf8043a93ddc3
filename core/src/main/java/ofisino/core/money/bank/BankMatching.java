package ofisino.core.money.bank;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Which receipt each payment of the bank stands for. A receipt and a payment belong together when their amounts are the same to the minor
 * unit and the bank booked it near the day of the receipt; each is proposed once, the nearest days first.
 */
public final class BankMatching {
    /** The bank may book before the day on the receipt, as with a reservation. Common practice, no source. */
    static final int DAYS_BEFORE = 3;

    /** Or later, over holidays, or when the invoice is paid at its end. Common practice, no source. */
    static final int DAYS_AFTER = 35;

    /** A word that says who it was has at least so many letters. */
    private static final int LETTERS_OF_A_NAME = 4;

    /** The first two words of a name mean nobody else when they are so long. Common practice, no source. */
    private static final int LETTERS_OF_A_BEGINNING = 10;

    private BankMatching() {}

    /** @param baseMinor more than nothing where it was paid @param says what it was and from whom */
    public record Receipt(UUID id, LocalDate paidOn, long baseMinor, String says) {}

    /**
     * @param sure no other receipt has this amount near this day, and no other payment: it can be taken unasked
     */
    public record Match(UUID receipt, boolean sure) {}

    /** @return by the id of the line; a line without one has no receipt yet */
    public static Map<UUID, Match> of(List<BankLine> lines, List<Receipt> receipts) {
        Map<Long, List<Receipt>> byAmount = receipts.stream().collect(Collectors.groupingBy(Receipt::baseMinor));
        List<Pair> pairs = new ArrayList<>();
        for (BankLine line : lines)
            for (Receipt receipt : byAmount.getOrDefault(-line.minor(), List.of()))
                if (isNear(line, receipt)) pairs.add(Pair.of(line, receipt));
        Map<UUID, Integer> ofLine = new HashMap<>();
        Map<UUID, Integer> ofReceipt = new HashMap<>();
        for (Pair pair : pairs) {
            ofLine.merge(pair.line(), 1, Integer::sum);
            ofReceipt.merge(pair.receipt(), 1, Integer::sum);
        }
        pairs.sort(Pair.NEAREST_FIRST);
        Map<UUID, Match> matches = new HashMap<>();
        Set<UUID> taken = new HashSet<>();
        for (Pair pair : pairs) {
            if (matches.containsKey(pair.line()) || !taken.add(pair.receipt())) continue;
            boolean alone = ofLine.get(pair.line()) == 1 && ofReceipt.get(pair.receipt()) == 1;
            matches.put(pair.line(), new Match(pair.receipt(), alone));
        }
        return Map.copyOf(matches);
    }

    private static boolean isNear(BankLine line, Receipt receipt) {
        long days = ChronoUnit.DAYS.between(receipt.paidOn(), line.day());
        return -DAYS_BEFORE <= days && days <= DAYS_AFTER;
    }

    private record Pair(UUID line, UUID receipt, boolean named, long daysApart, LocalDate day) {
        private static final Comparator<Pair> NEAREST_FIRST = Comparator.comparing(Pair::named)
                .reversed()
                .thenComparingLong(Pair::daysApart)
                .thenComparing(Pair::day)
                .thenComparing(Pair::line)
                .thenComparing(Pair::receipt);

        static Pair of(BankLine line, Receipt receipt) {
            return new Pair(
                    line.id(),
                    receipt.id(),
                    shareAName(line.payee() + " " + line.purpose(), receipt.says()),
                    Math.abs(ChronoUnit.DAYS.between(receipt.paidOn(), line.day())),
                    line.day());
        }
    }

    /**
     * Whose name the bank's line says: the whole name, or its first two words where they are long enough to mean nobody else, for banks cut
     * names off. The one of whom the most is said, where it says several.
     */
    public static <T> Optional<T> named(BankLine line, Map<String, T> byName) {
        String said = " " + plain(line.payee() + " " + line.purpose()) + " ";
        return byName.entrySet().stream()
                .filter(e -> lettersSaid(said, e.getKey()) > 0)
                .max(Comparator.comparingInt((Map.Entry<String, T> e) -> lettersSaid(said, e.getKey()))
                        .thenComparing(Map.Entry::getKey))
                .map(Map.Entry::getValue);
    }

    private static int lettersSaid(String said, String name) {
        String whole = plain(name);
        if (whole.isEmpty()) return 0;
        if (said.contains(" " + whole + " ")) return whole.length();
        String[] words = whole.split(" ");
        String begin = words.length > 2 ? words[0] + " " + words[1] : "";
        return begin.length() >= LETTERS_OF_A_BEGINNING && said.contains(" " + begin + " ") ? begin.length() : 0;
    }

    private static boolean shareAName(String a, String b) {
        Set<String> words = new HashSet<>(List.of(plain(a).split(" ")));
        return List.of(plain(b).split(" ")).stream()
                .anyMatch(w -> w.length() >= LETTERS_OF_A_NAME && words.contains(w));
    }

    private static String plain(String said) {
        return said.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }
}
