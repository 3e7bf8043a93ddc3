package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A vehicle bought for its parts, as far as the pages can take it. */
@ExtendWith(TestApplication.class)
class DonorTest {
    /** Scenario 3, by hand: 6,400 paid, doors for 2,150 sold; glass for which 1,900 is asked is hope and no money. */
    @Test
    void whatIsSoldComesBackAndWhatIsHopedForStandsApart(TestGarage garage) {
        UUID project = garage.project();
        UUID donor = donor(garage, project, 640_000);
        UUID axle = piece(garage, donor, "Rear axle", "FILLS_GAP", map("valueMinor", 300_000));
        UUID doors = piece(garage, donor, "Doors", "SPARE", map("valueMinor", 100_000, "quantity", 2));
        UUID glass = piece(garage, donor, "Glass", "SPARE", map("quantity", 1));
        garage.owner()
                .post(
                        "/api/stock/" + doors + "/moves",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "kind",
                                "SOLD",
                                "pieces",
                                2,
                                "proceedsMinor",
                                215_000,
                                "version",
                                0))
                .ok();
        var fields = map("title", "Glass", "placeId", garage.place(), "fate", "SELL", "askingMinor", 190_000);
        garage.owner()
                .put("/api/stock/" + glass, map("fields", fields, "version", 0))
                .ok();
        JsonNode said = donors(garage, project).get(0);
        assertThat(said.path("netMinor").asLong()).isEqualTo(425_000);
        assertThat(said.path("hopedMinor").asLong()).isEqualTo(190_000);
        assertThat(share(said, axle)).isEqualTo(480_000);
        assertThat(share(said, doors)).isEqualTo(160_000);
        assertThat(said.path("toStrip").asInt()).as("the axle is still on it").isEqualTo(1);
    }

    @Test
    void whatWearsIsPresumedWornAndFitsNothingUnseen(TestGarage garage) {
        UUID project = garage.project();
        UUID donor = donor(garage, project, 90_000);
        garage.need(project, garage.job(project, "Brakes"), "Front brake pads");
        UUID pads = piece(garage, donor, "Front brake pads", "UNKNOWN", map());
        assertThat(piece(donors(garage, project).get(0), pads).path("condition").asString())
                .isEqualTo("WORN");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/shelf-fits")
                        .ok())
                .isEmpty();
    }

    @Test
    void aVerdictIsChangedAndTheSharesWithIt(TestGarage garage) {
        UUID project = garage.project();
        UUID donor = donor(garage, project, 90_000);
        UUID one = piece(garage, donor, "Lamp", "UNKNOWN", map());
        assertThat(donors(garage, project).get(0).path("unsharedMinor").asLong())
                .isEqualTo(90_000);
        garage.owner()
                .put("/api/stock/" + one + "/verdict", map("verdict", "BETTER", "valueMinor", 500, "version", 0))
                .ok();
        assertThat(share(donors(garage, project).get(0), one)).isEqualTo(90_000);
        assertThat(garage.owner()
                        .put("/api/stock/" + one + "/verdict", map("verdict", "SCRAP", "version", 0))
                        .status())
                .as("somebody else was quicker")
                .isEqualTo(409);
    }

    @Test
    void theHarvestListSaysWhatToLookForAndHowMuchItMayCost(TestGarage garage) {
        UUID project = garage.project();
        UUID held = garage.need(project, garage.job(project, "Gearbox"), "Bearing set");
        garage.owner()
                .post("/api/needs/" + held + "/hold", map("reason", "not opened", "version", 0))
                .ok();
        UUID lamp = garage.need(project, garage.job(project, "Lamps"), "Rear lamp");
        JsonNode list =
                garage.owner().get("/api/projects/" + project + "/harvest").ok();
        assertThat(list).hasSize(1);
        assertThat(list.get(0).path("needId").asString()).isEqualTo(lamp.toString());
        assertThat(list.get(0).path("limitMinor").asLong()).isEqualTo(10_00);
    }

    @Test
    void aDonorDoesNotGoBeforeItComes(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> fields = fields(1);
        fields.put("goneBy", DAY.minusDays(1).toString());
        Answer refused = garage.owner()
                .post(
                        "/api/projects/" + project + "/donors",
                        map("id", UUID.randomUUID(), "placeId", UUID.randomUUID(), "fields", fields));
        assertThat(refused.text("field")).isEqualTo("goneBy");
        assertThat(garage.rows("place")).as("no place is left behind").isZero();
    }

    /** What is still on it would go with the shell; what has gone gives nothing any more. */
    @Test
    void aDonorGoesWhenItIsStripped(TestGarage garage) {
        UUID project = garage.project();
        UUID donor = donor(garage, project, 90_000);
        UUID lamp = piece(garage, donor, "Lamp", "SPARE", map());
        var gone = fields(90_000);
        gone.put("goneOn", TODAY);
        String at = "/api/donors/" + donor;
        assertThat(garage.owner().put(at, map("fields", gone, "version", 0)).code())
                .isEqualTo("donor.not-stripped");
        garage.owner()
                .post(
                        "/api/stock/" + lamp + "/moves",
                        map("id", UUID.randomUUID(), "kind", "SCRAPPED", "pieces", 1, "version", 0))
                .ok();
        garage.owner().put(at, map("fields", gone, "version", 0)).ok();
        var late = map("id", UUID.randomUUID(), "moveId", UUID.randomUUID(), "title", "Door", "quantity", 1);
        late.put("verdict", "SPARE");
        assertThat(garage.owner().post(at + "/pieces", late).code()).isEqualTo("donor.gone");
    }

    private static Map<String, Object> fields(long cost) {
        return map("kind", "VEHICLE", "name", "The rusty one", "costMinor", cost, "boughtOn", TODAY);
    }

    private static UUID donor(TestGarage garage, UUID project, long cost) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/donors",
                        map("id", id, "placeId", UUID.randomUUID(), "fields", fields(cost)))
                .ok();
        return id;
    }

    private static UUID piece(TestGarage garage, UUID donor, String title, String verdict, Map<String, Object> more) {
        UUID id = UUID.randomUUID();
        var body = map("id", id, "moveId", UUID.randomUUID(), "title", title, "quantity", 1, "verdict", verdict);
        body.putAll(more);
        garage.owner().post("/api/donors/" + donor + "/pieces", body).ok();
        return id;
    }

    private static JsonNode donors(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/donors").ok();
    }

    private static JsonNode piece(JsonNode donor, UUID stock) {
        return donor.path("pieces")
                .valueStream()
                .filter(p -> p.path("stockId").asString().equals(stock.toString()))
                .findFirst()
                .orElseThrow();
    }

    private static long share(JsonNode donor, UUID stock) {
        return piece(donor, stock).path("shareMinor").asLong();
    }
}
