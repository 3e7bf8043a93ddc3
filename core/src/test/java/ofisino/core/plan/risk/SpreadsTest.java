package ofisino.core.plan.risk;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.Activities;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.ActivityKind;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.risk.Spreads.Known;
import ofisino.core.vehicle.estimate.Estimates;
import org.junit.jupiter.api.Test;

/** What is taken as unknown of a plan, by hand. */
class SpreadsTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final Spreads SPREADS = Spreads.load();
    private static final Estimates USUAL = Estimates.load();
    private static final Crew INES = new Crew(1, List.of("ines"));
    private static final ActivityId RINGS = new ActivityId("rings");

    @Test
    void aRangeThatSomebodySaidCountsAndElseTheUsualOne() {
        assertThat(of(true, new Effort(120, 240, 600)).work().get(RINGS)).isEqualTo(new ThreePoint(0.5, 1, 2.5));
        assertThat(of(true, new Effort(240, 240, 240)).work().get(RINGS)).isEqualTo(new ThreePoint(0.7, 1, 1.8));
        assertThat(of(true, new Effort(120, 240, 600)).waits()).containsOnlyKeys(new ActivityId("casing"));
    }

    /** An engine hides damage of 6, 25 or 70 hours in 15 of 100 cases, half as often where there is a finding already; the work behind it is 4 hours: 1.5, 6.25, 17.5 times as much. */
    @Test
    void whatIsStillClosedHidesWhatItsSystemUsuallyHides() {
        Uncertain closed = of(true, new Effort(120, 240, 600));
        assertThat(closed.hidden()).hasSize(1);
        assertThat(closed.hidden().get(0).probability()).isEqualTo(0.075);
        assertThat(closed.hidden().get(0).more()).isEqualTo(new ThreePoint(1.5, 6.25, 17.5));
        assertThat(closed.hidden().get(0).lengthened()).containsExactly(RINGS);
        assertThat(of(false, new Effort(120, 240, 600)).hidden())
                .as("what is open has shown it")
                .isEmpty();
    }

    /** The stands are opened for the same job and uncover nothing; with both the engine alone hides something, and once. */
    @Test
    void whatUncoversNothingHidesNothing() {
        assertThat(of(true, new Effort(120, 240, 600)).hidden())
                .extracting(h -> h.opening().value())
                .containsExactly("strip");
    }

    private static Uncertain of(boolean closed, Effort rings) {
        var strip = Activities.ofAccess("strip", ActivityKind.STRIP, Aim.RUNNER, 8, INES);
        var refit = Activities.ofAccess("refit", ActivityKind.REFIT, Aim.RUNNER, 8, INES);
        var up = Activities.ofAccess("up", ActivityKind.STRIP, Aim.RUNNER, 2, INES);
        var down = Activities.ofAccess("down", ActivityKind.REFIT, Aim.RUNNER, 2, INES);
        var casing = Activity.order("casing", Aim.RUNNER, Duration.ofDays(20));
        var work = Activity.job(RINGS.value(), Aim.RUNNER, 16, INES);
        PlanProblem problem = PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofDays(60)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", List.of(new TimeWindow(NOW, NOW.plus(Duration.ofDays(50)))))),
                        closed ? List.of(strip, work, refit, casing, up, down) : List.of(work, refit, casing, up, down),
                        List.of())
                .withStripDowns(
                        List.of(
                                new StripDown(
                                        "engine",
                                        "engine-out",
                                        closed ? Optional.of(strip.id()) : Optional.empty(),
                                        refit.id(),
                                        List.of(RINGS),
                                        List.of()),
                                new StripDown(
                                        "stands",
                                        "on-stands",
                                        Optional.of(up.id()),
                                        down.id(),
                                        List.of(RINGS),
                                        List.of())),
                        List.of());
        Map<ActivityId, Known> known = Map.of(RINGS, new Known(rings, Optional.of(VehicleSystem.ENGINE)));
        return SPREADS.of(problem, known, USUAL, Set.of("engine-out"), new OwnFactor(0, 1.3), Map.of());
    }
}
