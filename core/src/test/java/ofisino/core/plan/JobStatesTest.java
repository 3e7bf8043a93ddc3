package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import ofisino.core.plan.job.HowFar;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.job.Precedence.Link;
import ofisino.core.plan.job.Progress;
import ofisino.core.plan.job.Standing;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.junit.jupiter.api.Test;

/** How jobs move, follow one another and count. Common practice, no source. */
class JobStatesTest {
    /** A job that is over is over on its last day too; work on a later one takes it up again. */
    @Test
    void workTakesUpWhatHadNotBegunOrWasOver() {
        LocalDate ended = LocalDate.of(2026, 11, 20);
        for (JobState state : JobState.values()) {
            boolean open = state == JobState.PROPOSED || state == JobState.PLANNED || state == JobState.DROPPED;
            assertThat(state.isTakenUpByWorkOn(ended, Optional.of(ended))).isEqualTo(open);
            assertThat(state.isTakenUpByWorkOn(ended.plusDays(1), Optional.of(ended)))
                    .isEqualTo(open || state.isDone());
            assertThat(state.isTakenUpByWorkOn(ended, Optional.empty())).isEqualTo(open);
        }
    }

    @Test
    void onlyFinishedWorkIsVerifiedAndOnlyVerifiedCountsInFull() {
        assertThat(JobState.FINISHED.to(JobState.VERIFIED)).isEqualTo(JobState.VERIFIED);
        assertThatThrownBy(() -> JobState.BEGUN.to(JobState.VERIFIED)).hasMessageContaining("Finish it first");
        assertThat(JobState.VERIFIED.earnedShare()).isEqualTo(1);
        assertThat(JobState.FINISHED.earnedShare()).isEqualTo(0.5);
        assertThat(JobState.PLANNED.earnedShare()).isZero();
        assertThat(JobState.BEGUN.possible())
                .contains(JobState.TRIAL_FITTED, JobState.LOOSE, JobState.FINISHED)
                .doesNotContain(JobState.VERIFIED);
    }

    @Test
    void aCircleIsRefusedAndNamed() {
        var precedence = new Precedence<>(
                List.of(new Link<>("cut", "weld"), new Link<>("weld", "prime"), new Link<>("strip", "cut")));
        assertThat(precedence.circleClosedBy("prime", "cut")).contains(List.of("cut", "weld", "prime"));
        assertThat(precedence.circleClosedBy("cut", "cut")).contains(List.of("cut"));
        assertThat(precedence.circleClosedBy("cut", "prime")).isEmpty();
        assertThat(precedence.circleClosedBy("paint", "cut")).isEmpty();
    }

    /** Oracle: JGraphT's CycleDetector, an independent algorithm, on the same links. */
    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void findsACircleExactlyWhereThereIsOne(@ForAll @Size(max = 14) List<@IntRange(min = 0, max = 48) Integer> pairs) {
        var graph = new SimpleDirectedGraph<Integer, DefaultEdge>(DefaultEdge.class);
        List<Link<Integer>> links = pairs.stream()
                .map(p -> new Link<>(p / 7, p % 7))
                .filter(l -> !l.before().equals(l.after()))
                .toList();
        for (var link : links) {
            graph.addVertex(link.before());
            graph.addVertex(link.after());
            graph.addEdge(link.before(), link.after());
        }
        assertThat(Precedence.circleIn(links).isPresent()).isEqualTo(new CycleDetector<>(graph).detectCycles());
    }

    /** By hand: half of 60 begun and all of 120 verified are 150 of 240; dropped work is out of scope, however long. */
    @Test
    void begunWorkEarnsHalfAndVerifiedWorkAll() {
        Progress progress = Progress.of(List.of(
                item("a", JobState.BEGUN, 60, true),
                item("b", JobState.VERIFIED, 120, true),
                item("c", JobState.PLANNED, 60, true),
                item("d", JobState.DROPPED, 999, true)));
        assertThat(progress)
                .extracting(p -> p.far().earnedMinutes(), p -> p.far().thoughtMinutes())
                .containsExactly(150L, 240L);
        assertThat(progress.far().earnedPercent()).isEqualTo(63); // 62.5, rounded half up
        assertThat(HowFar.of(List.of()).earnedPercent()).isZero();
    }

    @Test
    void aJobIsReadyWhenNothingBeforeItIsOpenAndItsPartsAreHere() {
        List<Progress.Item<String>> items = List.of(
                item("finished", JobState.FINISHED, 60, true),
                item("loose", JobState.LOOSE, 60, true),
                item("dropped", JobState.DROPPED, 60, true),
                item("free", JobState.PLANNED, 60, true, "finished", "dropped"),
                item("drive", JobState.PLANNED, 60, true, "finished"),
                item("held", JobState.PLANNED, 60, true, "finished", "loose"),
                item("lacking", JobState.PLANNED, 60, false, "finished"),
                item("over", JobState.VERIFIED, 60, false, "loose"));
        assertThat(Progress.waits(items))
                .containsEntry("free", Set.of())
                .containsEntry("held", Set.of("loose"))
                .containsEntry("over", Set.of());
        Progress progress = Progress.of(items);
        assertThat(progress.ready()).as("loose and free").isEqualTo(2);
        assertThat(progress.waitForParts()).isEqualTo(1);
    }

    @Test
    void whatIsLeftIsNeverLessThanNothing() {
        assertThat(new HowFar.Work(JobState.BEGUN, 60, 40, false).leftMinutes()).isEqualTo(20);
        assertThat(new HowFar.Work(JobState.BEGUN, 60, 90, false).leftMinutes()).isZero();
        assertThat(new HowFar.Work(JobState.FINISHED, 60, 0, false).leftMinutes())
                .isZero();
    }

    @Test
    void whatOthersDoIsWorkOfTheCarAndNotOnesOwn() {
        var weld = new Progress.Item<>(
                "weld", new HowFar.Work(JobState.PLANNED, 60, 0, true), Set.<String>of(), true, false);
        Progress progress = Progress.of(List.of(weld, item("prime", JobState.PLANNED, 30, true)));
        assertThat(progress.ready()).as("prime").isEqualTo(1);
        assertThat(progress.far().thoughtMinutes()).isEqualTo(90);
        assertThat(progress.far().leftMinutes()).isEqualTo(30);
        assertThat(Standing.of(weld, Set.of())).isEqualTo(Standing.BY_OTHERS);
    }

    private static Progress.Item<String> item(String id, JobState state, int likely, boolean parts, String... after) {
        return new Progress.Item<>(
                id, new HowFar.Work(state, likely, 0, false), Set.of(after), parts, id.startsWith("drive"));
    }
}
