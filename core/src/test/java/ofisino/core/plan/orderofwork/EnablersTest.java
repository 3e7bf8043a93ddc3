package ofisino.core.plan.orderofwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence.Link;
import ofisino.core.plan.orderofwork.Enablers.Enabler;
import ofisino.core.plan.orderofwork.Enablers.Step;
import org.junit.jupiter.api.Test;

/** Oracle: by hand. Need 77: the small job that opens the test which tells the rest comes first. */
class EnablersTest {
    @Test
    void theSmallJobBeforeTheTestOnWhichMuchHangsComesFirst() {
        List<Step<String>> steps = List.of(
                step("bleed the clutch", Operation.BLEED, 45),
                step("test drive", Operation.TEST, 60),
                step("gearbox", Operation.ASSEMBLE, 480),
                step("axle", Operation.REPLACE, 300),
                step("paint the door", Operation.PAINT, 200),
                step("look at the door", Operation.INSPECT, 15));
        List<Link<String>> links = List.of(
                new Link<>("bleed the clutch", "test drive"),
                new Link<>("test drive", "gearbox"),
                new Link<>("test drive", "axle"),
                new Link<>("paint the door", "look at the door"));
        assertThat(Enablers.of(steps, links))
                .containsExactly(
                        new Enabler<>("bleed the clutch", "test drive", 45, 2),
                        new Enabler<>("paint the door", "look at the door", 200, 0));
    }

    @Test
    void aTestThatCanBeDoneAtOnceNeedsNone() {
        assertThat(Enablers.of(List.of(step("test", Operation.TEST, 30)), List.of()))
                .isEmpty();
        Step<String> done = new Step<>("before", Operation.WELD, Set.of(), 0, true);
        assertThat(Enablers.of(List.of(done, step("test", Operation.TEST, 30)), List.of(new Link<>("before", "test"))))
                .isEmpty();
    }

    private static Step<String> step(String id, Operation operation, int minutes) {
        return new Step<>(id, operation, Set.of(), minutes, false);
    }
}
