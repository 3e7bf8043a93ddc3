package ofisino.core.parts.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.sourcing.SamePart;

/**
 * Something on the shelf, beside what is wanted and what lies there besides.
 *
 * @param sold it waits to be collected
 */
public record Thing(UUID id, SamePart part, AmountUnit unit, Condition condition, Fate fate, boolean sold) {
    /** A job that wants such a part may take it. */
    public boolean serves(SamePart wanted, AmountUnit in) {
        return !sold && unit == in && condition.mayServe() && part.isAs(wanted);
    }

    /** Several of one: which is the best, and the others. */
    public record Several(Thing best, List<Thing> others) {}

    /**
     * Of what lies there more than once the best, where somebody has looked and it is better than the next; empty where nobody has to decide.
     * What nobody has looked at is never the best, and is looked at first.
     */
    public static List<Several> several(List<Thing> all) {
        List<Several> found = new ArrayList<>();
        List<Thing> left = new ArrayList<>(all.stream().filter(t -> !t.sold).toList());
        while (!left.isEmpty()) {
            Thing first = left.get(0);
            List<Thing> same =
                    left.stream().filter(t -> t.part.isAs(first.part)).toList();
            left.removeAll(same);
            best(same).ifPresent(found::add);
        }
        return found;
    }

    private static Optional<Several> best(List<Thing> same) {
        List<Thing> inOrder =
                same.stream().sorted(Comparator.comparing(Thing::condition)).toList();
        if (inOrder.size() < 2) return Optional.empty();
        Thing best = inOrder.get(0);
        List<Thing> others = inOrder.subList(1, inOrder.size());
        boolean isDecided = others.stream().noneMatch(t -> t.fate == Fate.UNDECIDED);
        boolean isBest = others.stream()
                .allMatch(t -> t.condition == Condition.UNKNOWN || best.condition.isBetterThan(t.condition));
        return isDecided || !isBest || best.condition == Condition.UNKNOWN
                ? Optional.empty()
                : Optional.of(new Several(best, others));
    }
}
