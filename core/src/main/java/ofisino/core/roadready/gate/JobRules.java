package ofisino.core.roadready.gate;

import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.roadready.gate.Blocker.Remedy;
import ofisino.core.roadready.gate.Evidence.Work;
import ofisino.core.vehicle.finding.SafetyClass;

/** Work that leaves the vehicle apart, loose, or not looked at again. */
final class JobRules {
    private static final Set<Operation> FASTENS = Set.of(Operation.ASSEMBLE, Operation.REPLACE);

    private JobRules() {}

    /** Of any standard: a car that is apart is apart, whatever it was taken apart for. */
    static Stream<Blocker> inHand(Evidence evidence) {
        return evidence.jobs().stream()
                .filter(j -> j.state().isInHand())
                .map(j -> blocker(Rule.JOB_IN_HAND, gate(j), j));
    }

    static Stream<Blocker> notVerified(Evidence evidence) {
        return evidence.jobs().stream()
                .filter(j -> j.state() == JobState.FINISHED && (isSafety(j) || Aim.ROAD_READY.needs(j.aim())))
                .map(j -> blocker(Rule.JOB_NOT_VERIFIED, isSafety(j) ? gate(j) : Gate.ROAD, j));
    }

    /** By system: what is to be repaired stands on the list already, each of its steps would only hide it. */
    static Stream<Blocker> notDone(Evidence evidence) {
        return evidence.jobs().stream()
                .filter(j -> Aim.ROAD_READY.needs(j.aim())
                        && (j.state() == JobState.PROPOSED || j.state() == JobState.PLANNED))
                .collect(Collectors.groupingBy(
                        j -> j.system().orElse(VehicleSystem.BODY), TreeMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(e -> new Blocker(
                        Rule.JOBS_NOT_DONE,
                        Gate.ROAD,
                        SafetyClass.B,
                        e.getKey(),
                        new Remedy(
                                Remedy.Kind.JOB,
                                e.getValue().size() == 1
                                        ? e.getValue().get(0).id().toString()
                                        : ""),
                        e.getValue().get(0).title(),
                        e.getValue().size()));
    }

    /** What was fastened on a safety system has a figure, a source and a name; by feel counts as loose. */
    static Stream<Blocker> torqueMissing(Evidence evidence) {
        return evidence.jobs().stream()
                .filter(j ->
                        j.state().isDone() && (j.fastens() || wantsTorque(j.system(), j.operation())) && !j.tightened())
                .map(j -> blocker(Rule.TORQUE_MISSING, Gate.FIRST_MOVE, j));
    }

    /** Whether a job fastens something that must hold: then its torque is recorded before it counts as verified. */
    static boolean wantsTorque(Optional<VehicleSystem> system, Operation operation) {
        return FASTENS.contains(operation)
                && system.filter(JobRules::isFastenedForSafety).isPresent();
    }

    private static boolean isFastenedForSafety(VehicleSystem system) {
        return switch (system) {
            case BRAKES, STEERING_AND_SUSPENSION, WHEELS_AND_TYRES, RESTRAINT -> true;
            default -> false;
        };
    }

    static Stream<Blocker> notTight(Evidence evidence) {
        return evidence.fasteners().stream()
                .filter(f -> !f.proved())
                .map(f -> new Blocker(
                        Rule.FASTENER_NOT_TIGHT,
                        Gate.FIRST_MOVE,
                        SafetyClass.A,
                        f.system(),
                        new Remedy(Remedy.Kind.FASTENER, f.id().toString()),
                        f.title(),
                        1));
    }

    static Stream<Blocker> open(Evidence evidence) {
        return evidence.stripDowns().stream()
                .filter(o -> !o.forNow())
                .map(o -> stripDown(Rule.OPENING_OPEN, gate(o.excludes()), o));
    }

    /** Closed with its old filling, to be opened again. */
    static Stream<Blocker> closedForNow(Evidence evidence) {
        return evidence.stripDowns().stream()
                .filter(Evidence.Opened::forNow)
                .map(o -> stripDown(Rule.CLOSED_FOR_NOW, Gate.ROAD, o));
    }

    private static Gate gate(Set<CarState> excludes) {
        if (excludes.contains(CarState.ROLLING)) return Gate.PUSHED;
        if (excludes.contains(CarState.RUNNING) || excludes.contains(CarState.POWERED)) return Gate.FIRST_START;
        return excludes.contains(CarState.BRAKED) || excludes.contains(CarState.SEATED)
                ? Gate.FIRST_MOVE
                : Gate.ROAD_TEST;
    }

    private static Blocker stripDown(Rule rule, Gate gate, Evidence.Opened o) {
        return new Blocker(
                rule,
                gate,
                SafetyClass.B,
                VehicleSystem.STRUCTURE,
                new Remedy(Remedy.Kind.STRIP_DOWN, o.id().toString()),
                o.title(),
                1);
    }

    static Stream<Blocker> partMissing(Evidence evidence) {
        return evidence.missing().stream()
                .filter(s -> isFastenedForSafety(s.system()) || s.system() == VehicleSystem.FUEL)
                .map(s -> new Blocker(
                        Rule.SAFETY_PART_MISSING,
                        Gate.shutBy(SafetyClass.A, s.system()),
                        SafetyClass.A,
                        s.system(),
                        new Remedy(Remedy.Kind.PART, s.id().toString()),
                        s.title(),
                        1));
    }

    private static boolean isSafety(Work j) {
        return j.system().map(JobRules::isGrave).orElse(true);
    }

    private static boolean isGrave(VehicleSystem system) {
        return isFastenedForSafety(system) || system == VehicleSystem.FUEL || system == VehicleSystem.STRUCTURE;
    }

    private static Gate gate(Work j) {
        return j.system().map(Gate::shutByWorkIn).orElse(Gate.FIRST_MOVE);
    }

    private static Blocker blocker(Rule rule, Gate gate, Work j) {
        return new Blocker(
                rule,
                gate,
                isSafety(j) ? SafetyClass.A : SafetyClass.B,
                j.system().orElse(VehicleSystem.STRUCTURE),
                new Remedy(Remedy.Kind.JOB, j.id().toString()),
                j.title(),
                1);
    }
}
