package ofisino.core.plan.interlock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.interlock.Interlocks.Work;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Nearby;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.HowKnown;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What has to be so before the first step. Common practice, no source, where a rule names none. */
class InterlocksTest {
    private static final Interlocks INTERLOCKS = Interlocks.load();

    @Test
    void weldingAtATankAsksForMoreThanDrained() {
        assertThat(of(Operation.WELD, VehicleSystem.FUEL, "fuel-tank", 1969))
                .contains(
                        Interlock.DRAINED,
                        Interlock.PROVED_EMPTY,
                        Interlock.VENTILATED,
                        Interlock.EXTINGUISHER,
                        Interlock.ISOLATED,
                        Interlock.FUEL_AWAY,
                        Interlock.FIRE_WATCH)
                .doesNotContain(Interlock.CONTROL_UNITS_OFF);
        assertThat(of(Operation.WELD, VehicleSystem.STRUCTURE, "sill", 2008)).contains(Interlock.CONTROL_UNITS_OFF);
        assertThat(of(Operation.ASSEMBLE, VehicleSystem.TRIM, "load-floor", 1969))
                .isEmpty();
        assertThat(Interlock.PROVED_EMPTY.isOnlyForToday()).isTrue();
        assertThat(Interlock.ISOLATED.isOnlyForToday())
                .as("the battery may be back since")
                .isTrue();
    }

    /** Filled from a can, or pumped into a jug while it is turned over: it is in the open, though the tank is not empty. */
    @Test
    void fuelInTheOpenAsksForAirAndAnExtinguisher() {
        assertThat(of(Operation.FILL, VehicleSystem.FUEL, "fuel-tank", 1969))
                .containsExactlyInAnyOrder(Interlock.VENTILATED, Interlock.EXTINGUISHER);
        assertThat(of(Operation.INSPECT, VehicleSystem.FUEL, "fuel-pump", 1969))
                .as("only looked at")
                .isEmpty();
        assertThat(INTERLOCKS.of(new Work(
                        Operation.INSPECT,
                        Set.of(Detail.MEASURE, Detail.AS_FOUND),
                        Optional.of(VehicleSystem.FUEL),
                        Optional.of("fuel-pump"),
                        Set.of(),
                        Set.of(),
                        vehicle(BodyStyle.HATCHBACK, 1974))))
                .containsExactlyInAnyOrder(Interlock.VENTILATED, Interlock.EXTINGUISHER);
    }

    /** The plug below the seat of a 2008 car: nobody names the airbag, and it asks for battery and wait all the same. */
    @Test
    void workNearWhatMayFireAsksForTheWait() {
        assertThat(of(Operation.WIRE, VehicleSystem.ELECTRICAL, "wiring", 2008))
                .contains(Interlock.ISOLATED, Interlock.RESTRAINT_WAITED);
        assertThat(of(Operation.STRIP, VehicleSystem.TRIM, "dashboard", 1998)).contains(Interlock.RESTRAINT_WAITED);
        assertThat(of(Operation.STRIP, VehicleSystem.TRIM, "dashboard", 1969))
                .doesNotContain(Interlock.RESTRAINT_WAITED);
    }

    /** A belt's tensioner lies behind the pillar that the sill ends in: sparks reach what nobody works on. */
    @Test
    void sparksNearWhatMayFireAskForTheWaitToo() {
        assertThat(of(Operation.WELD, VehicleSystem.STRUCTURE, "sill", 1998)).contains(Interlock.RESTRAINT_WAITED);
        assertThat(of(Operation.CUT, VehicleSystem.BODY, "roof", 1998)).contains(Interlock.RESTRAINT_WAITED);
        assertThat(of(Operation.WELD, VehicleSystem.STRUCTURE, "sill", 1969))
                .doesNotContain(Interlock.RESTRAINT_WAITED);
        assertThat(of(Operation.WELD, VehicleSystem.BODY, "front-valance", 1998))
                .doesNotContain(Interlock.RESTRAINT_WAITED);
        assertThat(of(Operation.PRIME, VehicleSystem.STRUCTURE, "sill", 1998))
                .doesNotContain(Interlock.RESTRAINT_WAITED);
    }

    /** Every access that warns of something asks for something; a cooled circuit is opened by a licensed shop only. */
    @ParameterizedTest
    @EnumSource(Caution.class)
    void whatOpensWithADangerAsks(Caution danger) {
        Set<Caution> elsewhere = EnumSet.of(
                Caution.WELDING,
                Caution.GRINDING,
                Caution.PAINT_FUMES,
                Caution.EXHAUST_GAS,
                Caution.LEAD,
                Caution.HIGH_VOLTAGE,
                Caution.CONTROL_UNITS);
        assertThat(INTERLOCKS
                        .ofStripDown(Set.of(danger), vehicle(BodyStyle.HATCHBACK, 2008))
                        .isEmpty())
                .isEqualTo(elsewhere.contains(danger));
        assertThat(AccessLibrary.load().of(vehicle(BodyStyle.HATCHBACK, 2008)).all().stream()
                        .flatMap(w -> w.cautions().stream()))
                .doesNotContainAnyElementsOf(elsewhere);
    }

    /** Whatever else the work needs, power included: restraint is isolated. */
    @Property(seed = Seeds.OF_THE_DAY)
    void nothingRemovesIsolatedForRestraint(
            @ForAll Operation operation,
            @ForAll Set<Detail> details,
            @ForAll Set<Caution> cautions,
            @ForAll BodyStyle body,
            @ForAll @IntRange(min = 1920, max = 2026) int year) {
        assertThat(INTERLOCKS.of(new Work(
                        operation,
                        details,
                        Optional.of(VehicleSystem.RESTRAINT),
                        Optional.empty(),
                        Set.of(),
                        cautions,
                        vehicle(body, year))))
                .contains(Interlock.ISOLATED, Interlock.RESTRAINT_WAITED);
    }

