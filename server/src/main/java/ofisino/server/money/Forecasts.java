package ofisino.server.money;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.money.forecast.Forecast;
import ofisino.core.money.forecast.ForecastPart;
import ofisino.core.money.forecast.RunningCost;
import ofisino.core.money.forecast.Span;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.TotalDraws;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Plans.Planned;

/** The door to what a project will have cost in the end. */
public interface Forecasts {
    FinalCost of(Caller caller, UUID projectId);

    /** The same car done another way, drawn with the same luck. @param planned its plan @param runs that plan run through, where it is */
    OtherCost otherwise(Caller caller, UUID projectId, Otherwise way, Planned planned, Optional<Dates> runs);

    /**
     * @param leftOut  jobs that are not done
     * @param standard findings that nobody made work of count only where it asks for them; empty for that of the project
     * @param prices   of needs that are bought otherwise than thought, by their id, minor units of the base currency
     * @param more     what is paid besides
     */
    record Otherwise(Set<UUID> leftOut, Optional<Aim> standard, Map<UUID, Long> prices, List<ForecastPart> more) {
        public static final Otherwise AS_PLANNED = new Otherwise(Set.of(), Optional.empty(), Map.of(), List.of());

        public Otherwise {
            leftOut = Set.copyOf(leftOut);
            prices = Map.copyOf(prices);
            more = List.copyOf(more);
        }
    }

    /** */
    record OtherCost(Forecast forecast, TotalDraws draws) {}

    /** What runs with the calendar: storage, insurance, hire. */
    List<RunningCost> running(Caller caller, UUID projectId);

    /**
     * @param total       in one of ten draws it costs no more; on average; in nine of ten no more. Minor units of the base currency
     * @param unestimated findings of which nobody can say what they cost: the total is so much too low
     */
    record FinalCost(Span total, int unestimated) {}
}
