package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
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

/** What a person adds to measure: with unit, limits and their source, judged like all else. */
@ExtendWith(TestApplication.class)
class OwnMeasurandTest {
    @Test
    void aRingGapIsJudgedByItsBookAndSaysByHowMuch(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        add(garage, project, id, "Ring gap", figure(id, 0.344, 0.5)).ok();
        take(garage, project, id, "engine-block", "cylinder 1", 0.30).ok();
        JsonNode judged = measured(garage, project, id).path("judged");
        assertThat(judged.path("outcome").asString()).isEqualTo("OUTSIDE");
        assertThat(judged.path("rework").path("least").asDouble()).isCloseTo(0.044, within(1e-9));
        assertThat(judged.path("rework").path("most").asDouble()).isCloseTo(0.2, within(1e-9));
        assertThat(measured(garage, project, id)
                        .path("proposes")
                        .path("safetyClass")
                        .asString())
                .isEqualTo("C");
        JsonNode proposes = measured(garage, project, id).path("proposes");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/findings",
                        saying(
                                UUID.randomUUID(),
                                "zone",
                                proposes.path("zone").asString(),
                                "kind",
                                proposes.path("kind").asString(),
                                "covered",
                                false,
                                "foundOn",
                                TestGarage.TODAY,
                                "limitId",
                                "own-" + id))
                .ok();
        assertThat(measured(garage, project, id).has("findingId")).isTrue();
        take(garage, project, id, "engine-block", "cylinder 1", 0.36).ok();
        assertThat(measured(garage, project, id).path("judged").path("outcome").asString())
                .isEqualTo("WITHIN");
    }

    @Test
    void withoutAFigureItIsKeptAndNotJudged(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        add(garage, project, id, "End float", null).ok();
        take(garage, project, id, "engine-block", "here", 0.1).ok();
        assertThat(measured(garage, project, id).path("judged").path("why").asString())
                .isEqualTo("MAKERS_FIGURE_MISSING");
    }

    @Test
    void whatWasMeasuredStaysAndNothingStandsTwice(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        add(garage, project, id, "Ring gap", figure(id, 0.344, 0.5)).ok();
        assertThat(add(garage, project, UUID.randomUUID(), "ring gap", null).code())
                .isEqualTo("measurand.known");
        assertThat(add(garage, project, UUID.randomUUID(), "Tread depth", null).code())
                .isEqualTo("measurand.known");
        take(garage, project, id, "engine-block", "here", 0.4).ok();
        String path = "/api/projects/" + project + "/measurands/";
        assertThat(garage.owner().delete(path + id).code()).isEqualTo("measurand.used");
        UUID slip = UUID.randomUUID();
        add(garage, project, slip, "A slip", figure(slip, 1, 2)).ok();
        garage.owner().delete(path + slip).ok();
        assertThat(garage.rows("own_measurand")).isEqualTo(1);
        assertThat(garage.rows("maker_figure")).isEqualTo(1);
        assertThat(garage.owner().delete(path + slip).status()).isEqualTo(404);
    }

    /** @return by which it can be taken back */
    private static UUID added(TestGarage garage, UUID project, UUID id) {
        UUID write = UUID.randomUUID();
        garage.owner()
                .write(
                        "POST",
                        "/api/projects/" + project + "/measurands",
                        body(id, "Ring gap", figure(id, 0.344, 0.5)),
                        write)
                .ok();
        return write;
    }

    /** Taken back, it would leave a reading or a finding without its meaning: it stays, by whichever way it is to go. */
    @Test
    void whatIsUsedIsNotTakenBack(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        UUID write = added(garage, project, id);
        take(garage, project, id, "engine-block", "here", 0.3).ok();
        assertThat(garage.owner().post("/api/changes/" + write + "/undo", map()).code())
                .isEqualTo("undo.built-upon");
        assertThat(measured(garage, project, id).path("judged").path("outcome").asString())
                .isEqualTo("OUTSIDE");

        UUID unread = UUID.randomUUID();
        add(garage, project, unread, "End float", null).ok();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/findings",
                        saying(
                                UUID.randomUUID(),
                                "zone",
                                "engine-block",
                                "kind",
                                "WORN",
                                "covered",
                                false,
                                "foundOn",
                                TestGarage.TODAY,
                                "limitId",
                                "own-" + unread))
                .ok();
        assertThat(garage.owner()
                        .delete("/api/projects/" + project + "/measurands/" + unread)
                        .code())
                .isEqualTo("still-used");
        assertThat(garage.owner().get("/api/projects/" + project + "/findings").ok())
                .hasSize(1);
    }

    /** Nothing was measured by it yet: with its figure it is taken back in one. */
    @Test
    void whatIsNotUsedIsTakenBack(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        UUID write = added(garage, project, id);
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        assertThat(garage.rows("own_measurand")).isZero();
        assertThat(garage.rows("maker_figure")).isZero();
    }

    /** Ring gaps are the engine's: at the bonnet there is none. */
    @Test
    void itIsMeasuredWhereItsSystemIs(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        add(garage, project, id, "Ring gap", null).ok();
        assertThat(take(garage, project, id, "bonnet", "here", 0.4).code()).isEqualTo("reading.place");
    }

    /** Twenty pitches of 15.875 mm measure 323.9: 2.02 % longer than new, and no one types a percentage. */
    @Test
    void aChainIsMeasuredByItsLength(TestGarage garage) {
        UUID project = garage.project("MOTORCYCLE");
        Map<String, Object> reading = new java.util.HashMap<>(reading("lower run", 0));
        reading.put("unit", "PERCENT");
        reading.put("chain", map("length", 323.9, "pitches", 20, "pitch", 15.875));
        reading.put("note", "at the tightest place");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/readings",
                        map("limitId", "chain-stretch", "place", "chain", "readings", List.of(reading)))
                .ok();
        JsonNode measured = measured(garage, project);
        assertThat(measured.path("judged").path("value").asDouble()).isCloseTo(2.0157, within(1e-3));
        assertThat(measured.path("judged").path("outcome").asString()).isEqualTo("OUTSIDE");
        assertThat(measured.path("points").get(0).path("note").asString())
                .isEqualTo("323.9 mm over 20 pitches of 15.875 mm; at the tightest place");
        reading.put("id", UUID.randomUUID());
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/readings",
                                map("limitId", "brake-efficiency", "place", "road", "readings", List.of(reading)))
                        .code())
                .isEqualTo("chain.only");
    }

    private static Answer add(TestGarage garage, UUID project, UUID id, String name, Object figure) {
        return garage.owner().post("/api/projects/" + project + "/measurands", body(id, name, figure));
    }

    private static Map<String, Object> body(UUID id, String name, Object figure) {
        return map(
                "measurand",
                map(
                        "id",
                        id,
                        "name",
                        name,
                        "unit",
                        "MILLIMETRE",
                        "system",
                        "ENGINE",
                        "safetyClass",
                        "C",
                        "adjustable",
                        true),
                "figure",
                figure);
    }

    private static Object figure(UUID measurand, double least, double most) {
        return map(
                "id",
                UUID.randomUUID(),
                "limitId",
                "own-" + measurand,
                "sourceKind",
                "COMPONENT",
                "least",
                least,
                "most",
                most,
                "document",
                "the ring maker's book",
                "compared",
                true,
                "version",
                0);
    }

    private static Map<String, Object> reading(String spot, double value) {
        return map(
                "id",
                UUID.randomUUID(),
                "spot",
                spot,
                "value",
                value,
                "unit",
                "MILLIMETRE",
                "readOn",
                TestGarage.TODAY,
                "sure",
                false);
    }

    private static Answer take(TestGarage garage, UUID project, UUID id, String place, String spot, double value) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/readings",
                        map("limitId", "own-" + id, "place", place, "readings", List.of(reading(spot, value))));
    }

    private static JsonNode measured(TestGarage garage, UUID project, UUID id) {
        return garage.owner()
                .get("/api/projects/" + project + "/readings")
                .ok()
                .path("measured")
                .valueStream()
                .filter(m -> m.path("limitId").asString().equals("own-" + id))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode measured(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/readings")
                .ok()
                .path("measured")
                .get(0);
    }
}
