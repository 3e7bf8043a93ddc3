package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.Job;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Ladder;
import ofisino.core.plan.recipe.Ladder.Tried;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Rung;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;

/** What will not come loose: mild before hot, hot only without fuel. Common practice, no source. */
class LadderTest {
    private static final Ladder LADDER = ThingRecipes.RECIPES.ladder();

    @Test
    void itIsClimbedFromTheMildestToTheTop() {
        List<Tried> tried = new ArrayList<>();
        for (Rung rung : LADDER.rungs()) {
            assertThat(LADDER.next(tried, false)).contains(rung);
            assertThat(LADDER.climb(rung.id(), job(JobState.BEGUN), tried, false))
                    .isEqualTo(rung);
            tried.add(new Tried(rung, job(JobState.FINISHED)));
        }
        assertThat(LADDER.next(tried, false)).isEmpty();
    }

    @Test
    void whatIsSoakedIsNotSoakedAgain() {
        assertThat(LADDER.next(List.of(), true)).map(Rung::id).contains("stuck-shock");
        var struck = new Tried(LADDER.rungs().get(1), job(JobState.FINISHED));
        assertThat(LADDER.next(List.of(struck), true)).map(Rung::id).contains("stuck-heat");
        assertThat(Ladder.soaks(Operation.CLEAN, dry(24 * 60))).isTrue();
        assertThat(Ladder.soaks(Operation.CLEAN, dry(24 * 60 - 1))).isFalse();
        assertThat(Ladder.soaks(Operation.PAINT, dry(24 * 60))).isFalse();
    }

    @Test
    void noRungIsLeftOut() {
        var soaking = new Tried(LADDER.rungs().get(0), job(JobState.BEGUN));
        assertThatThrownBy(() -> LADDER.climb("stuck-heat", job(JobState.BEGUN), List.of(), false))
                .hasMessageContaining("not what comes next");
        assertThatThrownBy(() -> LADDER.climb("stuck-shock", job(JobState.BEGUN), List.of(soaking), false))
                .hasMessageContaining("milder");
        assertThatThrownBy(() -> LADDER.climb("stuck-soak", job(JobState.FINISHED), List.of(), false))
                .hasMessageContaining("over");
    }

    @Test
    void onlyWhatIsHotWaitsForTheFuel() {
        for (Rung rung : LADDER.rungs()) {
            Recipe around = ThingRecipes.RECIPES.around(rung, "exhaust", Vehicles.of(BodyStyle.SALOON, 1974));
            boolean hot = Set.of("stuck-heat", "stuck-cut").contains(rung.id());
            assertThat(around.first()).as(rung.id()).hasSize(hot ? 1 : 0);
            assertThat(around.then().stream().map(SharedWork::id))
                    .as("filled and looked at for leaks: " + rung.id())
                    .hasSize(hot ? 1 : 0);
        }
    }

    private static Conditions dry(int minutes) {
        return new Conditions(1, false, minutes, false, false);
    }

    private static Job job(JobState state) {
        return new Job(
                UUID.randomUUID(),
                "Old silencer off",
                new JobNature(Operation.STRIP, Optional.of(VehicleSystem.EXHAUST), Set.of()),
                new Effort(30, 60, 90),
                state,
                Optional.empty(),
                Optional.empty());
    }
}
