package ofisino.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Moved;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.Finding.Sayings;
import ofisino.core.vehicle.finding.FindingEvent;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.Observation;
import ofisino.core.vehicle.finding.Proposal;
import ofisino.core.vehicle.finding.ProposalRules;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.SafetyRules;
import org.junit.jupiter.api.Test;

/** A finding from the walk round until it is closed: what makes it graver, who may make it milder, and what closes it. */
class FindingTest {
    private static final Body ESTATE = Bodies.load().of(BodyStyle.ESTATE);
    private static final LocalDate DAY = LocalDate.of(2026, 3, 7);
    private static final UUID INES = UUID.randomUUID();

    @Test
    void aLeakingWheelCylinderIsNeverPutBelowB() {
        assertThatThrownBy(() -> found("rear-brakes", FindingKind.LEAK, say(SafetyClass.D, "only a weep")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("never less than class B");
        Finding weeping = found("rear-brakes", FindingKind.LEAK, say(SafetyClass.B, "only a weep, fluid stays up"));
        assertThat(weeping.safety().demanded()).isEqualTo(SafetyClass.A);
        assertThat(weeping.safety().value()).isEqualTo(SafetyClass.B);
        assertThat(weeping.safety().lowering()).hasValueSatisfying(l -> {
            assertThat(l.by()).isEqualTo(INES);
            assertThat(l.reason()).isEqualTo("only a weep, fluid stays up");
        });
    }

    @Test
    void aClassIsLoweredOnlyWithAReason() {
        assertThatThrownBy(() -> found("exhaust", FindingKind.RUST_THROUGH, say(SafetyClass.C, " ")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Say why C is enough");
        assertThatThrownBy(() -> found("bonnet", FindingKind.DENT, say(SafetyClass.B, null))
                        .restate(
                                observed("bonnet", FindingKind.DENT),
                                say(SafetyClass.D, null),
                                proposal("bonnet", FindingKind.DENT)))
                .as("what a person once said is lowered with a reason too")
                .hasMessageContaining("Say why D is enough");
        assertThat(found("bonnet", FindingKind.DENT, say(SafetyClass.B, null))
                        .safety()
                        .lowering())
                .as("graver needs no reason")
                .isEmpty();
    }

    /** A person said C with a reason, then the rust was graded: what was not known then counts. */
    @Test
    void whatIsLearnedLaterVoidsALowering() {
        Finding milder = found("exhaust", FindingKind.RUST_THROUGH, say(SafetyClass.C, "a pinhole"));
        Moved<Finding, FindingEvent> raised = milder.raise(SafetyClass.A);
        assertThat(raised.now().safety().value()).isEqualTo(SafetyClass.A);
        assertThat(raised.now().safety().lowering()).isEmpty();
        assertThat(raised.events()).containsExactly(new FindingEvent.Raised(SafetyClass.C, SafetyClass.A));
        assertThat(milder.raise(SafetyClass.B).now())
                .as("that was known when it was lowered")
                .isEqualTo(milder);
    }

    /** What a person said of severity and aim is still said after the class was raised by something else. */
    @Test
    void aRaiseKeepsWhatAPersonSaid() {
        Finding said = found("bonnet", FindingKind.DENT, new Sayings(4, null, null, HowSeen.OPENED, null, INES));
        Finding raised = said.raise(SafetyClass.B).now();
        assertThat(raised.severity()).isEqualTo(said.severity());
        assertThat(raised.severity().isProposed()).isFalse();
        assertThat(raised.aim().isProposed()).isTrue();
        assertThat(raised.safety().held().isProposed()).isTrue();
    }

    @Test
    void anotherZoneOrKindMakesItMilderOnlyWithAReason() {
        Finding leak = found("brake-pipes", FindingKind.LEAK, nothing());
        Finding moved = leak.restate(
                        observed("bonnet", FindingKind.DENT), nothing(), proposal("bonnet", FindingKind.DENT))
                .now();
        assertThat(moved.safety().value()).isEqualTo(SafetyClass.A);
        assertThat(moved.restate(
                                observed("bonnet", FindingKind.DENT),
                                say(SafetyClass.D, "pressed the wrong place"),
                                proposal("bonnet", FindingKind.DENT))
                        .events())
                .containsExactly(new FindingEvent.Lowered(SafetyClass.A, SafetyClass.D));
    }

    @Test
    void whatWasAcceptedIsOpenAgainWhenItTurnsOutToBeGrave() {
        Finding accepted = found("door-left", FindingKind.RUST_THROUGH, nothing())
                .decide(Decision.ACCEPT, "it is the patina")
                .now();
        assertThat(accepted.state()).isEqualTo(FindingState.CLOSED);
        Finding again = accepted.raise(SafetyClass.A).now();
        assertThat(again.state()).isEqualTo(FindingState.OPEN);
        assertThat(again.decided()).isEmpty();
    }

    @Test
    void aDuplicateNeedsOneThatStays() {
        Finding stripDowns = found("sill-left", FindingKind.RUST_THROUGH, nothing());
        Finding same = found("sill-left", FindingKind.CRACK, nothing());
        assertThat(same.withdraw("the same hole", Optional.of(stripDowns))
                        .now()
                        .origin()
                        .duplicateOf())
                .contains(stripDowns.id());
        Finding gone = stripDowns.withdraw("a mistake", Optional.empty()).now();
        assertThatThrownBy(() -> same.withdraw("the same hole", Optional.of(gone)))
                .isInstanceOf(Conflict.class);
    }

    /** One step that a person or a job may try. @param look it is a look after its jobs */
    private record Step(String name, boolean look, Function<Finding, Moved<Finding, FindingEvent>> move) {
        Moved<Finding, FindingEvent> tried(Finding f) {
            try {
                return move.apply(f);
            } catch (Conflict | InvalidValue refused) {
                return Moved.to(f);
            }
        }

        @Override
        public String toString() {
            return name;
        }
    }

    @Provide
    Arbitrary<List<Step>> steps() {
        Arbitrary<String> zone =
                Arbitraries.of("sill-left", "brake-pipes", "bonnet", "belts", "fuel-tank", "door-left");
        Arbitrary<SafetyClass> safety = Arbitraries.of(SafetyClass.class);
        return Arbitraries.oneOf(
                        Arbitraries.of(Decision.class).map(d -> new Step("" + d, false, f -> f.decide(d, "because"))),
                        Arbitraries.of(FindingState.IN_WORK, FindingState.AWAITING_RECHECK)
                                .map(to -> new Step("" + to, false, f -> Moved.to(f.moveTo(to)))),
                        Arbitraries.of(true, false).map(good -> new Step("look", true, f -> f.recheck(good, "looked"))),
                        safety.map(to -> new Step("raise to " + to, false, f -> f.raise(to))),
                        Arbitraries.just(new Step("withdraw", false, f -> f.withdraw("a slip", Optional.empty()))),
                        Arbitraries.just(new Step("reopen", false, Finding::reopen)),
                        Combinators.combine(
                                        zone,
                                        Arbitraries.of(FindingKind.class),
                                        safety.injectNull(0.4),
                                        Arbitraries.of("", "looked at it twice"))
                                .as((at, kind, said, reason) -> new Step(
                                        "restate " + at + " " + kind + " " + said,
                                        false,
                                        f -> f.restate(observed(at, kind), say(said, reason), proposal(at, kind)))))
                .list()
                .ofSize(30);
    }

    /**
     * Whatever is done, in whatever order: a finding of class A or B stops standing in the way only by a look after its jobs, by being
     * withdrawn, or by being lowered with a reason; never below its floor; and accepted it never is.
     */
    @Property(seed = Seeds.OF_THE_DAY)
    void noDangerVanishes(@ForAll("steps") List<Step> steps) {
        Finding now = found("sill-left", FindingKind.SURFACE_RUST, nothing());
        for (Step step : steps) {
            Moved<Finding, FindingEvent> moved = step.tried(now);
            Finding next = moved.now();
            if (stands(now) && !stands(next))
                assertThat(moved.events())
                        .as("%s on %s", step, now)
                        .anyMatch(e -> e instanceof FindingEvent.Closed && step.look()
                                || e instanceof FindingEvent.Withdrawn
                                        && !next.closingNote().isBlank()
                                || e instanceof FindingEvent.Lowered
                                        && next.safety().lowering().isPresent());
            SafetyClass held = next.safety().value();
            SafetyRules.floor(next.seen().kind(), next.seen().system())
                    .ifPresent(floor -> assertThat(held).isLessThanOrEqualTo(floor));
            if (next.safety().lowering().isEmpty())
                assertThat(held).isLessThanOrEqualTo(next.safety().demanded());
            if (held.standsInTheWay())
                assertThat(next.decided().map(Finding.Decided::decision))
                        .isNotIn(Optional.of(Decision.ACCEPT), Optional.of(Decision.REUSE));
            now = next;
        }
    }

    private static boolean stands(Finding f) {
        return f.safety().value().standsInTheWay() && !f.state().isOver();
    }

    private static Finding found(String zone, FindingKind kind, Sayings said) {
        return Finding.found(UUID.randomUUID(), PROJECT, observed(zone, kind), said, proposal(zone, kind));
    }

    private static final UUID PROJECT = UUID.randomUUID();

    private static Observation observed(String zone, FindingKind kind) {
        Zone z = ESTATE.require(zone);
        return new Observation(
                z.id(), z.system(), Optional.empty(), kind, false, "", DAY, Optional.empty(), Optional.empty());
    }

    private static Proposal proposal(String zone, FindingKind kind) {
        return ProposalRules.propose(ESTATE.require(zone), kind, Map.of(), Optional.empty());
    }

    private static Sayings nothing() {
        return say(null, null);
    }

    private static Sayings say(SafetyClass safety, String reason) {
        return new Sayings(null, safety, reason, null, null, INES);
    }
}
