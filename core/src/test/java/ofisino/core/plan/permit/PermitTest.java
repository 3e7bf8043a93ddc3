package ofisino.core.plan.permit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.permit.Obstacle.ObstacleKind;
import ofisino.core.vehicle.finding.SafetyClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** May it begin, end, count as verified: one decision for every access. Common practice, no source. */
class PermitTest {
    private static final JobNature TRIM = new JobNature(Operation.REPLACE, Optional.of(VehicleSystem.TRIM), Set.of());

    private enum Fact {
        GATE(f -> f.gateShut("ROAD_TEST", "The brakes are open.")),
        RULE(f -> f.ruleBroken("j", "Sealer burns.", "Do it first.")),
        JOB_BEFORE(f -> f.jobBefore("k", "Clean")),
        AWAY(f -> f.pieceAway("s", "Bumper")),
        SPARED(f -> f.spared("New seal", "after the trip")),
        PART(f -> f.partLacking("n", "Hose")),
        STRIP_DOWN(f -> f.notOpened("o", "On stands")),
        INTERLOCK(f -> f.interlock(Interlock.SUPPORTED, false, false)),
        TORQUE(Facts::torqueIsMissing),
        SECOND_LOOK(f -> {
            f.repairs(List.of(SafetyClass.A), TRIM);
            f.isBySameHands();
        });

        private final Consumer<Facts> plant;

        Fact(Consumer<Facts> plant) {
            this.plant = plant;
        }
    }

    /** Which fact stands in the way of which move. */
    @ParameterizedTest
    @CsvSource({
        "GATE, true, true, true",
        "RULE, true, true, true",
        "JOB_BEFORE, true, true, true",
        "AWAY, true, true, true",
        "SPARED, true, false, false",
        "PART, true, true, true",
        "STRIP_DOWN, true, false, false",
        "INTERLOCK, true, true, true",
        "TORQUE, false, false, true",
        "SECOND_LOOK, false, false, true"
    })
    void eachFactStandsInItsWay(Fact fact, boolean begin, boolean finish, boolean verify) {
        for (Move move : Move.values()) {
            Facts facts = new Facts();
            fact.plant.accept(facts);
            boolean expected = switch (move) {
                case BEGIN -> begin;
                case FINISH -> finish;
                case VERIFY -> verify;
            };
            assertThat(Permit.of(move, facts))
                    .as("%s with %s", move, fact)
                    .extracting(Obstacle::kind)
                    .isEqualTo(expected ? List.of(ObstacleKind.valueOf(fact.name())) : List.of());
        }
    }

    /** Confirmed on another day: that does not let it begin again, but the work of that day may end. */
    @Test
    void aConditionIsConfirmedAnewForEachBeginning() {
        Facts facts = new Facts();
        facts.interlock(Interlock.SUPPORTED, false, true);
        assertThat(Permit.of(Move.BEGIN, facts)).hasSize(1);
        assertThat(Permit.of(Move.FINISH, facts)).isEmpty();
    }

    @Test
    void ofOneJobBeforeItTheRuleIsSaidAndNotTheLinkToo() {
        Facts facts = new Facts();
        facts.jobBefore("j", "Clean");
        facts.jobBefore("k", "Paint");
        facts.ruleBroken("j", "Sealer burns.", "Do it first.");
        assertThat(Permit.of(Move.BEGIN, facts))
                .extracting(Obstacle::kind, Obstacle::id)
                .containsExactly(tuple(ObstacleKind.RULE, "j"), tuple(ObstacleKind.JOB_BEFORE, "k"));
    }

    @Test
    void othersMayVerifyAtOnceAndOneselfLater() {
        Facts other = new Facts();
        other.repairs(List.of(SafetyClass.A), TRIM);
        assertThat(Permit.of(Move.VERIFY, other)).isEmpty();
    }

    /** Of whoever finished it just now; work that nobody knows the place of counts as grave. */
    @ParameterizedTest
    @CsvSource({
        "TRIM, , REPLACE, true",
        "TRIM, C, REPLACE, true",
        "TRIM, A, REPLACE, false",
        "BRAKES, , REPLACE, false",
        "BRAKES, C, REPLACE, true",
        "BRAKES, , TEST, true",
        ", , REPLACE, false",
        ", C, REPLACE, true",
        ", , INSPECT, true"
    })
    void theSameHandsMayVerifyAtOnce(VehicleSystem system, SafetyClass finding, Operation operation, boolean may) {
        Facts facts = new Facts();
        facts.repairs(
                finding == null ? List.of() : List.of(finding),
                new JobNature(operation, Optional.ofNullable(system), Set.of()));
        facts.isBySameHands();
        assertThat(Permit.of(Move.VERIFY, facts).isEmpty()).isEqualTo(may);
    }

    /** More against it never lets it pass, and each obstacle says what to do. */
    @Property(seed = Seeds.OF_THE_DAY)
    void moreAgainstItNeverLetsItPass(@ForAll("facts") List<Fact> few, @ForAll("facts") List<Fact> more) {
        for (Move move : Move.values()) {
            Facts facts = new Facts();
            few.forEach(f -> f.plant.accept(facts));
            List<Obstacle> before = Permit.of(move, facts);
            more.forEach(f -> f.plant.accept(facts));
            assertThat(Permit.of(move, facts))
                    .containsAll(before)
                    .allSatisfy(o -> assertThat(o.saying()).endsWith("."));
        }
    }

    @Provide
    Arbitrary<List<Fact>> facts() {
        return Arbitraries.of(Fact.class).list().ofMaxSize(6);
    }
}
