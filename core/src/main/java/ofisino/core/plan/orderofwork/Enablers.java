package ofisino.core.plan.orderofwork;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;

/**
 * Small jobs that open the way to a test which tells what the rest will be: planning before that test is planning in the dark.
 * Common practice, no source: ranked by what hangs on the tests, for each hour of all that still stands before them. A test on which nothing
 * hangs comes last.
 */
public final class Enablers {
    private Enablers() {}

    /** @param waits jobs before it that are not over */
    public record Step<J>(J id, Operation operation, Set<Detail> details, int leftMinutes, boolean over) {}

    /**
     * @param first    what to do first: nothing stands before it
     * @param test     what it leads to
     * @param minutes  all that is left up to the test, the test left out
     * @param tells    jobs that come after the test
     */
    public record Enabler<J>(J first, J test, int minutes, int tells) {
        double worth() {
            return (double) tells / Math.max(15, minutes);
        }
    }

    /** The best first; a test that can be done at once needs no enabler. */
    public static <J> List<Enabler<J>> of(Collection<Step<J>> steps, Collection<Precedence.Link<J>> links) {
        Map<J, Step<J>> open = new HashMap<>();
        for (Step<J> s : steps) if (!s.over()) open.put(s.id(), s);
        Map<J, Set<J>> before = new HashMap<>();
        Map<J, Set<J>> after = new HashMap<>();
        for (Precedence.Link<J> l : links)
            if (open.containsKey(l.before()) && open.containsKey(l.after())) {
                before.computeIfAbsent(l.after(), k -> new HashSet<>()).add(l.before());
                after.computeIfAbsent(l.before(), k -> new HashSet<>()).add(l.after());
            }
        return open.values().stream()
                .filter(Enablers::reveals)
                .filter(test -> before.containsKey(test.id()))
                .map(test -> enabler(test, open, before, after))
                .sorted(Comparator.comparingDouble((Enabler<J> e) -> -e.worth())
                        .thenComparing(e -> e.test().toString()))
                .toList();
    }

    private static boolean reveals(Step<?> step) {
        return step.operation() == Operation.TEST
                || step.operation() == Operation.INSPECT
                || step.details().contains(Detail.MEASURE);
    }

    private static <J> Enabler<J> enabler(
            Step<J> test, Map<J, Step<J>> open, Map<J, Set<J>> before, Map<J, Set<J>> after) {
        Set<J> upTo = reach(test.id(), before);
        J first = upTo.stream()
                .filter(j -> !before.containsKey(j))
                .min(Comparator.comparingInt((J j) -> open.get(j).leftMinutes()).thenComparing(Object::toString))
                .orElseThrow();
        return new Enabler<>(
                first,
                test.id(),
                upTo.stream().mapToInt(j -> open.get(j).leftMinutes()).sum(),
                reach(test.id(), after).size());
    }

    private static <J> Set<J> reach(J from, Map<J, Set<J>> next) {
        Set<J> found = new HashSet<>();
        var todo = new java.util.ArrayDeque<J>(next.getOrDefault(from, Set.of()));
        while (!todo.isEmpty()) {
            J j = todo.poll();
            if (found.add(j)) todo.addAll(next.getOrDefault(j, Set.of()));
        }
        return found;
    }
}
