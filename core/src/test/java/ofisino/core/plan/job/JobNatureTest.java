package ofisino.core.plan.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.VehicleSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a job has to answer for cannot be edited away. Common practice, no source. */
class JobNatureTest {
    private static final JobNature CALIPER =
            new JobNature(Operation.REPLACE, Optional.of(VehicleSystem.BRAKES), Set.of(Detail.BRAKE_TEST));

    @ParameterizedTest
    @EnumSource(JobState.class)
    void onceBegunItStaysWhatItIs(JobState state) {
        JobNature trim = new JobNature(Operation.REPLACE, Optional.of(VehicleSystem.TRIM), Set.of(Detail.BRAKE_TEST));
        JobNature look = new JobNature(Operation.INSPECT, CALIPER.system(), CALIPER.details());
        JobNature untested = new JobNature(Operation.REPLACE, CALIPER.system(), Set.of());
        JobNature more = new JobNature(Operation.REPLACE, CALIPER.system(), Set.of(Detail.BRAKE_TEST, Detail.DRIVE));
        CALIPER.mayBecome(more, state);
        for (JobNature less : Set.of(trim, look, untested))
            if (state == JobState.PROPOSED || state == JobState.PLANNED || state == JobState.DROPPED)
                CALIPER.mayBecome(less, state);
            else
                assertThatThrownBy(() -> CALIPER.mayBecome(less, state))
                        .isInstanceOf(Conflict.class)
                        .hasMessageContaining("has begun");
    }

    @Test
    void twoMadeIntoOneAskForAllThatEitherAskedFor() {
        JobNature look = new JobNature(Operation.INSPECT, Optional.of(VehicleSystem.BODY), Set.of(Detail.ROAD_TEST));
        assertThat(look.joinedWith(CALIPER))
                .isEqualTo(new JobNature(
                        Operation.REPLACE, Optional.empty(), Set.of(Detail.ROAD_TEST, Detail.BRAKE_TEST)));
        assertThat(CALIPER.joinedWith(CALIPER)).isEqualTo(CALIPER);
    }

    /** Sparks and flames on the vehicle; what is made on the bench is none. Common practice, no source. */
    @Test
    void weldingCuttingAndHeatAreHot() {
        for (Operation o : Operation.values())
            assertThat(new JobNature(o, Optional.empty(), Set.of()).isHot())
                    .as(o.name())
                    .isEqualTo(o == Operation.WELD || o == Operation.CUT);
        assertThat(new JobNature(Operation.STRIP, Optional.empty(), Set.of(Detail.HEAT)).isHot())
                .isTrue();
    }

    /** It does not run before it has been run, whatever the finding behind that job asked for; where nothing is to run, nothing changes. */
    @Test
    void whatIsToRunIsRunForThat() {
        for (Detail d : Detail.values()) {
            JobNature test = new JobNature(Operation.TEST, Optional.empty(), Set.of(d));
            boolean runs = d == Detail.RUNS || d == Detail.FIRST_START;
            assertThat(test.neededFor(Aim.ROAD_READY, true)).as(d.name()).isEqualTo(runs ? Aim.RUNNER : Aim.ROAD_READY);
            assertThat(test.neededFor(Aim.ROAD_READY, false)).isEqualTo(Aim.ROAD_READY);
        }
    }
}
