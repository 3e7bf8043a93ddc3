package ofisino.core.roadready.gate;

import java.util.List;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.debt.Debt;
import ofisino.core.roadready.gate.Blocker.Subject;
import ofisino.core.roadready.gate.Evidence.Owed;
import ofisino.core.vehicle.inspection.SafetyClass;

/** What is not the vehicle's own, not there, or mended for the time being. */
final class OwedRules {
    private OwedRules() {}

    static Stream<Blocker> due(Evidence evidence) {
        List<Owed> due = evidence.owed().stream()
                .filter(o -> o.kind() == Debt.Kind.FOR_NOW && o.due())
                .toList();
        return due.isEmpty()
                ? Stream.empty()
                : Stream.of(new Blocker(
                        Rule.OWED_DUE,
                        Gate.TRIP,
                        SafetyClass.B,
                        VehicleSystem.BODY,
                        new Subject(Subject.Kind.OWED, ""),
                        "",
                        due.size()));
    }

    /** Nothing goes on the road with what belongs to somebody else or to another vehicle. */
    static Stream<Blocker> onLoan(Evidence evidence) {
        return of(evidence, Debt.Kind.LOAN).map(o -> blocker(Rule.ON_LOAN, Gate.ROAD, o));
    }

    /** Left off by choice: trim is told to a buyer; all else counts like work left apart there. */
    static Stream<Blocker> leftOff(Evidence evidence) {
        return of(evidence, Debt.Kind.LEFT_OFF).map(o -> blocker(Rule.LEFT_OFF, leftOff(o), o));
    }

    private static Gate leftOff(Owed o) {
        if (o.system().filter(s -> s == VehicleSystem.TRIM).isPresent()) return Gate.SALE;
        return o.system().map(Gate::shutByWorkIn).orElse(Gate.FIRST_MOVE);
    }

    private static Stream<Owed> of(Evidence evidence, Debt.Kind kind) {
        return evidence.owed().stream().filter(o -> o.kind() == kind);
    }

    private static Blocker blocker(Rule rule, Gate gate, Owed o) {
        return new Blocker(
                rule,
                gate,
                SafetyClass.B,
                o.system().orElse(VehicleSystem.BODY),
                new Subject(Subject.Kind.OWED, o.id().toString()),
                o.title(),
                1);
    }
}
