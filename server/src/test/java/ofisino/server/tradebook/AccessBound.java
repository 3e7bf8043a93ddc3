package ofisino.server.tradebook;

import java.util.HashMap;
import java.util.Map;
import ofisino.server.tradebook.Plan.Opened;

/**
 * A bound that no plan is below: each access that some job needs is opened and closed once. What has to be opened twice, because something in between
 * needs it closed, is not taken off, so that the plans are better than they look beside it.
 */
final class AccessBound {
    private long minutes;
    private long once;
    private double worst;

    void add(Plan plan) {
        Map<String, Integer> each = new HashMap<>();
        long its = 0;
        for (Opened o : plan.opened()) {
            its += o.minutes();
            each.put(o.access(), o.minutes());
        }
        long fewest = each.values().stream().mapToInt(Integer::intValue).sum();
        minutes += its;
        once += fewest;
        if (fewest > 0) worst = Math.max(worst, (double) its / fewest);
    }

    /** Of all plans together. */
    double ratio() {
        return once == 0 ? 1 : (double) minutes / once;
    }

    @Override
    public String toString() {
        return "Hours of access: %.3f times the fewest, the worst car %.2f times".formatted(ratio(), worst);
    }
}
