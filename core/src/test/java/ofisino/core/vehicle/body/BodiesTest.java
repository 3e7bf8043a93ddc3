package ofisino.core.vehicle.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.vehicle.BodyStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BodiesTest {
    private static final Body ESTATE = Bodies.load().of(BodyStyle.ESTATE);

    @Test
    void theEstateIsDrawnWithBothSides() {
        assertThat(ESTATE.zones()).hasSizeGreaterThan(70);
        assertThat(ESTATE.require("sill-left").side()).isEqualTo(Side.LEFT);
        assertThat(ESTATE.require("sill-right")).satisfies(sill -> {
            assertThat(sill.side()).isEqualTo(Side.RIGHT);
            assertThat(sill.view()).isEqualTo("right");
            assertThat(sill.markX()).isEqualTo(640 - ESTATE.require("sill-left").markX());
        });
        assertThat(ESTATE.views())
                .filteredOn(BodyView::mirrored)
                .extracting(BodyView::id)
                .containsExactly("right");
    }

    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void everyMarkLiesOnItsView(BodyStyle style) {
        Body body = Bodies.load().of(style);
        for (Zone zone : body.zones()) {
            BodyView view = body.views().stream()
                    .filter(v -> v.id().equals(zone.view()))
                    .findFirst()
                    .orElseThrow();
            assertThat(zone.markX()).as(zone.id()).isBetween(0.0, view.width());
            assertThat(zone.markY()).as(zone.id()).isBetween(0.0, view.height());
        }
    }

    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void aZoneOfALeftPartHasItsRightTwin(BodyStyle style) {
        Body body = Bodies.load().of(style);
        assertThat(body.zones())
                .filteredOn(z -> z.side() == Side.LEFT)
                .allSatisfy(z ->
                        assertThat(body.zone(z.id().replace("left", "right"))).isPresent());
    }

    /** Names alone must tell zones apart in a list, with the side added. */
    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void noTwoZonesOfASideHaveOneName(BodyStyle style) {
        assertThat(Bodies.load().of(style).zones().stream().map(z -> z.name() + ", " + z.side()))
                .doesNotHaveDuplicates();
    }

    @Test
    void theMotorcycleIsPressedOnOneSideAndDrawnOnBoth() {
        Body motorcycle = Bodies.load().of(BodyStyle.MOTORCYCLE);
        assertThat(motorcycle.require("fuel-tank").view()).isEqualTo("left");
        assertThat(motorcycle.require("fork-right").view()).isEqualTo("right");
        assertThat(motorcycle.require("kick-starter").view()).isEqualTo("right");
        assertThat(motorcycle.views().get(1).details())
                .contains(motorcycle.require("fuel-tank").outline());
    }

    @Test
    void aBodyTakesViewsFromAnother() {
        Body saloon = Bodies.load().of(BodyStyle.SALOON);
        assertThat(saloon.require("rear-axle")).isEqualTo(ESTATE.require("rear-axle"));
        assertThat(saloon.zone("load-bay")).isEmpty();
        assertThat(saloon.require("boot").view()).isEqualTo("cabin");
    }

    @Test
    void aSlipInADrawingFileIsNamed() {
        assertThatThrownBy(() -> ESTATE.require("wing-mirror")).hasMessageContaining("Press a zone");
        assertThatThrownBy(() -> read("style: van\nviews:\n- {id: top, name: Top}"))
                .hasMessageContaining("lacks “column”");
        assertThatThrownBy(() -> read("style: van\nviews:\n- {id: r, name: R, mirrorOf: left, column: 0, row: 0}"))
                .hasMessageContaining("not defined above");
        String zone = "{id: a, name: A, system: body, outline: M0 0Z, mark: [1, 1]}";
        assertThatThrownBy(() -> read(view("[" + zone + ", " + zone + "]"))).hasMessageContaining("twice");
        assertThatThrownBy(() -> read(view("[{id: a, name: A, system: body, outline: '<script>', mark: [1, 1]}]")))
                .hasMessageContaining("no SVG path");
        assertThatThrownBy(() ->
                        read(view("[{id: a, name: Roof, front half, system: body, outline: M0 0Z, mark: [1, 1]}]")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("unknown key “front half”");
        assertThatThrownBy(() -> read("style: van\nviews:\n- {id: keel, of: estate}"))
                .hasMessageContaining("no view keel");
        assertThatThrownBy(() -> read("style: van\nviews:\n- {id: cabin, of: ESTATE, without: [bar]}"))
                .hasMessageContaining("no zone “bar”");
    }

    private static String view(String zones) {
        return "style: van\nviews:\n- {id: top, name: Top, column: 0, row: 0, width: 9, height: 9, zones: " + zones
                + "}";
    }

    private static Body read(String yaml) {
        return BodyReader.read(new StringReader(yaml), style -> Bodies.load().of(style));
    }
}
