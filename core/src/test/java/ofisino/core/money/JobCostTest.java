package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import ofisino.core.money.budget.JobCost;
import org.junit.jupiter.api.Test;

class JobCostTest {
    /** By hand: of 100.00 and 50.00 thought, 118.00 and 44.00 paid: 162.00 of 150.00, 1.08 times. What is not done, or nobody thought of, tells nothing. */
    @Test
    void onlyWhatIsDoneAndWasThoughtOfTells() {
        var dearer = new JobCost(10_000, 11_000, 11_800, true);
        var cheaper = new JobCost(5_000, 5_000, 4_400, true);
        var going = new JobCost(90_000, 0, 1_000, false);
        var surprise = new JobCost(0, 0, 7_000, true);
        List<JobCost> all = List.of(dearer, cheaper, going, surprise);
        assertThat(dearer.dearerMinor()).isEqualTo(1_800);
        assertThat(cheaper.dearerMinor()).isEqualTo(-600);
        assertThat(JobCost.told(all)).isEqualTo(new JobCost(15_000, 16_000, 16_200, true));
        assertThat(JobCost.factor(all)).hasValue(1.08);
        assertThat(JobCost.factor(List.of(going, surprise))).isEmpty();
    }
}
