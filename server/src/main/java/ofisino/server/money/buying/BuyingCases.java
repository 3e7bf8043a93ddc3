package ofisino.server.money.buying;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Effort;
import ofisino.core.money.buying.BuyingCase;
import ofisino.core.money.buying.BuyingCase.Hidden;
import ofisino.core.money.buying.BuyingCase.Repair;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Unseen;
import ofisino.core.vehicle.estimate.Estimates;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.money.buying.BuyingMapper.BuyingRow;
import ofisino.server.vehicle.FindingEstimates;
import ofisino.server.vehicle.FindingEstimates.FindingEstimate;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Inspection;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** Puts findings, what is unseen and the buyer's figures together into what a bid rests on. */
@Component
record BuyingCases(
        Projects projects, Findings findings, FindingEstimates estimates, Inspection inspection, Estimates usual) {
    /** Any number will do, as long as it stays: the same vehicle gives the same ceiling. */
    private static final long SEED = 1969;

    BuyingCase of(Caller caller, UUID projectId, BuyingRow inputs, long finishedValue, long workshopHour) {
        Body body = projects.bodyOf(projects.require(caller, projectId));
        Map<UUID, Finding> open = findings.of(caller, projectId).stream()
                .filter(f -> !f.state().isOver())
                .collect(Collectors.toMap(Finding::id, Function.identity()));
        List<Repair> repairs = estimates.of(caller, projectId).stream()
                .filter(e -> open.containsKey(e.findingId()))
                .map(e -> repair(e, inputs.ownHourMinor()))
                .toList();
        List<Hidden> hidden = inspection.unseenForABid(caller, projectId).byPlace().entrySet().stream()
                .flatMap(
                        e -> body
                                .zone(e.getKey())
                                .map(zone -> hidden(zone, e.getValue(), inputs.ownHourMinor(), workshopHour))
                                .stream())
                .filter(h -> h.damage().probability() > 0)
                .toList();
        return new BuyingCase(
                finishedValue,
                inputs.factor(),
                repairs,
                hidden,
                inputs.allowanceMinor(),
                inputs.costs(),
                inputs.marginMinor(),
                SEED);
    }

    private static Repair repair(FindingEstimate e, long ownHour) {
        return new Repair(
                e.findingId().toString(),
                cost(e.effort(), e.cost().orElse(CostRange.NOTHING), ownHour),
                e.payer().isPresent());
    }

    private Hidden hidden(Zone zone, Unseen.Share unseen, long ownHour, long workshopHour) {
        Estimates.Hidden usually = usual.hidden(zone.system());
        double chance = usually.chanceAt(zone, unseen.share());
        return new Hidden(
                zone.id(),
                new Chance(
                        chance,
                        cost(
                                usually.damage().effort(),
                                usually.damage().material().costs(workshopHour),
                                ownHour)),
                Math.round(usually.lookingHours() * ownHour));
    }

    private static ThreePoint cost(Effort effort, CostRange cost, long ownHour) {
        return new ThreePoint(
                cost.optimisticMinor() + own(effort.optimisticMinutes(), ownHour),
                cost.likelyMinor() + own(effort.likelyMinutes(), ownHour),
                cost.pessimisticMinor() + own(effort.pessimisticMinutes(), ownHour));
    }

    private static double own(int minutes, long ownHour) {
        return minutes / 60.0 * ownHour;
    }
}
