package ofisino.core.plan.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.entry;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import ofisino.core.bench.panel.PanelCover;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.plan.interlock.Reconnection.Reset;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.outstanding.OutstandingItem;
import ofisino.core.plan.outstanding.OutstandingItem.Trigger;
import ofisino.core.plan.outstanding.OutstandingItem.When;
import ofisino.core.plan.scope.AimChange.Aims;
import ofisino.core.plan.scope.Growth.Added;
import ofisino.core.plan.scope.Growth.Cause;
import ofisino.core.plan.scope.Repeats.Done;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;

/** Scenarios 6, 9 and 10, and rules by hand. */
class ScopeTest {
    /** Scenario 10: 46 jobs / 120 h; +6 / 22 h, +18 / 74 h: 216 h. Done 88 h: 73 % of baseline, 41 % of present, growth +80 %. */
    @Test
    void theTorvaneCoupeGrewByFourFifths() {
        List<Growth.Item> items = new ArrayList<>();
        items.addAll(items(46, 120 * 60, 88 * 60, true, Cause.FORGOTTEN));
        items.addAll(items(6, 22 * 60, 0, false, Cause.FOUND));
        items.addAll(items(18, 74 * 60, 0, false, Cause.ACCESS_OPEN));
        Growth growth = Growth.of(items);
        assertThat(growth.presentMinutes()).isEqualTo(216 * 60);
        assertThat(growth.baselineJobs()).isEqualTo(46);
        assertThat(growth.presentJobs()).isEqualTo(70);
        assertThat(growth.added())
                .containsOnly(
                        entry(Cause.FOUND, new Added(6, 22 * 60)), entry(Cause.ACCESS_OPEN, new Added(18, 74 * 60)));
        assertThat(growth.doneOfBaseline()).isEqualTo(73);
        assertThat(growth.doneOfPresent()).isEqualTo(41);
        assertThat(growth.growthPercent()).isEqualTo(80);
    }

    /** So many jobs of so many minutes in all; the first ones are done, up to the minutes done. */
    private static List<Growth.Item> items(int jobs, long minutes, long done, boolean baseline, Cause cause) {
        List<Growth.Item> items = new ArrayList<>();
        // two jobs carry what is done and what is not; the others are of no length
        items.add(new Growth.Item(baseline, done, done, false, true, cause));
        items.add(new Growth.Item(baseline, minutes - done, minutes - done, false, false, cause));
        for (int i = 2; i < jobs; i++) items.add(new Growth.Item(baseline, 0, 0, false, false, cause));
        return items;
    }

    @Test
    void whatIsDroppedCountsInTheBaselineAndNotInThePresent() {
        Growth growth = Growth.of(List.of(
                new Growth.Item(true, 100, 100, true, false, Cause.FOUND),
                new Growth.Item(true, 100, 150, false, true, Cause.FOUND)));
        assertThat(growth.dropped()).isEqualTo(new Added(1, 100));
        assertThat(growth.growthPercent()).isEqualTo(-25);
        assertThat(Growth.of(List.of()).doneOfPresent()).isZero();
    }

    @Test
    void anAimChangedSaysWhatFallsInAndOutBeforeItIsDone() {
        List<AimChange.Item<String>> items = List.of(
                item("brakes", "front-brakes", Aim.ROAD_READY, 300, 100_00),
                item("carpet", "floor-left", Aim.DRIVER, 200, 80_00),
                item("chrome", "rear-bumper", Aim.SHOW, 600, 900_00));
        Aims driver = new Aims(Aim.DRIVER, Map.of());
        AimChange<String> down = AimChange.of(items, driver, new Aims(Aim.ROAD_READY, Map.of()));
        assertThat(down.out().items()).containsExactly("carpet");
        assertThat(down.in().items()).isEmpty();
        assertThat(down.out().weeks(400)).contains(0.5);
        assertThat(down.out().weeks(0)).isEmpty();
        AimChange<String> zone = AimChange.of(items, driver, new Aims(Aim.DRIVER, Map.of("rear-bumper", Aim.SHOW)));
        assertThat(zone.in().items()).containsExactly("chrome");
        assertThat(zone.in().minor()).isEqualTo(900_00);
        // there and back again nothing is left
        assertThat(AimChange.of(items, driver, driver).in().items()).isEmpty();
    }

