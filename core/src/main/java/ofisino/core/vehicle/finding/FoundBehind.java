package ofisino.core.vehicle.finding;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToLongFunction;
import ofisino.core.kernel.Conflict;

/** Findings that came to light behind others. */
public final class FoundBehind {
    private FoundBehind() {}

    /**
     * @param behind what each finding was found behind, where it was
     * @throws Conflict when {@code finding} would be found behind itself
     */
    public static <I> void check(I finding, I other, Map<I, I> behind) {
        Set<I> seen = new HashSet<>();
        for (I at = other; at != null && seen.add(at); at = behind.get(at))
            if (at.equals(finding))
                throw Conflict.of(
                        "finding.behind-itself",
                        "That one was itself found behind this one.",
                        "Choose the finding that was seen first.");
    }

    /**
     * How much came to light after opening, as a share of what was seen at first: 0.3 for three hours behind ten. The next estimate may
     * count on as much again. 0 when nothing was seen at first.
     */
    public static <F> double share(Iterable<F> findings, Predicate<F> wasBehind, ToLongFunction<F> minutes) {
        long first = 0;
        long later = 0;
        for (F finding : findings)
            if (wasBehind.test(finding)) later += minutes.applyAsLong(finding);
            else first += minutes.applyAsLong(finding);
        return first == 0 ? 0 : (double) later / first;
    }
}
