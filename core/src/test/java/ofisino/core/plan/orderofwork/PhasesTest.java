package ofisino.core.plan.orderofwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import org.junit.jupiter.api.Test;

/** By hand, as the trade sorts its work. Common practice, no source. */
class PhasesTest {
    private final Phases phases = Phases.load();

    @Test
    void workIsSortedAsTheTradeDoes() {
        assertThat(of(Operation.WELD, VehicleSystem.STRUCTURE)).isEqualTo(Phase.STRUCTURE);
        assertThat(of(Operation.PAINT, VehicleSystem.STRUCTURE)).isEqualTo(Phase.BODY_AND_PAINT);
        assertThat(of(Operation.STRIP, VehicleSystem.TRIM)).isEqualTo(Phase.ASSESS_AND_STRIP);
        assertThat(of(Operation.ASSEMBLE, VehicleSystem.TRIM)).isEqualTo(Phase.REFIT);
        assertThat(of(Operation.STRIP, VehicleSystem.BRAKES))
                .as("in one go with its assembly")
                .isEqualTo(Phase.MECHANICAL);
        assertThat(of(Operation.BLEED, VehicleSystem.BRAKES)).isEqualTo(Phase.START_AND_TEST);
        assertThat(of(Operation.TEST, VehicleSystem.ENGINE)).as("to find out").isEqualTo(Phase.ASSESS_AND_STRIP);
        assertThat(of(Operation.TEST, VehicleSystem.BRAKES, Detail.BRAKE_TEST)).isEqualTo(Phase.START_AND_TEST);
        assertThat(of(Operation.TEST, VehicleSystem.ENGINE, Detail.DRIVE)).isEqualTo(Phase.ROAD);
        assertThat(of(Operation.INSPECT, VehicleSystem.PAPERS)).isEqualTo(Phase.ROAD);
    }

    /** By hand: an hour of stripping, four of welding and one of paint are structure; of as much of two the earlier counts. */
    @Test
    void aPieceOfWorkLiesWhereMostOfItIs() {
        assertThat(Phase.ofMost(Map.of(Phase.ASSESS_AND_STRIP, 60, Phase.STRUCTURE, 240, Phase.BODY_AND_PAINT, 60)))
                .contains(Phase.STRUCTURE);
        assertThat(Phase.ofMost(Map.of(Phase.REFIT, 90, Phase.MECHANICAL, 90))).contains(Phase.MECHANICAL);
        assertThat(Phase.ofMost(Map.of())).isEmpty();
    }

    /** Whatever a job is: it has a phase. */
    @Property
    void everyJobHasOne(
            @ForAll Operation operation, @ForAll Set<Detail> details, @ForAll Optional<VehicleSystem> system) {
        Set<Detail> all = details.isEmpty() ? Set.of() : EnumSet.copyOf(details);
        assertThat(phases.of(
                        new Work<>(1, operation, all, Optional.empty(), system, Optional.empty(), false, false, true)))
                .isNotNull();
    }

    private Phase of(Operation operation, VehicleSystem system, Detail... details) {
        return phases.of(new Work<>(
                1,
                operation,
                Set.of(details),
                Optional.empty(),
                Optional.of(system),
                Optional.empty(),
                false,
                false,
                true));
    }
}
