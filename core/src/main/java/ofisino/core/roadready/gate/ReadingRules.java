package ofisino.core.roadready.gate;

import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.roadready.gate.Blocker.Remedy;
import ofisino.core.roadready.gate.Evidence.Read;
import ofisino.core.roadready.gate.Evidence.Unanswered;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.reading.Verdict.Outcome;

/** What was looked at and measured, and what was not. */
final class ReadingRules {
    private ReadingRules() {}

    static Stream<Blocker> unanswered(Evidence evidence) {
        return grouped(
                evidence, Rule.CHECKS_UNANSWERED, u -> !u.onTheRoad(), u -> Gate.shutBy(u.safetyClass(), u.system()));
    }

    /** What only driving tells cannot be asked before it. */
    static Stream<Blocker> ofTheDrive(Evidence evidence) {
        return grouped(
                evidence,
                Rule.CHECKS_OF_THE_DRIVE,
                Unanswered::onTheRoad,
                u -> u.safetyClass() == SafetyClass.A ? Gate.ROAD_TEST : Gate.ROAD);
    }

    /** By gate and system, so that a car of which nothing was looked at has a list that one can read. */
    private static Stream<Blocker> grouped(
            Evidence evidence, Rule rule, Predicate<Unanswered> which, Function<Unanswered, Gate> gate) {
        record Group(Gate gate, SafetyClass gravity, VehicleSystem system) {}
        Map<Group, Long> groups = evidence.unseen().stream()
                .filter(u -> u.safetyClass().standsInTheWay())
                .filter(which)
                .collect(Collectors.groupingBy(
                        u -> new Group(gate.apply(u), u.safetyClass(), u.system()), Collectors.counting()));
        return groups.entrySet().stream()
                .map(e -> new Blocker(
                        rule,
                        e.getKey().gate(),
                        e.getKey().gravity(),
                        e.getKey().system(),
                        new Remedy(Remedy.Kind.CHECKS, e.getKey().system().name()),
                        "",
                        e.getValue().intValue()));
    }

    static Stream<Blocker> outside(Evidence evidence) {
        return grave(evidence, r -> r.judged().filter(Outcome.OUTSIDE::equals).isPresent() && !r.answered())
                .map(r -> blocker(Rule.READING_OUTSIDE, Gate.shutBy(r.safetyClass(), r.system()), r));
    }

    static Stream<Blocker> missing(Evidence evidence) {
        return grave(evidence, r -> r.judged().isEmpty()).map(r -> blocker(Rule.READING_MISSING, later(r), r));
    }

    static Stream<Blocker> notJudged(Evidence evidence) {
        return grave(
                        evidence,
                        r -> r.judged().filter(Outcome.NOT_JUDGED::equals).isPresent())
                .map(r -> blocker(Rule.READING_NOT_JUDGED, later(r), r));
    }

    static Stream<Blocker> tooOld(Evidence evidence) {
        return grave(evidence, r -> r.judged().isPresent() && r.tooOld())
                .map(r -> blocker(Rule.READING_TOO_OLD, later(r), r));
    }

    static Stream<Blocker> secondWanted(Evidence evidence) {
        return grave(evidence, r -> r.judged().isPresent() && r.secondWanted())
                .map(r -> blocker(Rule.SECOND_READER_WANTED, later(r), r));
    }

    private static Stream<Read> grave(Evidence evidence, Predicate<Read> which) {
        return evidence.readings().stream()
                .filter(r -> r.safetyClass().standsInTheWay())
                .filter(which);
    }

    private static Gate later(Read r) {
        return r.onTheRoad() ? Gate.ROAD : Gate.ROAD_TEST;
    }

    private static Blocker blocker(Rule rule, Gate gate, Read r) {
        return new Blocker(
                rule,
                gate,
                r.safetyClass(),
                r.system(),
                new Remedy(Remedy.Kind.READING, r.limitId() + " " + r.place()),
                r.title(),
                1);
    }

    /** A fault code that is still read. */
    static Stream<Blocker> codesLeft(Evidence evidence) {
        return evidence.codes().stream()
                .filter(c -> !c.left().isEmpty())
                .map(c -> codes(
                        Rule.CODES_LEFT,
                        Gate.ROAD_TEST,
                        c,
                        String.join(", ", c.left()),
                        c.left().size()));
    }

    /** No code counts as cured before a drive: some return only then. */
    static Stream<Blocker> codesNotDriven(Evidence evidence) {
        return evidence.codes().stream()
                .filter(c -> c.left().isEmpty() && !c.afterDrive())
                .map(c -> codes(Rule.CODES_NOT_DRIVEN, Gate.ROAD, c, "", 1));
    }

    private static Blocker codes(Rule rule, Gate gate, Evidence.Codes c, String title, int count) {
        return new Blocker(
                rule,
                gate,
                SafetyClass.B,
                VehicleSystem.ELECTRICAL,
                new Remedy(Remedy.Kind.CODES, c.reading().toString()),
                title,
                count);
    }
}
