package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.Joining;
import ofisino.core.plan.whatif.Splitting;
import org.junit.jupiter.api.Test;

class JoiningTest {
    static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));

    /** By hand: two strip-downs of the engine out, each inside a strip-down of the bonnet off; made one, the bonnet comes off once, too: 4 + 2 activities less 4. */
    @Test
    void whatTheyNeedIsOpenedOnceToo() {
        PlanProblem joined = Joining.join(twice(), List.of("engine1", "engine2"));
        assertThat(joined.stripDowns()).extracting(StripDown::id).containsExactly("engine1", "bonnet1");
        assertThat(joined.stripDowns().get(0).jobs()).containsExactly(new ActivityId("seal"), new ActivityId("mount"));
        assertThat(joined.stripDowns().get(0).inside()).containsExactly("bonnet1");
        assertThat(joined.activities()).hasSize(6);
        assertThat(finish(joined)).isBefore(finish(twice()));
    }

    @Test
    void onlyStaysOfOneAccessBecomeOne() {
        assertThatThrownBy(() -> Joining.join(twice(), List.of("engine1", "bonnet1")))
                .hasMessageContaining("strip-downs of the same access");
        assertThatThrownBy(() -> Joining.join(twice(), List.of("engine1"))).hasMessageContaining("Reload the page");
        assertThatThrownBy(() -> Joining.join(twice(), List.of("engine1", "ghost")))
                .hasMessageContaining("Reload");
    }

    /** By hand: made one and split again, the engine and the bonnet are opened twice, as before. */
    @Test
    void splittingUndoesJoining() {
        PlanProblem joined = Joining.join(twice(), List.of("engine1", "engine2"));
        PlanProblem split = Splitting.split(joined, "bonnet1", Set.of(new ActivityId("mount")));
        assertThat(split.activities()).hasSize(10);
        assertThat(split.stripDowns())
                .extracting(StripDown::id)
                .containsExactly("engine1", "engine1/2", "bonnet1", "bonnet1/2");
        assertThat(split.stripDowns().get(1).inside()).containsExactly("bonnet1/2");
        assertThat(finish(split)).isEqualTo(finish(twice()));
        assertThatThrownBy(() -> Splitting.split(joined, "bonnet1", Set.of())).hasMessageContaining("not all");
        assertThatThrownBy(() -> Splitting.split(joined, "ghost", Set.of(new ActivityId("mount"))))
                .hasMessageContaining("not open yet");
    }

    /** Whatever is split: a plan of it keeps all rules. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void aSplitPlanKeepsAllRules(@ForAll("garages") PlanProblem problem) {
        for (StripDown o : problem.stripDowns()) {
            if (o.jobs().size() < 2) continue;
            PlanProblem split = Splitting.split(problem, o.id(), Set.of(o.jobs().get(0)));
            if (Planner.plan(split, new Planner.Budget(60, 1)) instanceof PlanOutcome.Planned p)
                assertThat(RuleBook.breaches(split, p.plan())).isEmpty();
        }
    }

    /** Whatever becomes one: no job is lost, and a plan of it keeps all rules. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void noJobIsLostAndAllRulesAreKept(@ForAll("garages") PlanProblem problem) {
        List<String> same = sameWay(problem);
        PlanProblem joined = Joining.join(problem, same);
        assertThat(joined.activities())
                .containsAll(problem.activities().stream()
                        .filter(a -> a.kind() != Activity.ActivityKind.STRIP && a.kind() != Activity.ActivityKind.REFIT)
                        .toList());
        if (Planner.plan(joined, new Planner.Budget(60, 1)) instanceof PlanOutcome.Planned p)
            assertThat(RuleBook.breaches(joined, p.plan())).isEmpty();
    }

    @Provide
    Arbitrary<PlanProblem> garages() {
        return Garages.arbitrary().filter(p -> sameWay(p).size() > 1);
    }

    private static List<String> sameWay(PlanProblem problem) {
        return problem.stripDowns().stream()
                .filter(o -> o.access().equals("w0"))
                .map(StripDown::id)
                .toList();
    }

    static PlanProblem twice() {
        List<Activity> activities = List.of(
                work("seal"),
                work("mount"),
                stripDown("strip engine1", Activity.ActivityKind.STRIP),
                stripDown("refit engine1", Activity.ActivityKind.REFIT),
                stripDown("strip engine2", Activity.ActivityKind.STRIP),
                stripDown("refit engine2", Activity.ActivityKind.REFIT),
                stripDown("strip bonnet1", Activity.ActivityKind.STRIP),
                stripDown("refit bonnet1", Activity.ActivityKind.REFIT),
                stripDown("strip bonnet2", Activity.ActivityKind.STRIP),
                stripDown("refit bonnet2", Activity.ActivityKind.REFIT));
        return PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofDays(3)),
                        ZoneOffset.UTC,
                        withTime(Duration.ofHours(40)),
                        activities,
                        List.of())
                .withStripDowns(
                        List.of(
                                stripDown("engine1", "engine", "seal", "bonnet1"),
                                stripDown("engine2", "engine", "mount", "bonnet2"),
                                stripDown("bonnet1", "bonnet", "seal", null),
                                stripDown("bonnet2", "bonnet", "mount", null)),
                        List.of());
    }

    static List<Person> withTime(Duration howLong) {
        return List.of(new Person("ines", List.of(new TimeWindow(NOW, NOW.plus(howLong)))));
    }

    /** The same, needed for the show only. */
    static Activity forShow(Activity a) {
        return new Activity(
                a.id(),
                a.kind(),
                Aim.SHOW,
                a.workSlots(),
                a.crew(),
                a.timing(),
                a.demand(),
                a.dues(),
                a.states(),
                a.begun());
    }

    static StripDown stripDown(String id, String access, String job, String inside) {
        return new StripDown(
                id,
                access,
                Optional.of(new ActivityId("strip " + id)),
                new ActivityId("refit " + id),
                List.of(new ActivityId(job)),
                inside == null ? List.of() : List.of(inside));
    }

    static Activity work(String id) {
        return Activity.job(id, Aim.RUNNER, 4, INES);
    }

    static Activity stripDown(String id, Activity.ActivityKind kind) {
        return Activities.ofAccess(id, kind, Aim.RUNNER, 4, INES);
    }

    private static Instant finish(PlanProblem problem) {
        return ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(60, 1)))
                .plan().activities().values().stream()
                        .map(s -> s.end())
                        .max(Instant::compareTo)
                        .orElseThrow();
    }
}
