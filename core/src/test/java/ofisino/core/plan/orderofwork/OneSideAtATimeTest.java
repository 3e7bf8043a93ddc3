package ofisino.core.plan.orderofwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.orderofwork.OneSideAtATime.Order;
import org.junit.jupiter.api.Test;

/** A shell with both sills cut folds. Common practice, no source. */
class OneSideAtATimeTest {
    @Test
    void oneSideIsWeldedOutBeforeTheOtherIsCut() {
        assertThat(OneSideAtATime.of(sills(false, false), List.of()))
                .containsExactly(new Order<>("weld sill-left", "cut sill-right"));
    }

    @Test
    void theSideThatIsCutComesFirst() {
        assertThat(OneSideAtATime.of(sills(false, true), List.of()))
                .containsExactly(new Order<>("weld sill-right", "cut sill-left"));
        assertThat(OneSideAtATime.keeps(cut("sill-left", false), sills(false, true)))
                .contains("weld sill-right");
        assertThat(OneSideAtATime.keeps(cut("sill-right", false), sills(true, false)))
                .contains("weld sill-left");
    }

    @Test
    void whileNoneIsCutEitherMayBegin() {
        for (String side : List.of("sill-left", "sill-right"))
            assertThat(OneSideAtATime.keeps(cut(side, false), sills(false, false)))
                    .isEmpty();
    }

    /** By hand: somebody linked the right side before the left one. */
    @Test
    void aPersonsLinksDecideWhichComesFirst() {
        assertThat(OneSideAtATime.of(
                        sills(false, false),
                        List.of(
                                new Precedence.Link<>("cut sill-left", "weld sill-left"),
                                new Precedence.Link<>("cut sill-right", "weld sill-right"),
                                new Precedence.Link<>("weld sill-right", "cut sill-left"))))
                .containsExactly(new Order<>("weld sill-right", "cut sill-left"));
    }

    @Test
    void otherPlacesAndPanelsThatBearNothingAreFree() {
        List<Work<String>> jobs = new ArrayList<>(piece("sill-left", false));
        jobs.addAll(piece("floor-right", false));
        assertThat(OneSideAtATime.of(jobs, List.of())).isEmpty();
        List<Work<String>> doors = Stream.of("door-left", "door-right")
                .flatMap(zone -> piece(zone, false).stream())
                .map(w -> new Work<>(
                        w.id(),
                        w.operation(),
                        w.details(),
                        w.zone(),
                        Optional.of(VehicleSystem.BODY),
                        w.piece(),
                        false,
                        true))
                .toList();
        assertThat(OneSideAtATime.of(doors, List.of())).isEmpty();
    }

    private static List<Work<String>> sills(boolean leftCut, boolean rightCut) {
        return Stream.concat(piece("sill-left", leftCut).stream(), piece("sill-right", rightCut).stream())
                .toList();
    }

    private static List<Work<String>> piece(String zone, boolean isCut) {
        return List.of(cut(zone, isCut), work("weld " + zone, Operation.WELD, Set.of(Detail.WELD_OUT), zone, false));
    }

    private static Work<String> cut(String zone, boolean over) {
        return work("cut " + zone, Operation.CUT, Set.of(), zone, over);
    }

    private static Work<String> work(String id, Operation operation, Set<Detail> details, String zone, boolean over) {
        return new Work<>(
                id,
                operation,
                details,
                Optional.of(zone),
                Optional.of(VehicleSystem.STRUCTURE),
                Optional.of(zone),
                over,
                true);
    }
}
