package ofisino.core.vehicle.equipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import ofisino.core.vehicle.BodyStyle;
import org.junit.jupiter.api.Test;

/** Seven whole vehicles, each with what the trade would expect of it and what it would laugh at. Common practice, no source. */
class SevenVehiclesTest {
    /** Nobody has seen anything of it yet: airbags and codes are asked about, a choke is not. */
    @Test
    void saloonOf1998() {
        assertThat(of(BodyStyle.SALOON, 1998, Layout.FRONT_ENGINE_FRONT_DRIVE))
                .contains(
                        "check airbag-lamp",
                        "check pretensioner-length",
                        "check papers-coded-keys",
                        "check catalyst-rattle",
                        "check drive-shaft-boots",
                        "check belt-reel",
                        "check injection-idle",
                        "way airbag-safe",
                        "way fuel-pressure-released",
                        "way gearbox-out-front-drive",
                        "condition fuel-under-pressure",
                        "condition weld-with-control-units",
                        "reset codes_read_and_erased",
                        "limit battery-rest 12.24..")
                .doesNotContain(
                        "check choke",
                        "check carburettor-leak",
                        "check propshaft-joints",
                        "check leaf-springs",
                        "check points-gap",
                        "check front-drum-cylinder",
                        "way propshaft-off",
                        "recipe brakes-rods");
        assertThat(of(
                        BodyStyle.SALOON,
                        1998,
                        Layout.FRONT_ENGINE_FRONT_DRIVE,
                        "diagnostic-plug:standard",
                        "control-units:bus"))
                .contains("check fault-codes", "check codes-after-drive", "reset modules_sleep_and_wake");
    }

    @Test
    void estateOf2008() {
        assertThat(of(
                        BodyStyle.ESTATE,
                        2008,
                        Layout.FRONT_ENGINE_FRONT_DRIVE,
                        "fuel:petrol",
                        "catalyst:controlled",
                        "abs:stability",
                        "air-conditioning:fitted",
                        "airbags:side",
                        "brakes-rear:disc",
                        "steering:rack",
                        "power-steering:electric"))
                .contains(
                        "check abs-lamp",
                        "check stability-switch",
                        "check lambda-value",
                        "check air-conditioning-cold",
                        "check airbag-covers",
                        "check rear-pad-lining",
                        "check rear-caliper-lever",
                        "check power-steering-electric",
                        "check child-anchors",
                        "check flood-marks",
                        "way refrigerant-recovered",
                        "condition refrigerant",
                        "limit carbon-monoxide ..0.3",
                        "limit steering-lash ..13",
                        "limit brake-efficiency 50..",
                        "reset steering_angle")
                .doesNotContain(
                        "check papers-high-voltage",
                        "check drum-lining",
                        "check power-steering-fluid",
                        "check glow-plugs",
                        "way rear-drums-off",
                        "way steering-fluid-drained");
    }

    @Test
    void carOf1955WithoutBelts() {
        assertThat(of(
                        BodyStyle.SALOON,
                        1955,
                        Layout.FRONT_ENGINE_REAR_DRIVE,
                        "belts-front:none",
                        "belts-rear:none",
                        "voltage:v6",
                        "brakes-front:drum",
                        "brakes-rear:drum",
                        "brake-circuits:single",
                        "indicators:semaphore",
                        "charging:dynamo",
                        "steering:box"))
                .contains(
                        "check belts-demanded",
                        "check semaphores",
                        "check dynamo-brushes",
                        "check front-drum-cylinder",
                        "check single-circuit",
                        "check box-oil",
                        "limit battery-rest 6.12..",
                        "limit charging 6.9..7.5",
                        "limit steering-lash ..50.8",
                        "limit carbon-monoxide ..4.5",
                        "recipe belts",
                        "recipe brake-shoes",
                        "recipe brake-shoes-rear",
                        "recipe wheel-cylinders",
                        "shared brake-bleed")
                .doesNotContain(
                        "check belt-webbing",
                        "check belt-reel",
                        "check lamp-indicators",
                        "check airbag-lamp",
                        "check disc-thickness",
                        "check fault-codes",
                        "check catalyst-rattle",
                        "check steering-gaiters",
                        "way airbag-safe",
                        "way fuel-pressure-released",
                        "condition weld-with-control-units",
                        "reset codes_read_and_erased",
                        "reset radio_code");
    }

