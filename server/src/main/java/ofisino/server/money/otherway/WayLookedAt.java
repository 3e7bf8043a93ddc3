package ofisino.server.money.otherway;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.server.money.Forecasts.OtherCost;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.RoadDates.Runs;

/** One way, planned, reckoned and run through as far as that is. @param leftOut jobs that are not done */
record WayLookedAt(Planned plan, boolean isPlanned, Optional<Runs> runs, OtherCost cost, Set<UUID> leftOut) {}
