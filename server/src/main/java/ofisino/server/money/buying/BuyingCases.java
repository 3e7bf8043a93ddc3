package ofisino.server.money.buying;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.CostRange;
import ofisino.core.money.buying.BuyingCase;
import ofisino.core.money.buying.BuyingCase.Hidden;
import ofisino.core.money.buying.BuyingCase.Repair;
import ofisino.core.vehicle.body.Body;
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
                .flatMap(e -> body
                        .zone(e.getKey())
                        .map(zone -> Hidden.at(zone, e.getValue().share(), usual, inputs.ownHourMinor(), workshopHour))
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
                BuyingCase.cost(e.effort(), e.cost().orElse(CostRange.NOTHING), ownHour),
                e.payer().isPresent());
    }
}
