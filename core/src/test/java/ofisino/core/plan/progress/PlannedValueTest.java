package ofisino.core.plan.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.plan.progress.PlannedValue.Point;
import org.junit.jupiter.api.Test;

/** Where one stands against a plan that was kept. */
class PlannedValueTest {
    /**
     * The PERT/Cost report of Hillier and Lieberman, Introduction to Operations Research, end of week 22, in thousands: value of the work 1 875; planned by the
     * schedule of earliest starts 2 042. Cumulative plan by hand; earned schedule by Lipke's formula: 20 + 2 · (1 875 − 1 823.333) ÷ 218.667.
     */
    @Test
    void aPublishedReportComesOut() {
        var plan = new PlannedValue(List.of(
                new Point(2, 180),
                new Point(6, 500),
                new Point(16, 1_120),
                new Point(20, 1_823.333),
                new Point(22, 2_042),
                new Point(25, 2_565.714),
                new Point(44, 4_550)));
        assertThat(plan.dueBy(22)).isEqualTo(2_042);
        assertThat(plan.late(22, 1_875)).isCloseTo(1.52744, within(1e-5));
    }

    /** Two jobs of 10 h, due on day 5 and day 15. */
    @Test
    void whoHasDoneWhatWasDueIsOnThePlan() {
        var plan = new PlannedValue(List.of(new Point(5, 10), new Point(15, 20)));
        assertThat(plan.late(4, 0)).as("nothing is due yet").isZero();
        assertThat(plan.dueBy(4)).isZero();
        assertThat(plan.late(12, 10)).as("the second is not due").isZero();
        assertThat(plan.late(12, 0)).as("as on the first day").isEqualTo(12);
        assertThat(plan.late(3, 10)).as("two days ahead").isEqualTo(-2);
        assertThat(plan.late(40, 20)).as("all is earned").isZero();
        assertThatThrownBy(() -> new PlannedValue(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new PlannedValue(List.of(new Point(5, 10), new Point(5, 20))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new PlannedValue(List.of(new Point(5, 10), new Point(6, 9))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Who earns just what was planned is neither late nor ahead; more earned is never later. */
    @Property(tries = 200)
    void lateIsWhoEarnedLessThanPlanned(
            @ForAll @Size(min = 1, max = 10) List<@DoubleRange(min = 0.5, max = 50) Double> steps,
            @ForAll @DoubleRange(min = 0, max = 400) double now,
            @ForAll @DoubleRange(min = 0, max = 400) double earned) {
        List<Point> points = new ArrayList<>();
        for (double step : steps) {
            var last = points.isEmpty() ? new Point(0, 0) : points.get(points.size() - 1);
            points.add(new Point(last.at() + step, last.planned() + 2 * step));
        }
        var plan = new PlannedValue(points);
        assertThat(plan.late(now, earned) > 0).isEqualTo(earned < plan.dueBy(now));
        assertThat(plan.late(now, earned + 1)).isLessThanOrEqualTo(plan.late(now, earned));
        assertThat(plan.late(now, plan.dueBy(now))).isLessThanOrEqualTo(0);
    }
}
