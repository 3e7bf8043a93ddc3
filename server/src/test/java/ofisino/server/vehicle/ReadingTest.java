package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.vehicle.Measuring.judged;
import static ofisino.server.vehicle.Measuring.made;
import static ofisino.server.vehicle.Measuring.measured;
import static ofisino.server.vehicle.Measuring.reading;
import static ofisino.server.vehicle.Measuring.readings;
import static ofisino.server.vehicle.Measuring.take;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class ReadingTest {
    @Test
    void cylindersAreComparedAndTheLastReadingAtASpotCounts(TestGarage garage) {
        UUID project = garage.project();
        take(
                        garage,
                        project,
                        "compression-ratio-lowest",
                        "engine-block",
                        reading("1", 9.4, "BAR"),
                        reading("2", 6.2, "BAR"))
                .ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("OUTSIDE");
        take(garage, project, "compression-ratio-lowest", "engine-block", reading("2", 130, "PSI"))
                .ok();
        JsonNode judged = judged(garage, project);
        assertThat(judged.path("value").asDouble()).isCloseTo(100 * 8.963 / 9.4, within(0.1));
        assertThat(judged.path("outcome").asString()).isEqualTo("WITHIN");
        assertThat(judged.path("mayClear").asBoolean()).isFalse();
        assertThat(measured(garage, project).path("points")).hasSize(3);
    }

    /** 400 V at a battery, −1 mm of tread, no compression: asked about, kept only on request, and then not judged. */
    @Test
    void whatCannotBeIsAskedAboutFirst(TestGarage garage) {
        UUID project = garage.project();
        for (Answer asked : List.of(
                take(garage, project, "battery-rest", "battery-tray", reading("here", 400, "VOLT")),
                take(garage, project, "tread-depth", "front-wheel-left", reading("here", -1, "MILLIMETRE")),
                take(garage, project, "compression-ratio-lowest", "engine-block", reading("1", 0, "BAR")))) {
            assertThat(asked.status()).isEqualTo(422);
            assertThat(asked.code()).isEqualTo("reading.ask-again");
        }
        assertThat(garage.rows("reading")).isZero();
        Map<String, Object> sure = reading("here", 400, "VOLT");
        sure.put("sure", true);
        take(garage, project, "battery-rest", "battery-tray", sure).ok();
        assertThat(judged(garage, project).path("why").asString()).isEqualTo("ASK_AGAIN");
    }

    @Test
    void anInstrumentThatIsTooCoarseDoesNotJudge(TestGarage garage) {
        UUID project = garage.project();
        UUID ruler = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/instruments",
                        map(
                                "id",
                                ruler,
                                "name",
                                "Old ruler",
                                "unit",
                                "MILLIMETRE",
                                "readsFrom",
                                0,
                                "readsTo",
                                300,
                                "resolution",
                                1))
                .ok();
        Map<String, Object> reading = reading("here", 4, "MILLIMETRE");
        reading.put("instrumentId", ruler);
        take(garage, project, "tread-depth", "front-wheel-left", reading).ok();
        assertThat(judged(garage, project).path("why").asString()).isEqualTo("INSTRUMENT_RESOLUTION");
        reading = reading("here", 400, "MILLIMETRE");
        reading.put("instrumentId", ruler);
        assertThat(take(garage, project, "tread-depth", "front-wheel-left", reading)
                        .detail())
                .contains("Old ruler");
    }

    /** Only a figure that somebody held against its document may speak for sound. */
    @Test
    void theMakersFigureComesFirstAndClearsOnlyWhenCompared(TestGarage garage) {
        UUID project = garage.project();
        take(garage, project, "disc-thickness", "front-brakes", reading("left", 8.9, "MILLIMETRE"))
                .ok();
        assertThat(judged(garage, project).path("why").asString()).isEqualTo("MAKERS_FIGURE_MISSING");
        figure(garage, project, false, 0).ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("WITHIN");
        assertThat(judged(garage, project).path("mayClear").asBoolean()).isFalse();
        figure(garage, project, true, 0).ok();
        // what hurts when it is misread is read by two
        assertThat(measured(garage, project).path("second").asString()).isEqualTo("WANTED");
        assertThat(judged(garage, project).path("mayClear").asBoolean()).isFalse();
        Map<String, Object> byAnother = reading("left", 8.92, "MILLIMETRE");
        byAnother.put("measurer", "Mirko");
        take(garage, project, "disc-thickness", "front-brakes", byAnother).ok();
        assertThat(measured(garage, project).path("second").asString()).isEqualTo("AGREES");
        assertThat(judged(garage, project).path("mayClear").asBoolean()).isTrue();
        assertThat(figure(garage, project, true, 0).code()).isEqualTo("figure.stale");
    }

    @Test
    void datesOnPartsAgeByThemselves(TestGarage garage) {
        UUID project = garage.project();
        take(garage, project, "tyre-age", "front-wheel-left", made("left", "1409"))
                .ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("OUTSIDE");
        assertThat(measured(garage, project)
                        .path("points")
                        .get(0)
                        .path("madeOn")
                        .asString())
                .isEqualTo("2009-04-05");
        assertThat(measured(garage, project)
                        .path("points")
                        .get(0)
                        .path("expiresOn")
                        .asString())
                .isEqualTo("2019-04-05");
        assertThat(take(garage, project, "tyre-age", "front-wheel-left", made("left", "148"))
                        .code())
                .isEqualTo("date-code.decade");
        assertThat(take(garage, project, "tyre-age", "front-wheel-left", made("left", "gone"))
                        .code())
                .isEqualTo("date-code.unreadable");
    }

    /** A better source decides, whichever was entered last; the other stands beside it. */
    @Test
    void theBestSourceDecides(TestGarage garage) {
        UUID project = garage.project();
        take(garage, project, "disc-thickness", "front-brakes", reading("left", 8.7, "MILLIMETRE"))
                .ok();
        enter(garage, project, "COMPONENT", 9.0).ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("OUTSIDE");
        enter(garage, project, "PUBLIC", 5.0).ok();
        enter(garage, project, "VEHICLE", 8.0).ok();
        assertThat(judged(garage, project).path("outcome").asString())
                .as("what the maker stamped on it outweighs what was entered later")
                .isEqualTo("OUTSIDE");
        assertThat(limit(garage, project, "disc-thickness")
                        .path("figures")
                        .valueStream()
                        .map(f -> f.path("sourceKind").asString()))
                .containsExactly("COMPONENT", "VEHICLE", "PUBLIC");
    }

    private static Answer enter(TestGarage garage, UUID project, String sourceKind, double least) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/figures",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "limitId",
                                "disc-thickness",
                                "sourceKind",
                                sourceKind,
                                "least",
                                least,
                                "document",
                                "of " + sourceKind,
                                "compared",
                                true,
                                "version",
                                0));
    }

    private static JsonNode limit(TestGarage garage, UUID project, String id) {
        return readings(garage, project, "limits", "id", id);
    }

    /** A slip of the pen counts no more and stays to be read; what was read before it counts again. */
    @Test
    void aWrongReadingIsCorrected(TestGarage garage) {
        UUID project = garage.project();
        take(garage, project, "tread-depth", "front-wheel-left", reading("here", 4.0, "MILLIMETRE"))
                .ok();
        Map<String, Object> slip = reading("here", 0.4, "MILLIMETRE");
        take(garage, project, "tread-depth", "front-wheel-left", slip).ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("OUTSIDE");
        String wrong = "/api/projects/" + project + "/readings/" + slip.get("id") + "/wrong";
        garage.owner()
                .post(wrong, map("because", "Read in the groove of a stone"))
                .ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("WITHIN");
        assertThat(measured(garage, project)
                        .path("points")
                        .valueStream()
                        .map(p -> p.path("wrongBecause").asString("")))
                .contains("Read in the groove of a stone");
        assertThat(garage.owner().post(wrong, map("because", "again")).status()).isEqualTo(409);
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/readings/" + UUID.randomUUID() + "/wrong",
                                map("because", "none"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void nobodyMeasuresTreadAtTheBonnet(TestGarage garage) {
        UUID project = garage.project();
        assertThat(take(garage, project, "tread-depth", "bonnet", reading("here", 4.0, "MILLIMETRE"))
                        .code())
                .isEqualTo("reading.place");
        assertThat(limit(garage, project, "tread-depth")
                        .path("places")
                        .valueStream()
                        .map(JsonNode::asString))
                .containsExactlyInAnyOrder(
                        "front-wheel-left", "front-wheel-right", "rear-wheel-left", "rear-wheel-right");
    }

    /** A healthy battery of 6 V is not judged while it may be one of 12 V; the page says what to say first. */
    @Test
    void whatItHasDecidesTheFigure(TestGarage garage) {
        UUID project = garage.project();
        garage.running().sql().update("update vehicle set built_year = 1955 where garage_id = ?", garage.id());
        take(garage, project, "battery-rest", "battery-tray", reading("here", 6.35, "VOLT"))
                .ok();
        assertThat(judged(garage, project).path("why").asString()).isEqualTo("WHAT_IT_HAS");
        assertThat(limit(garage, project, "battery-rest").path("asks").get(0).asString())
                .isEqualTo("voltage");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/equipment",
                        map(
                                "facts",
                                List.of(map("id", UUID.randomUUID(), "item", "voltage", "value", "v6", "how", "SEEN"))))
                .ok();
        assertThat(judged(garage, project).path("outcome").asString()).isEqualTo("WITHIN");
    }

    private static Answer figure(TestGarage garage, UUID project, boolean compared, long version) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/figures",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "limitId",
                                "disc-thickness",
                                "sourceKind",
                                "VEHICLE",
                                "least",
                                8.5,
                                "document",
                                "manual, page 6",
                                "compared",
                                compared,
                                "version",
                                version));
    }
}
