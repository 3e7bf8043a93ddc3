package ofisino.core.vehicle.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Zone;

/**
 * Proposes severity, safety class, aim and how well it was seen, so that recording takes three presses. A proposal only ever raises what is
 * usual for the kind: it never makes a defect look harmless.
 */
public final class ProposalRules {
    private ProposalRules() {}

    /**
     * @param demands  what else is known to be behind it, each with the class that it asks for: the check that failed, the reading's limit
     * @param lastSeen how the person looked at this zone last, to be proposed again; empty for the first time
     */
    public static Proposal propose(
            Zone zone, FindingKind kind, Map<Proposal.Reason, SafetyClass> demands, Optional<HowSeen> lastSeen) {
        int severity = kind.usualSeverity();
        List<Proposal.Reason> reasons = new ArrayList<>(List.of(Proposal.Reason.USUAL_FOR_THE_KIND));
        for (SafetyRules.Raise raise : SafetyRules.raises(zone, kind)) {
            severity = Math.max(severity, raise.severity());
            reasons.add(raise.reason());
        }
        SafetyClass safety = SafetyRules.classOf(zone, kind);
        for (Map.Entry<Proposal.Reason, SafetyClass> demand : demands.entrySet()) {
            safety = safety.graver(demand.getValue());
            if (demand.getValue() == safety) reasons.add(demand.getKey());
        }
        if (kind == FindingKind.DOUBT) reasons.add(Proposal.Reason.ONLY_A_DOUBT);
        Aim aim = safety.standsInTheWay() && kind.usualAim().compareTo(Aim.ROAD_READY) > 0
                ? Aim.ROAD_READY
                : kind.usualAim();
        return new Proposal(new Severity(severity), safety, lastSeen.orElse(zone.usuallySeen()), aim, reasons);
    }
}
