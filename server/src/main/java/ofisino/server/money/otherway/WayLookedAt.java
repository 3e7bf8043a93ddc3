package ofisino.server.money.otherway;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.server.money.Forecasts.OtherCost;
import ofisino.server.money.otherway.OtherWayController.BareMetalTakes;
import ofisino.server.parts.PartsOtherwise.BoughtSo;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.RoadDates.Runs;

/** One way, planned, reckoned and run through as far as that is. @param leftOut jobs that are not done @param bought parts of another kind than planned */
record WayLookedAt(
        Planned plan,
        Optional<Runs> runs,
        OtherCost cost,
        Set<UUID> leftOut,
        List<BoughtSo> bought,
        Optional<BareMetalTakes> bareMetal) {}
