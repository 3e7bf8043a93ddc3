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
 * @param earnedMinutes by the 50/50 rule on the likely effort: half once begun, all once verified
 * @param scopeMinutes  likely effort of all that is not dropped
 * @param ready         jobs that wait for no other job, for no part and for no gate
 * @param waitForParts  jobs that lack a part
 */
public record Progress(long earnedMinutes, long scopeMinutes, int ready, int waitForParts) {
    /** @param after jobs that come before it; @param partsHere all that it needs is here, looked at and right; @param gated the list for the road is asked first */
    public record Item<I>(
            I id, JobState state, int likelyMinutes, int spentMinutes, Set<I> after, boolean partsHere, boolean gated) {
        /** Of the likely effort. */
        public int leftMinutes() {
            return state.leftOf(likelyMinutes, spentMinutes);
        }
    }

    /** Earned is the share of likely minutes whose jobs are done. */
    public static <I> Progress of(Collection<Item<I>> items) {
        Map<I, Set<I>> waits = waits(items);
        double earned = 0;
        long scope = 0;
        int ready = 0;
        int lacking = 0;
        for (Item<I> item : items) {
            if (item.state() != JobState.DROPPED) scope += item.likelyMinutes();
            earned += item.state().earnedShare() * item.likelyMinutes();
            if (item.state().isOver()) continue;
            if (!item.partsHere()) lacking++;
            else if (waits.get(item.id()).isEmpty() && !item.gated()) ready++;
        }
        return new Progress(Math.round(earned), scope, ready, lacking);
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

    /** In whole percent; 0 while there is no work. */
    public int earnedPercent() {
        return scopeMinutes == 0 ? 0 : (int) Math.round(100.0 * earnedMinutes / scopeMinutes);
    }
}