    private static AimChange.Item<String> item(String id, String zone, Aim aim, long minutes, long minor) {
        return new AimChange.Item<>(id, Optional.of(zone), aim, minutes, minor);
    }

    /** Scenario 9: third patch on one panel: the whole side is suggested. Need 72: at the second the cause is asked for. */
    @Test
    void theThirdPatchSuggestsTheWholeSide() {
        List<Done<Integer>> patches = IntStream.range(0, 3)
                .mapToObj(i ->
                        new Done<>(i, "piece " + i, Optional.of("side-panel"), Optional.empty(), Operation.WELD, 60L))
                .toList();
        assertThat(Repeats.of(patches.subList(0, 1))).isEmpty();
        assertThat(Repeats.of(patches.subList(0, 2))).singleElement().satisfies(r -> {
            assertThat(r.wholePanel()).isFalse();
            assertThat(r.spentMinutes()).isEqualTo(120);
        });
        assertThat(Repeats.of(patches)).singleElement().matches(Repeats.Repeat::wholePanel);
        // two steps of one piece of work are one repair
        assertThat(Repeats.of(List.of(
                        new Done<>(1, "piece", Optional.of("sill"), Optional.empty(), Operation.WELD, 0L),
                        new Done<>(2, "piece", Optional.of("sill"), Optional.empty(), Operation.WELD, 0L))))
                .isEmpty();
        assertThat(Repeats.of(List.of(
                        new Done<>(1, "a", Optional.of("engine"), Optional.of("starter"), Operation.REPLACE, 0L),
                        new Done<>(2, "b", Optional.of("engine"), Optional.of("hose"), Operation.REPLACE, 0L))))
                .as("two things at one place are two repairs")
                .isEmpty();
        assertThat(Repeats.of(List.of(
                        new Done<>(1, "a", Optional.of("sill"), Optional.empty(), Operation.INSPECT, 0L),
                        new Done<>(2, "b", Optional.of("sill"), Optional.empty(), Operation.INSPECT, 0L))))
                .isEmpty();
    }

    /** Scenario 9: damage 900 × 420 mm, panel 500 × 400 mm: 53 % covered, 178,000 mm² to make. */
    @Test
    void aPanelTooSmallLeavesARest() {
        PanelCover cover = PanelCover.of(900, 420, 500, 400);
        assertThat(cover.coveredPercent()).isEqualTo(53);
        assertThat(cover.toMakeMm2()).isEqualTo(178_000);
        // turned it covers more
        assertThat(PanelCover.of(420, 900, 500, 400)).isEqualTo(cover);
        assertThat(PanelCover.of(300, 300, 500, 400).toMakeMm2()).isZero();
        assertThatThrownBy(() -> PanelCover.of(900, 0, 500, 400)).isInstanceOf(InvalidValue.class);
    }

    /** By hand: an edge of 2,640 mm has 66 spot welds 40 mm apart; a bit lasts 50 of them, a disc 800 mm. */
    @Test
    void aDamageCutOutWearsOutBitsAndDiscs() {
        PanelCover cover = PanelCover.of(900, 420, 500, 400);
        assertThat(cover.spotWelds()).isEqualTo(66);
        assertThat(cover.drillBits()).isEqualTo(2);
        assertThat(cover.discs()).isEqualTo(4);
    }

