package ofisino.core.plan.job;

import java.util.Set;
import ofisino.core.plan.job.Progress.Item;

/** Where work stands for whoever looks for something to do. In this order: a piece of work stands where the first of its jobs does. */
public enum Standing {
    IN_HAND,
    /** It waits for no other job, for no part and for no gate. */
    READY,
    WAITS_FOR_PARTS,
    WAITS,
    /** Somebody else does it. */
    BY_OTHERS,
    OVER;

    /** @param waits the jobs before it that are not over */
    public static <I> Standing of(Item<I> item, Set<I> waits) {
        if (item.state().isOver()) return OVER;
        if (item.work().byOthers()) return BY_OTHERS;
        if (item.state().isInHand()) return IN_HAND;
        if (!waits.isEmpty()) return WAITS;
        if (!item.partsHere()) return WAITS_FOR_PARTS;
        return item.gated() ? WAITS : READY;
    }
}
