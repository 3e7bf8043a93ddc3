package ofisino.core.plan.job;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How far the work of a project is, and what can be taken up now.
 *
 * @param far          all of it
 * @param ready        jobs that wait for no other job, for no part and for no gate, and are one's own
 * @param waitForParts jobs that lack a part
 */
public record Progress(HowFar far, int ready, int waitForParts) {
    /** @param after jobs that come before it @param partsHere all that it needs is here, looked at and right @param gated the list for the road is asked first */
    public record Item<I>(I id, HowFar.Work work, Set<I> after, boolean partsHere, boolean gated) {
        JobState state() {
            return work.state();
        }
    }

    /** What stands of each, taken together. */
    public static <I> Progress of(Collection<Item<I>> items) {
        Map<I, Set<I>> waits = waits(items);
        int ready = 0;
        int lacking = 0;
        for (Item<I> item : items) {
            if (item.state().isOver()) continue;
            if (!item.partsHere()) lacking++;
            else if (waits.get(item.id()).isEmpty()
                    && !item.gated()
                    && !item.work().byOthers()) ready++;
        }
        return new Progress(HowFar.of(items.stream().map(Item::work).toList()), ready, lacking);
    }

    /** For each job the jobs before it that are not over; a job that is over waits for none. */
    public static <I> Map<I, Set<I>> waits(Collection<Item<I>> items) {
        Map<I, JobState> states = new HashMap<>();
        for (Item<I> item : items) states.put(item.id(), item.state());
        Map<I, Set<I>> waits = new LinkedHashMap<>();
        for (Item<I> item : items)
            waits.put(
                    item.id(),
                    item.state().isOver()
                            ? Set.of()
                            : item.after().stream()
                                    .filter(before -> !states.getOrDefault(before, JobState.DROPPED)
                                            .isOver())
                                    .collect(Collectors.toSet()));
        return waits;
    }
}
