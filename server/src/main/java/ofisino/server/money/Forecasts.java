package ofisino.server.money;

import java.util.List;
import java.util.UUID;
import ofisino.core.money.forecast.RunningCost;
import ofisino.core.money.forecast.Span;
import ofisino.server.identity.Caller;

/** The door to what a project will have cost in the end. */
public interface Forecasts {
    FinalCost of(Caller caller, UUID projectId);

    /** What runs with the calendar: storage, insurance, hire. */
    List<RunningCost> running(Caller caller, UUID projectId);

    /**
     * @param total       in one of ten draws it costs no more; on average; in nine of ten no more. Minor units of the base currency
     * @param unestimated findings of which nobody can say what they cost: the total is so much too low
     */
    record FinalCost(Span total, int unestimated) {}
}
