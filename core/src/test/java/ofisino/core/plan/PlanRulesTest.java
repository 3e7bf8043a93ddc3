package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Demand;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.solve.SerialPass;
import org.junit.jupiter.api.Test;

/** Random garages: whatever is asked, no plan breaks a rule of the {@link RuleBook}. */
class PlanRulesTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final Instant HORIZON = NOW.plus(Duration.ofDays(28));

    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void noPlanBreaksARule(@ForAll("problems") PlanProblem problem) {
        assertThat(RuleBook.breaches(problem, planOf(SerialPass.plan(problem)))).isEmpty();
    }

    @Property(tries = 100, seed = Seeds.OF_THE_DAY)
    void theSameQuestionHasTheSameAnswer(@ForAll("problems") PlanProblem problem) {
        assertThat(SerialPass.plan(problem)).isEqualTo(SerialPass.plan(problem));
    }

    /** A link that follows from two others says nothing new (transitive reduction leaves the dates as they are). */
    @Property(tries = 100, seed = Seeds.OF_THE_DAY)
    void whatFollowsAnywayChangesNoDate(@ForAll("problems") PlanProblem problem) {
        List<Link> more = new ArrayList<>(problem.links());
        for (Link first : problem.links())
            for (Link second : problem.links())
                if (first.after().equals(second.before()))
                    more.add(new Link(first.before(), second.after(), Duration.ZERO));
        var order = new ArrayList<>(problem.activities());
        Plan without = planOf(SerialPass.plan(problem, order));
        Plan with = planOf(SerialPass.plan(linked(problem, more), order));
        assertThat(starts(with)).isEqualTo(starts(without));
    }

    /** The reason names something that really ends after the slot that it forbids, and that is in the plan when it is an activity. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void reasonsHold(@ForAll("problems") PlanProblem problem) {
        Plan plan = planOf(SerialPass.plan(problem));
        for (Scheduled s : plan.activities().values())
            for (Reason limit : s.reasons()) {
                if (limit.namesActivity())
                    assertThat(plan.of(new ActivityId(limit.id()))).isPresent();
                if (limit.kind() == Reason.ReasonKind.AFTER || limit.kind() == Reason.ReasonKind.ARRIVAL)
                    assertThat(limit.until())
                            .isAfterOrEqualTo(plan.of(new ActivityId(limit.id()))
                                    .orElseThrow()
                                    .end());
            }
    }

    /** Found by the property above: an order that only a job after the horizon makes possible was kept in the plan. */
    @Test
    void nothingIsPlannedBehindTheHorizon() {
        var late = Activity.order("late", Aim.RUNNER, Duration.ofDays(29));
        var after = Activity.order("after", Aim.RUNNER, Duration.ofDays(1));
        var problem = PlanProblem.simple(
                NOW, HORIZON, ZoneOffset.UTC, List.of(), List.of(late, after), List.of(Link.of("late", "after")));
        assertThat(SerialPass.plan(problem)).isInstanceOfSatisfying(PlanOutcome.Infeasible.class, i -> {
            assertThat(i.plan().of(new ActivityId("late"))).isPresent();
            assertThat(i.unplaced()).extracting(u -> u.id().value()).containsExactly("after");
        });
    }

    /** An independent judge must be able to say no: each planted breach is seen. */
    @Test
    void theRuleBookSeesPlantedBreaches() {
        Crew ines = new Crew(1, List.of("ines"));
        var first = Activity.job("first", Aim.RUNNER, 2, ines);
        var second = Activity.job("second", Aim.RUNNER, 2, ines)
                .with(new Demand(Optional.of("bay"), Map.of(), false, false));
        var third =
                Activity.job("third", Aim.RUNNER, 1, ines).with(new Demand(Optional.of("bay"), Map.of(), false, false));
        var problem = PlanProblem.simple(
                        NOW,
                        HORIZON,
                        ZoneOffset.UTC,
                        List.of(new Person("ines", List.of(window(4, 12)))),
                        List.of(first, second, third),
                        List.of(Link.of("first", "second")))
                .withPlaces(List.of(new Capacity("bay", 1)));
        assertThat(RuleBook.breaches(problem, plan(at("first", 4, 6), at("second", 6, 8), at("third", 8, 9))))
                .isEmpty();
        assertThat(RuleBook.breaches(problem, plan(at("first", 2, 4)))).contains("first works while ines is out");
        assertThat(RuleBook.breaches(problem, plan(at("first", 4, 5)))).contains("first works 1 slots instead of 2");
        assertThat(RuleBook.breaches(problem, plan(at("first", 8, 10), at("second", 4, 6))))
                .contains("second starts before first is complete");
        assertThat(RuleBook.breaches(problem, plan(at("first", 4, 6), at("third", 5, 6))))
                .contains("first is done at the same time as third");
        assertThat(RuleBook.breaches(problem, plan(at("second", 6, 8), at("third", 7, 8))))
                .anyMatch(b -> b.startsWith("bay is overfull"));
        assertThat(RuleBook.breaches(problem, plan(at("second", 6, 8))))
                .contains("second starts although first never happens");
    }

    @Provide
    Arbitrary<PlanProblem> problems() {
        return Arbitraries.longs().between(0, 1_000_000).map(seed -> random(new Random(seed)));
    }

    private static PlanProblem random(Random dice) {
        List<Person> people = List.of(person("ines", dice), person("milo", dice));
        List<Activity> activities = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        int jobs = 2 + dice.nextInt(7);
        for (int i = 0; i < jobs; i++) {
            String id = "j" + i;
            activities.add(dice.nextInt(5) == 0 ? order(id, dice) : job(id, dice));
            for (int before = 0; before < i; before++)
                if (dice.nextInt(4) == 0)
                    links.add(new Link(
                            new ActivityId("j" + before), new ActivityId(id), Duration.ofHours(dice.nextInt(3) * 7)));
        }
        return PlanProblem.simple(NOW, HORIZON, ZoneOffset.UTC, people, activities, links)
                .withPlaces(List.of(new Capacity("bay", 1)))
                .withResources(List.of(new Capacity("hoist", 2)));
    }

    private static Activity order(String id, Random dice) {
        return Activity.order(id, Aim.RUNNER, Duration.ofDays(dice.nextInt(12)));
    }

    private static Activity job(String id, Random dice) {
        List<String> candidates = new ArrayList<>(List.of("ines", "milo"));
        Collections.shuffle(candidates, dice);
        int size = dice.nextInt(6) == 0 ? 2 : 1;
        var crew = new Crew(size, candidates.subList(0, Math.max(size, 1 + dice.nextInt(2))));
        Activity.Timing timing = Activity.Timing.FREE.waiting(Duration.ofHours(dice.nextInt(3) * 9));
        if (dice.nextInt(4) == 0) timing = timing.inOneSitting();
        if (dice.nextInt(5) == 0) timing = timing.notBefore(NOW.plus(Duration.ofHours(dice.nextInt(200))));
        Demand demand = switch (dice.nextInt(4)) {
            case 0 -> new Demand(Optional.of("bay"), Map.of(), dice.nextBoolean(), dice.nextBoolean());
            case 1 -> new Demand(Optional.empty(), Map.of("hoist", 1 + dice.nextInt(2)), false, false);
            default -> Demand.NONE;
        };
        return Activity.job(id, Aim.RUNNER, 1 + dice.nextInt(timing.inOneGo() ? 6 : 14), crew)
                .with(timing)
                .with(demand);
    }

    /** Some evenings of the four weeks, each of one to three hours. */
    private static Person person(String name, Random dice) {
        List<TimeWindow> windows = new ArrayList<>();
        for (int day = 0; day < 28; day++)
            if (dice.nextInt(3) > 0) {
                int from = day * 96 + dice.nextInt(8);
                windows.add(window(from, from + 4 + dice.nextInt(9)));
            }
        return new Person(name, windows);
    }

    private static TimeWindow window(int fromSlot, int toSlot) {
        return new TimeWindow(NOW.plus(Duration.ofMinutes(15L * fromSlot)), NOW.plus(Duration.ofMinutes(15L * toSlot)));
    }

    private static PlanProblem linked(PlanProblem p, List<Link> links) {
        return PlanProblem.simple(p.now(), p.horizon(), p.zone(), p.people(), p.activities(), links)
                .withPlaces(p.places())
                .withResources(p.resources());
    }

    private static Map<ActivityId, Instant> starts(Plan plan) {
        Map<ActivityId, Instant> starts = new LinkedHashMap<>();
        plan.activities().forEach((id, s) -> starts.put(id, s.start()));
        return starts;
    }

    private static Plan planOf(PlanOutcome outcome) {
        if (outcome instanceof PlanOutcome.Planned planned) return planned.plan();
        return ((PlanOutcome.Infeasible) outcome).plan();
    }

    private static Plan plan(Scheduled... scheduled) {
        Map<ActivityId, Scheduled> all = new LinkedHashMap<>();
        for (Scheduled s : scheduled) all.put(s.id(), s);
        return new Plan(all);
    }

    private static Scheduled at(String id, int fromSlot, int toSlot) {
        TimeWindow stripDown = window(fromSlot, toSlot);
        return new Scheduled(
                new ActivityId(id),
                List.of(stripDown),
                List.of("ines"),
                stripDown.from(),
                stripDown.to(),
                List.of(new Reason(Reason.ReasonKind.NOW, "", NOW)));
    }
}
