package ofisino.core.vehicle.identity;

import java.util.Arrays;
import java.util.Locale;
import ofisino.core.kernel.Texts;

/**
 * A part that a sister variant has otherwise: it looks alike in a catalogue and does not fit.
 *
 * @param name       as one would order it: "windscreen"
 * @param difference what is otherwise and how one tells: "the saloon's is 40 mm lower"
 */
public record VariantPart(String name, String difference) {
    public VariantPart {
        name = Texts.line("name", name);
        difference = Texts.line("difference", difference);
    }

    /** Whether a line of an order speaks of it: all words of the name stand in it, in any order, in the singular or the plural. */
    public boolean concerns(String ordered) {
        return Arrays.stream(words(name))
                .allMatch(w -> Arrays.asList(words(ordered)).contains(w));
    }

    private static String[] words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .map(w -> w.length() > 3 && w.endsWith("s") && !w.endsWith("ss") ? w.substring(0, w.length() - 1) : w)
                .toArray(String[]::new);
    }
}