    @Test
    void fourByFour() {
        assertThat(of(
                        BodyStyle.PICKUP,
                        1988,
                        Layout.FOUR_WHEEL_DRIVE,
                        "construction:chassis",
                        "fuel:diesel",
                        "steering:box"))
                .contains(
                        "check transfer-engages",
                        "check transfer-oil",
                        "check swivel-hubs",
                        "check propshaft-joints",
                        "check chassis-rails",
                        "check body-mounts",
                        "check bed-floor",
                        "check glow-plugs",
                        "way transfer-box-out",
                        "way front-axle-shafts-out",
                        "limit steering-lash ..50.8")
                .doesNotContain(
                        "check spark",
                        "check points-gap",
                        "check exhaust-gas-co",
                        "check choke",
                        "way gearbox-out-front-drive",
                        "way carburettor-off");
    }

    @Test
    void airCooledInTheRear() {
        assertThat(of(BodyStyle.SALOON, 1962, Layout.REAR_ENGINE, "cooling:air", "fuel:petrol"))
                .contains("check cooling-ducts", "check spark", "way engine-out-rear", "way rear-valance-off")
                .doesNotContain(
                        "check coolant-look",
                        "check coolant-freeze",
                        "check radiator-fins",
                        "check water-pump",
                        "check hoses-squeeze",
                        "check propshaft-joints",
                        "check axle-backlash",
                        "way radiator-out",
                        "way coolant-drained",
                        "way propshaft-off",
                        "way engine-out",
                        "recipe cooling");
    }

    @Test
    void twoStrokeMotorcycle() {
        assertThat(of(
                        BodyStyle.MOTORCYCLE,
                        1974,
                        Layout.MOTORCYCLE,
                        "fuel:two-stroke",
                        "oil-feed:mixed",
                        "cooling:air",
                        "starter-motor:kick",
                        "final-drive:chain"))
                .contains(
                        "check two-stroke-seals",
                        "check two-stroke-oil",
                        "check kick-starter-bite",
                        "check chain-stretch",
                        "check head-bearing-notch",
                        "check frame-cracks",
                        "limit tread-depth 1..",
                        "limit brake-efficiency 42..",
                        "way bike-engine-out")
                .doesNotContain(
                        "check valve-noise",
                        "check valve-clearance",
                        "check timing-chain-noise",
                        "check battery-crank",
                        "check belt-webbing",
                        "check heater-warm",
                        "check coolant-look",
                        "check final-shaft",
                        "check sill-tap",
                        "way bike-radiator-out",
                        "way airbag-safe",
                        "way engine-out");
    }

    @Test
    void dieselVan() {
        assertThat(of(
                        BodyStyle.VAN,
                        1985,
                        Layout.FRONT_ENGINE_REAR_DRIVE,
                        "fuel:diesel",
                        "charged:turbo",
                        "voltage:v24"))
                .contains(
                        "check glow-plugs",
                        "check diesel-stop",
                        "check turbo-play",
                        "check batteries-in-series",
                        "check cargo-floor-members",
                        "check van-door-hinges",
                        "limit battery-rest 24.48..",
                        "limit charging 27..29.6",
                        "way fuel-pressure-released",
                        "condition fuel-under-pressure")
                .doesNotContain(
                        "check spark",
                        "check plugs-colour",
                        "check points-gap",
                        "check leads-order",
                        "check choke",
                        "check exhaust-gas-co",
                        "check lambda-value",
                        "check carburettor-leak",
                        "check gas-cylinder",
                        "way carburettor-off");
        Set<String> hybrid = of(BodyStyle.VAN, 2018, Layout.FRONT_ENGINE_FRONT_DRIVE);
        assertThat(hybrid)
                .as("nobody has seen that it has no high voltage")
                .contains("condition high-voltage", "condition open-high-voltage");
    }

    private static Set<String> of(BodyStyle body, int year, Layout layout, String... facts) {
        return WhatHangsOnIt.of(Vehicles.of(new Make(body, year, layout), facts));
    }
}
