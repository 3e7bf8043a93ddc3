package ofisino.core.roadready.gate;

import java.util.List;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.outstanding.OutstandingItem;
import ofisino.core.roadready.gate.Blocker.Remedy;
import ofisino.core.roadready.gate.Evidence.Outstanding;
import ofisino.core.vehicle.finding.SafetyClass;

/** What is not the vehicle's own, not there, or mended for the time being. */
final class OutstandingRules {
    private OutstandingRules() {}

    static Stream<Blocker> due(Evidence evidence) {
        List<Outstanding> due = evidence.outstanding().stream()
                .filter(o -> o.kind() == OutstandingItem.OutstandingKind.FOR_NOW && o.due())
                .toList();
        return due.isEmpty()
                ? Stream.empty()
                : Stream.of(new Blocker(
                        Rule.OUTSTANDING_DUE,
                        Gate.TRIP,
                        SafetyClass.B,
                        VehicleSystem.BODY,
                        new Remedy(Remedy.Kind.OUTSTANDING, ""),
                        "",
                        due.size()));
    }

    /** Nothing goes on the road with what belongs to somebody else or to another vehicle. */
    static Stream<Blocker> onLoan(Evidence evidence) {
        return of(evidence, OutstandingItem.OutstandingKind.LOAN).map(o -> blocker(Rule.ON_LOAN, Gate.ROAD, o));
    }

    /** Left off by choice: trim is told to a buyer; all else counts like work left apart there. */
    static Stream<Blocker> leftOff(Evidence evidence) {
        return of(evidence, OutstandingItem.OutstandingKind.LEFT_OFF).map(o -> blocker(Rule.LEFT_OFF, leftOff(o), o));
    }

    /** What another vehicle has is missing here: before the road at the latest, and before whatever cannot do without it. */
    static Stream<Blocker> lentOut(Evidence evidence) {
        return of(evidence, OutstandingItem.OutstandingKind.LENT).map(o -> {
            Gate gate = leftOff(o);
            return blocker(Rule.LENT_OUT, gate == Gate.SALE ? Gate.ROAD : gate, o);
        });
    }

    private static Gate leftOff(Outstanding o) {
        if (o.system().filter(s -> s == VehicleSystem.TRIM).isPresent()) return Gate.SALE;
        return o.system().map(Gate::shutByWorkIn).orElse(Gate.FIRST_MOVE);
    }

    private static Stream<Outstanding> of(Evidence evidence, OutstandingItem.OutstandingKind kind) {
        return evidence.outstanding().stream().filter(o -> o.kind() == kind);
    }

    private static Blocker blocker(Rule rule, Gate gate, Outstanding o) {
        return new Blocker(
                rule,
                gate,
                SafetyClass.B,
                o.system().orElse(VehicleSystem.BODY),
                new Remedy(Remedy.Kind.OUTSTANDING, o.id().toString()),
                o.title(),
                1);
    }
}
