package ofisino.server.money;

import java.util.UUID;
import ofisino.core.money.forecast.Span;
import ofisino.server.identity.Caller;

/** The door to what a project will have cost in the end. */
public interface Forecasts {
    /** In one of ten draws it costs no more; on average; in nine of ten no more. Minor units of the base currency. */
    Span total(Caller caller, UUID projectId);

    /** Findings of which nobody can say what they cost: the total is so much too low. */
    int unestimated(Caller caller, UUID projectId);

    /** What runs with the calendar costs each month today: storage, insurance, hire. */
    long runningPerMonthMinor(Caller caller, UUID projectId);
}