    /** Scenario 9: all 5 bare parts go into one paint session. Scenario 10: brackets to be plated: one batch of 64 pieces. */
    @Test
    void piecesOfOneTreatmentGoIntoOneSession() {
        List<Batches.Step<Integer>> steps = new ArrayList<>();
        for (int i = 0; i < 5; i++) steps.add(new Batches.Step<>(i, Operation.PAINT, 1));
        steps.add(new Batches.Step<>(10, Operation.COAT, 40));
        steps.add(new Batches.Step<>(11, Operation.COAT, 24));
        steps.add(new Batches.Step<>(12, Operation.BLAST, 3));
        steps.add(new Batches.Step<>(13, Operation.WELD, 9));
        assertThat(Batches.of(steps))
                .containsExactly(
                        new Batches.Batch<>(Operation.PAINT, List.of(0, 1, 2, 3, 4), 5),
                        new Batches.Batch<>(Operation.COAT, List.of(10, 11), 64));
        // three coats on five pieces, four pieces to a can and coat: 15 / 4
        assertThat(Batches.containers(3, 5, 4)).isEqualTo(4);
        assertThat(Batches.containers(2, 4, 4)).isEqualTo(2);
        assertThatThrownBy(() -> new Batches.Step<>(1, Operation.COAT, 0)).isInstanceOf(InvalidValue.class);
    }

    /** Scenario 6: works that wait for the end of a trip come up on the day of the return. */
    @Test
    void aTemporaryRepairIsOwedFromItsDayOrItsEvent() {
        LocalDate back = LocalDate.of(2026, 6, 20);
        OutstandingItem seal = new OutstandingItem(
                OutstandingItem.OutstandingKind.FOR_NOW,
                "Old door seal glued",
                "Fit the new door seal",
                Optional.of(VehicleSystem.GLASS_AND_SEALS),
                false,
                new Trigger(When.EVENT, "after the trip", Optional.of(back)));
        assertThat(seal.isDue(back.minusDays(1), false)).isFalse();
        assertThat(seal.isDue(back, false)).isTrue();
        assertThat(seal.isDue(back.minusDays(5), true)).isTrue();
    }

    /** Scenario 6: a fume seal and a belt are safety items; scenario 7: brakes are never temporary. */
    @Test
    void whatCanHurtIsNeverOwed() {
        Trigger later = new Trigger(When.EVENT, "after the trip", Optional.empty());
        for (VehicleSystem system : EnumSet.of(
                VehicleSystem.BRAKES,
                VehicleSystem.STEERING_AND_SUSPENSION,
                VehicleSystem.RESTRAINT,
                VehicleSystem.FUEL))
            assertThatThrownBy(() -> new OutstandingItem(
                            OutstandingItem.OutstandingKind.FOR_NOW,
                            "Tied up",
                            "Renew",
                            Optional.of(system),
                            false,
                            later))
                    .as(system.name())
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining("do not drive");
        assertThatThrownBy(() -> new OutstandingItem(
                        OutstandingItem.OutstandingKind.LEFT_OFF, "Bumper", "Looks", Optional.empty(), false, later))
                .hasMessageContaining("here it belongs");
        new OutstandingItem(
                OutstandingItem.OutstandingKind.LOAN,
                "Caliper",
                "The second car",
                Optional.of(VehicleSystem.BRAKES),
                false,
                later);
        assertThatThrownBy(() -> new OutstandingItem(
                        OutstandingItem.OutstandingKind.FOR_NOW,
                        "Fume seal taped",
                        "Renew",
                        Optional.of(VehicleSystem.BODY),
                        true,
                        later))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Trigger(When.EVENT, " ", Optional.empty())).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Trigger(When.DATE, "", Optional.empty())).isInstanceOf(InvalidValue.class);
    }

    /** Need 19: what the battery's absence leaves to be set again, by the age of the car. */
    @Test
    void anOldCarForgetsOnlyItsClock() {
        Reconnection reconnection = Reconnection.load();
        assertThat(reconnection.of(Vehicles.of(BodyStyle.ESTATE, 1969)))
                .containsExactly(Reset.TERMINALS_CLEAN_AND_TIGHT, Reset.CLOCK);
        assertThat(reconnection.of(Vehicles.of(BodyStyle.HATCHBACK, 2008)))
                .as("nobody has seen what it has not")
                .containsExactly(Reset.values());
        assertThat(reconnection.of(Vehicles.of(BodyStyle.HATCHBACK, 2008, "roof:fixed", "abs:abs")))
                .doesNotContain(Reset.ROOF_END_STOPS, Reset.STEERING_ANGLE);
        assertThat(reconnection.of(Vehicles.of(BodyStyle.MOTORCYCLE, 2008))).doesNotContain(Reset.WINDOWS_END_STOPS);
    }
}
