package ofisino.core.money.budget;

import java.util.ArrayList;
import java.util.List;

/**
 * Checks a total that a person typed or was told against the sum of the lines, and looks for what explains the difference.
 * The typed total is only a check: it changes nothing.
 */
public final class Reconcile {
    private Reconcile() {}

    /** @param name what the person calls the line */
    public record Item(String name, long minor) {}

    /**
     * @param difference typed − sum; 0 where they agree
     * @param suspects   lines that alone equal the difference: left out of the typed total, or counted twice in it
     */
    public record Outcome(long sum, long difference, List<Item> suspects) {
        public Outcome {
            suspects = List.copyOf(suspects);
        }
    }

    /** @param typed the other side's sum, base minor units */
    public static Outcome check(List<Item> lines, long typed) {
        long sum = lines.stream().mapToLong(Item::minor).reduce(0, Math::addExact);
        long difference = Math.subtractExact(typed, sum);
        List<Item> suspects = new ArrayList<>();
        if (difference != 0)
            for (Item line : lines) if (Math.abs(line.minor()) == Math.abs(difference)) suspects.add(line);
        return new Outcome(sum, difference, suspects);
    }
}
