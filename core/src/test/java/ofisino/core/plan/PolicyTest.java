package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Piece;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Policy;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.problem.Shelf;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** Worked by hand: evenings of two hours, eight quarters each. */
class PolicyTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));
    private static final Planner.Budget BUDGET = new Planner.Budget(200, 1);

    /** By hand: engine and body take an evening each; whichever is to come first is done on the first. */
    @Test
    void thePhaseThatGoesFirstIsOverFirst() {
        List<Activity> both = List.of(work("engine", 8, Aim.RUNNER), work("body", 8, Aim.ROAD_READY));
        assertThat(day(plan(both, List.of(), running(List.of())), "engine")).isZero();
        Plan bodyFirst = plan(both, List.of(), running(List.of(Set.of(new ActivityId("body")))));
        assertThat(day(bodyFirst, "body")).isZero();
        assertThat(day(bodyFirst, "engine")).isEqualTo(1);
    }

    /** By hand: primer dries a day, so the quickest order begins the second brake meanwhile; rolling, each is whole before the other begins. */
    @Test
    void aCarThatIsKeptRollingHasOnePieceOfWorkOpen() {
        List<Activity> all = List.of(
                waiting("prime front"),
                work("fit front", 8, Aim.ROAD_READY),
                waiting("prime rear"),
                work("fit rear", 8, Aim.ROAD_READY));
        List<Link> links = List.of(Link.of("prime front", "fit front"), Link.of("prime rear", "fit rear"));
        Policy quick = running(List.of());
        Policy rolling = new Policy(List.of(Aim.ROAD_READY), List.of(), OptionalInt.of(1));
        assertThat(overlap(plan(all, links, quick))).isTrue();
        Plan kept = plan(all, links, rolling);
        assertThat(overlap(kept)).isFalse();
        String second = start(kept, "prime front").isBefore(start(kept, "prime rear")) ? "prime rear" : "prime front";
        assertThat(kept.of(new ActivityId(second)).orElseThrow().reasons())
                .extracting(Reason::kind)
                .as("the reason is true")
                .contains(Reason.ReasonKind.OTHER_PIECE);
    }

    @Test
    void atLeastOnePieceMayBeOpen() {
        assertThatThrownBy(() -> new Policy(List.of(), List.of(), OptionalInt.of(0)))
                .hasMessageContaining("Allow one");
        assertThatThrownBy(() -> new Shelf(-1, Map.of())).hasMessageContaining("0 to 1,000 m²");
        assertThatThrownBy(() -> new Shelf(100_001, Map.of())).hasMessageContaining("0 to 1,000 m²");
        assertThatThrownBy(() -> new Shelf(1, Map.of("doors-off", -1))).hasMessageContaining("0 or more");
    }

    /**
     * By hand: doors and engine each fill 60 of the shelf, each waits two days for its part. With room for both they are opened on the first
     * evening; with room for 100 the engine stays in until the doors are back on, and the reason is the shelf.
     */
    @Test
    void whatHasNoRoomOnTheShelfStaysOn() {
        PlanProblem roomy = twoAccesses(120);
        assertThat(day(planned(roomy), "strip engine")).isZero();
        PlanProblem tight = twoAccesses(100);
        Plan plan = planned(tight);
        assertThat(RuleBook.breaches(tight, plan)).isEmpty();
        Instant firstBack = end(plan, "refit doors").isBefore(end(plan, "refit engine"))
                ? end(plan, "refit doors")
                : end(plan, "refit engine");
        Plan.Scheduled second = Stream.of("strip doors", "strip engine")
                .map(id -> plan.of(new ActivityId(id)).orElseThrow())
                .max(java.util.Comparator.comparing(Plan.Scheduled::start))
                .orElseThrow();
        assertThat(second.start()).isAfterOrEqualTo(firstBack);
        assertThat(second.reasons()).extracting(Reason::kind).contains(Reason.ReasonKind.SHELF_FULL);
        assertThat(Planner.plan(twoAccesses(50), BUDGET))
                .isInstanceOfSatisfying(
                        PlanOutcome.Infeasible.class,
                        i -> assertThat(i.unplaced()).anySatisfy(u -> {
                            assertThat(u.id().value()).startsWith("strip");
                            assertThat(u.limit().kind()).isEqualTo(Reason.ReasonKind.SHELF_FULL);
                            assertThat(u.limit().id())
                                    .as("it would not fit alone")
                                    .isEmpty();
                        }));
    }

    private static PlanProblem twoAccesses(int room) {
        List<Activity> activities = new ArrayList<>();
        List<StripDown> stripDowns = new ArrayList<>();
        for (String access : List.of("doors", "engine")) {
            activities.add(work("strip " + access, 2, Aim.ROAD_READY));
            activities.add(
                    work("clean " + access, 1, Aim.ROAD_READY).with(Activity.Timing.FREE.waiting(Duration.ofDays(2))));
            activities.add(work("refit " + access, 2, Aim.ROAD_READY));
            stripDowns.add(new StripDown(
                    access,
                    access,
                    Optional.of(new ActivityId("strip " + access)),
                    new ActivityId("refit " + access),
                    List.of(new ActivityId("clean " + access)),
                    List.of()));
        }
        return problem(
                activities,
                List.of(),
                stripDowns,
                Optional.of(new Shelf(room, Map.of("doors", 60, "engine", 60))),
                running(List.of()),
                List.of());
    }

    private static Policy running(List<Set<ActivityId>> first) {
        return new Policy(List.of(Aim.RUNNER, Aim.ROAD_READY), first, OptionalInt.empty());
    }

    private static Plan plan(List<Activity> all, List<Link> links, Policy policy) {
        List<Piece> pieces = Stream.of("front", "rear")
                .map(end -> all.stream()
                        .map(Activity::id)
                        .filter(id -> id.value().endsWith(end))
                        .toList())
                .filter(piece -> !piece.isEmpty())
                .map(piece -> new Piece(Set.copyOf(piece), false))
                .toList();
        return planned(problem(all, links, List.of(), Optional.empty(), policy, pieces));
    }

    private static Plan planned(PlanProblem problem) {
        return ((PlanOutcome.Planned) Planner.plan(problem, BUDGET)).plan();
    }

    private static PlanProblem problem(
            List<Activity> activities,
            List<Link> links,
            List<StripDown> stripDowns,
            Optional<Shelf> shelf,
            Policy policy,
            List<Piece> pieces) {
        List<TimeWindow> evenings = IntStream.range(0, 20)
                .mapToObj(d -> NOW.plus(Duration.ofDays(d)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                .toList();
        return new PlanProblem(
                NOW,
                NOW.plus(Duration.ofDays(30)),
                ZoneOffset.UTC,
                List.of(new PlanProblem.Person("ines", evenings)),
                List.of(),
                List.of(),
                activities,
                links,
                stripDowns,
                List.of(),
                shelf,
                Optional.empty(),
                policy,
                Optional.empty(),
                pieces,
                Optional.empty());
    }

    private static Activity work(String id, int slots, Aim aim) {
        return Activity.job(id, aim, slots, INES);
    }

    private static Activity waiting(String id) {
        return work(id, 2, Aim.ROAD_READY).with(Activity.Timing.FREE.waiting(Duration.ofDays(1)));
    }

    private static boolean overlap(Plan plan) {
        return start(plan, "prime front").isBefore(end(plan, "fit rear"))
                && start(plan, "prime rear").isBefore(end(plan, "fit front"));
    }

    private static Instant start(Plan plan, String id) {
        return plan.of(new ActivityId(id)).orElseThrow().start();
    }

    private static Instant end(Plan plan, String id) {
        return plan.of(new ActivityId(id)).orElseThrow().end();
    }

    private static long day(Plan plan, String id) {
        return Duration.between(NOW, start(plan, id)).toDays();
    }
}
