package ofisino.core.plan.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.SafetyClass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A finding closes by work that mends it and that somebody looked at again. Common practice, no source. */
class ClosingTest {
    @ParameterizedTest
    @CsvSource({
        "A, REPAIR, INSPECT=VERIFIED WELD=VERIFIED, ",
        "A, REPAIR, INSPECT=VERIFIED WELD=FINISHED, Verify “Job 2” (W-2) first.",
        "B, REPLACE, REPLACE=VERIFIED TEST=PLANNED, Verify “Job 2” (W-2) first.",
        "A, REPAIR, INSPECT=VERIFIED WELD=DROPPED, only been inspected",
        "B, REPLACE, REPLACE=DROPPED, only been inspected",
        "A, INVESTIGATE, INSPECT=VERIFIED, ",
        "A, INVESTIGATE, INSPECT=DROPPED, only been inspected",
        "B, TEMPORARY, REPLACE=VERIFIED, ",
        "C, REPAIR, INSPECT=FINISHED, ",
        "D, REPAIR, REPLACE=DROPPED, "
    })
    void closes(SafetyClass safety, Decision decision, String jobs, String missing) {
        List<Closing.Work> work = new ArrayList<>();
        for (String job : jobs.split(" ")) {
            String[] parts = job.split("=");
            int number = work.size() + 1;
            work.add(new Closing.Work(
                    "Job " + number, "W-" + number, Operation.valueOf(parts[0]), JobState.valueOf(parts[1])));
        }
        if (missing == null) assertThat(Closing.missing(safety, decision, work)).isEmpty();
        else
            assertThat(Closing.missing(safety, decision, work).orElseThrow().getMessage())
                    .startsWith("A class %s finding closes only by verified work.".formatted(safety))
                    .contains(missing);
    }
}
