package ofisino.core.plan.orderofwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence.Link;
import ofisino.core.plan.orderofwork.OrderOfWorkRules.Edge;
import ofisino.core.plan.orderofwork.OrderOfWorkRules.Waiver;
import org.junit.jupiter.api.Test;

/** A shell with both sills cut folds: one is welded out before the other is cut. Common practice, no source. */
class OtherSideTest {
    private static final OrderOfWorkRules RULES = OrderOfWorkRules.load();
    private static final String RULE = "one-side-at-a-time";

    private enum How {
        PLANNED,
        BEGUN,
        OVER
    }

    @Test
    void oneSideIsWeldedOutBeforeTheOtherIsCut() {
        assertThat(ordered(sills(How.PLANNED, How.PLANNED), List.of()))
                .containsExactly(new Link<>("weld sill-left", "cut sill-right"));
    }

    /** Begun is enough: what is half cut through bears nothing. */
    @Test
    void theSideThatIsBegunComesFirst() {
        for (How how : List.of(How.BEGUN, How.OVER)) {
            assertThat(ordered(sills(How.PLANNED, how), List.of()))
                    .as(how.name())
                    .containsExactly(new Link<>("weld sill-right", "cut sill-left"));
            assertThat(holdsBack(cut("sill-left", How.PLANNED), sills(How.PLANNED, how)))
                    .as(how.name())
                    .containsExactly(Optional.of("weld sill-right"));
        }
    }

    @Test
    void whileNoneIsBegunEitherMayBegin() {
        for (String side : List.of("sill-left", "sill-right"))
            assertThat(holdsBack(cut(side, How.PLANNED), sills(How.PLANNED, How.PLANNED)))
                    .isEmpty();
    }

    @Test
    void onceItIsWeldedOutTheOtherIsFree() {
        List<Work<String>> jobs = new ArrayList<>(piece("sill-left", How.OVER, How.OVER));
        jobs.addAll(piece("sill-right", How.PLANNED, How.PLANNED));
        assertThat(ordered(jobs, List.of())).isEmpty();
        assertThat(holdsBack(cut("sill-right", How.PLANNED), jobs)).isEmpty();
    }

    /** What nobody plans to weld out is not taken for welded: that is said, or excused with a reason. */
    @Test
    void aCutThatNobodyWeldsOutHoldsTheOtherBack() {
        Work<String> right = cut("sill-right", How.PLANNED);
        List<Work<String>> jobs = List.of(alone(cut("sill-left", How.BEGUN)), alone(right));
        assertThat(holdsBack(right, jobs)).containsExactly(Optional.empty());
        assertThat(RULES.blocks(right, jobs, Set.of(new Waiver<>(RULE, right.id(), right.id()))))
                .extracting(b -> b.rule().id())
                .doesNotContain(RULE);
    }

    /** By hand: somebody linked the right side before the left one. */
    @Test
    void aPersonsLinksDecideWhichComesFirst() {
        assertThat(ordered(
                        sills(How.PLANNED, How.PLANNED),
                        List.of(
                                new Link<>("cut sill-left", "weld sill-left"),
                                new Link<>("cut sill-right", "weld sill-right"),
                                new Link<>("weld sill-right", "cut sill-left"))))
                .isEmpty();
        assertThat(RULES.propose(
                                sills(How.PLANNED, How.PLANNED),
                                List.of(
                                        new Link<>("cut sill-left", "weld sill-left"),
                                        new Link<>("cut sill-right", "weld sill-right"),
                                        new Link<>("weld sill-right", "cut sill-left")),
                                Set.of())
                        .refused())
                .as("no order that cannot be kept is asked for")
                .isEmpty();
    }

    @Test
    void otherPlacesAndPanelsThatBearNothingAreFree() {
        List<Work<String>> jobs = new ArrayList<>(piece("sill-left", How.BEGUN, How.PLANNED));
        jobs.addAll(piece("floor-right", How.PLANNED, How.PLANNED));
        assertThat(ordered(jobs, List.of())).isEmpty();
        List<Work<String>> doors = Stream.of("door-left", "door-right")
                .flatMap(zone -> piece(zone, How.PLANNED, How.PLANNED).stream())
                .map(w -> new Work<>(
                        w.id(),
                        w.operation(),
                        w.details(),
                        w.zone(),
                        Optional.of(VehicleSystem.BODY),
                        w.piece(),
                        false,
                        false,
                        true))
                .toList();
        assertThat(ordered(doors, List.of())).isEmpty();
    }

    private static List<Link<String>> ordered(Collection<Work<String>> jobs, Collection<Link<String>> links) {
        return RULES.binding(jobs, links, Set.of()).stream()
                .filter(e -> e.rule().id().equals(RULE))
                .map((Edge<String> e) -> new Link<>(e.before(), e.after()))
                .toList();
    }

    private static List<Optional<String>> holdsBack(Work<String> cut, Collection<Work<String>> jobs) {
        return RULES.blocks(cut, jobs, Set.of()).stream()
                .filter(b -> b.rule().id().equals(RULE))
                .map(OrderOfWorkRules.Blocked::by)
                .toList();
    }

    private static List<Work<String>> sills(How left, How right) {
        return Stream.concat(
                        piece("sill-left", left, How.PLANNED).stream(),
                        piece("sill-right", right, How.PLANNED).stream())
                .toList();
    }

    private static List<Work<String>> piece(String zone, How cut, How weld) {
        return List.of(cut(zone, cut), work("weld " + zone, Operation.WELD, Set.of(Detail.WELD_OUT), zone, weld));
    }

    private static Work<String> cut(String zone, How how) {
        return work("cut " + zone, Operation.CUT, Set.of(), zone, how);
    }

    /** A job by hand is a piece of work of its own. */
    private static Work<String> alone(Work<String> w) {
        return new Work<>(
                w.id(),
                w.operation(),
                w.details(),
                w.zone(),
                w.system(),
                Optional.of(w.id()),
                w.begun(),
                w.over(),
                true);
    }

    private static Work<String> work(String id, Operation operation, Set<Detail> details, String zone, How how) {
        return new Work<>(
                id,
                operation,
                details,
                Optional.of(zone),
                Optional.of(VehicleSystem.STRUCTURE),
                Optional.of(zone),
                how != How.PLANNED,
                how == How.OVER,
                true);
    }
}
