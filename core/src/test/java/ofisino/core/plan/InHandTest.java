package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.Policy;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** What is begun is finished before something else begins, unless that costs a milestone more than a week. Four hours of work every day. */
class InHandTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final int SLOTS_A_DAY = 16;
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));

    /** By hand: the paint of the door dries for three days, so whoever wants all of it soon paints first and welds the sill meanwhile. */
    @Test
    void theSillThatIsBegunIsWeldedBeforeTheDoorIsPainted() {
        assertThat(start(3, List.of(), "sill")).isAfter(start(3, List.of(), "door"));
        assertThat(start(3, List.of(Set.of(new ActivityId("sill"))), "sill"))
                .isBefore(start(3, List.of(Set.of(new ActivityId("sill"))), "door"));
    }

    /** By hand: the door is away for three weeks and the sill takes eight days of it: that long nobody waits. */
    @Test
    void butNotWhereAMilestoneWouldBeLaterByMoreThanAWeek() {
        assertThat(start(21, List.of(Set.of(new ActivityId("sill"))), "door"))
                .isBefore(start(21, List.of(Set.of(new ActivityId("sill"))), "sill"));
    }

    /** Four jobs of an hour, evenings of two: whichever two belong together, they share an evening. */
    @Test
    void aSessionHoldsFewPiecesOfWork() {
        List<Activity> activities = Stream.of("weld left", "brake front", "weld right", "brake rear")
                .map(id -> work(id, 4))
                .toList();
        for (String with : List.of("brake front", "brake rear")) {
            String other = with.equals("brake front") ? "brake rear" : "brake front";
            List<PlanProblem.Piece> pieces = List.of(piece("weld left", with), piece("weld right", other));
            Plan plan = plan(activities, List.of(), evenings(2), pieces);
            assertThat(day(plan, "weld left")).isEqualTo(day(plan, with));
            assertThat(day(plan, "weld right")).isEqualTo(day(plan, other)).isNotEqualTo(day(plan, with));
        }
    }

    private static List<TimeWindow> evenings(int hours) {
        return IntStream.range(0, 60)
                .mapToObj(day -> NOW.plus(Duration.ofDays(day)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(hours))))
                .toList();
    }

    private static LocalDate day(Plan plan, String id) {
        return plan.of(new ActivityId(id))
                .orElseThrow()
                .start()
                .atZone(ZoneOffset.UTC)
                .toLocalDate();
    }

    private static PlanProblem.Piece piece(String... ids) {
        return new PlanProblem.Piece(Stream.of(ids).map(ActivityId::new).collect(Collectors.toSet()), false);
    }

    private static Instant start(int daysAway, List<Set<ActivityId>> inHand, String of) {
        List<Activity> activities = new ArrayList<>();
        activities.add(work("door", SLOTS_A_DAY).with(Activity.Timing.FREE.waiting(Duration.ofDays(daysAway))));
        activities.add(work("hang", 2));
        activities.add(work("sill", (daysAway > 7 ? 8 : 2) * SLOTS_A_DAY));
        Plan plan = plan(
                activities,
                List.of(Link.of("door", "hang")),
                evenings(4),
                inHand.stream().map(left -> new PlanProblem.Piece(left, true)).toList());
        return plan.of(new ActivityId(of)).orElseThrow().start();
    }

    private static Plan plan(
            List<Activity> activities, List<Link> links, List<TimeWindow> evenings, List<PlanProblem.Piece> pieces) {
        var problem = new PlanProblem(
                NOW,
                NOW.plus(Duration.ofDays(60)),
                ZoneOffset.UTC,
                List.of(new Person("ines", evenings), new Person("milo", evenings)),
                List.of(),
                List.of(),
                activities,
                links,
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Policy.of(List.of(Aim.RUNNER)),
                Optional.empty(),
                pieces,
                Optional.empty());
        return ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(60, 1))).plan();
    }

    /**
     * By hand: each lift and its cleaning are a piece of work and fill an evening. Were it for the pieces alone, somebody would come twice to lift;
     * he comes once, and the cleaning is done on the evening without him.
     */
    @Test
    void whoHelpsComesOnce() {
        Activity.Crew both = new Activity.Crew(2, List.of("ines", "milo"));
        Plan plan = plan(
                List.of(
                        Activity.job("lift engine", Aim.RUNNER, 4, both),
                        work("clean engine", 4),
                        Activity.job("lift gearbox", Aim.RUNNER, 4, both),
                        work("clean gearbox", 4)),
                List.of(),
                evenings(2),
                List.of(piece("lift engine", "clean engine"), piece("lift gearbox", "clean gearbox")));
        assertThat(day(plan, "lift engine")).isEqualTo(day(plan, "lift gearbox"));
    }

    private static Activity work(String id, int slots) {
        return Activity.job(id, Aim.RUNNER, slots, INES);
    }
}