    /** More dangers never ask for less. */
    @Property(seed = Seeds.OF_THE_DAY)
    void cautionsOnlyAdd(@ForAll Operation operation, @ForAll Set<Caution> few, @ForAll Set<Caution> more) {
        Set<Caution> both = new HashSet<>(few);
        both.addAll(more);
        assertThat(of(operation, both)).containsAll(of(operation, few));
    }

    private static Set<Interlock> of(Operation operation, Set<Caution> cautions) {
        return INTERLOCKS.of(new Work(
                operation,
                Set.of(),
                Optional.of(VehicleSystem.ENGINE),
                Optional.empty(),
                Set.of(),
                cautions,
                vehicle(BodyStyle.VAN, 1990)));
    }

    @Test
    void everyInterlockIsAskedForBySomethingAndEveryPlaceIsDrawn() {
        assertThat(INTERLOCKS.rules().stream().flatMap(r -> r.asks().stream()).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(Interlock.values());
        Bodies bodies = Bodies.load();
        Set<String> places = bodies.styles().stream()
                .flatMap(s -> bodies.of(s).zones().stream())
                .map(Zone::place)
                .collect(Collectors.toSet());
        assertThat(INTERLOCKS.rules())
                .allSatisfy(r ->
                        assertThat(places).as(r.id()).containsAll(r.places()).containsAll(r.near()));
        assertThatThrownBy(() -> Interlocks.read(new StringReader("- {id: x, asks: [drained]}")))
                .hasMessageContaining("every job");
    }

    private static Set<Interlock> of(Operation operation, VehicleSystem system, String place, int year) {
        return INTERLOCKS.of(new Work(
                operation,
                Set.of(),
                Optional.of(system),
                Optional.of(place),
                Nearby.load().of(place).near(),
                Set.copyOf(operation.cautions()),
                vehicle(BodyStyle.HATCHBACK, year)));
    }

    private static Equipment vehicle(BodyStyle body, int year, Equipment.Fact... facts) {
        return Equipment.of(Vehicles.LIBRARY, new Make(body, year, Layout.FRONT_ENGINE_REAR_DRIVE), List.of(facts));
    }

    /**
     * By hand: what may be under pressure, drop, burn or kill is asked for until somebody has seen that it is not there; a guess and a saying take
     * nothing away. Common practice, no source.
     */
    @ParameterizedTest
    @CsvSource({
        "SALOON, 1974, STANDS, CANNOT_DROP, springs:steel",
        "SALOON, 1974, FUEL, PRESSURE_RELEASED, induction:carburettor",
        "SALOON, 1974, REFRIGERANT, REFRIGERANT_OUT, air-conditioning:none",
        "SALOON, 2004, HOIST, HIGH_VOLTAGE_DEAD, fuel:petrol",
        "ESTATE, 1930, STANDS, , ",
        "ESTATE, 1930, FUEL, , ",
        "SALOON, 1974, HOIST, , ",
    })
    void whatMayBeThereIsMadeSureOfBeforeItIsOpened(
            BodyStyle body, int year, Caution danger, Interlock asked, String seen) {
        Set<Interlock> byEquipment = EnumSet.of(
                Interlock.CANNOT_DROP,
                Interlock.PRESSURE_RELEASED,
                Interlock.REFRIGERANT_OUT,
                Interlock.HIGH_VOLTAGE_DEAD,
                Interlock.GAS_SAFE);
        Set<Interlock> found = INTERLOCKS.ofStripDown(Set.of(danger), Vehicles.of(body, year));
        if (asked == null) {
            assertThat(found).doesNotContainAnyElementsOf(byEquipment);
            return;
        }
        assertThat(found).contains(asked);
        assertThat(INTERLOCKS.ofStripDown(Set.of(danger), Vehicles.of(body, year, seen + " said")))
                .contains(asked);
        assertThat(INTERLOCKS.ofStripDown(Set.of(danger), Vehicles.of(body, year, seen)))
                .doesNotContain(asked);
    }

    @Test
    void noFireNearAGasCylinder() {
        assertThat(INTERLOCKS.of(weldingASill(Vehicles.of(BodyStyle.ESTATE, 1985))))
                .contains(Interlock.GAS_SAFE);
        assertThat(INTERLOCKS.of(weldingASill(Vehicles.of(BodyStyle.ESTATE, 1985, "gas-conversion:none"))))
                .doesNotContain(Interlock.GAS_SAFE);
    }

    private static Work weldingASill(Equipment vehicle) {
        return new Work(
                Operation.WELD,
                Set.of(),
                Optional.of(VehicleSystem.STRUCTURE),
                Optional.of("sill"),
                Set.of(),
                Set.of(),
                vehicle);
    }

    /** A saloon of 1998 counts as having airbags until somebody has seen that it has none, on the seats and behind them. */
    @Test
    void whatMayBeFittedCountsUntilItWasSeen() {
        for (HowKnown how : HowKnown.values()) {
            Equipment saloon = vehicle(
                    BodyStyle.SALOON,
                    1998,
                    new Equipment.Fact("airbags", "none", how),
                    new Equipment.Fact("pretensioners", "none", how),
                    new Equipment.Fact("pyrotechnics", "none", how));
            assertThat(INTERLOCKS.ofStripDown(Set.of(Caution.RESTRAINT), saloon).contains(Interlock.RESTRAINT_WAITED))
                    .as(how.name())
                    .isEqualTo(!how.rulesOut());
        }
        assertThat(INTERLOCKS.ofStripDown(Set.of(Caution.RESTRAINT), vehicle(BodyStyle.SALOON, 1969)))
                .isEmpty();
    }
}
