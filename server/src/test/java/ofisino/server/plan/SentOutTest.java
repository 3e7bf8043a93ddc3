package ofisino.server.plan;

import static ofisino.server.plan.PlanSteps.inTheEvenings;
import static ofisino.server.plan.PlanSteps.start;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
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
class SentOutTest {
    private static final LocalDate TODAY = TestGarage.DAY;

    /** Scenario 4: an open fabrication job blocks "send the frame"; offers are compared with the way; what comes back is counted. */
    @Test
    void aFrameGoesOutCountedAndComesBackCounted(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID weld = garage.job(project, "Weld the lug");
        UUID assemble = garage.job(project, "Assemble the frame");
        UUID frame = UUID.randomUUID();
        String path = "/api/projects/" + project + "/sent-out";
        garage.owner()
                .post(
                        path,
                        map(
                                "id",
                                frame,
                                "title",
                                "Coat the frame",
                                "pieces",
                                9,
                                "awayDays",
                                10,
                                "carGoes",
                                false,
                                "aim",
                                "DRIVER",
                                "beforeJob",
                                weld,
                                "afterJob",
                                assemble,
                                "mask",
                                List.of("6 axle-tube threads", "2 bearing seats")))
                .ok();
        garage.owner()
                .put("/api/travel-rates", map("thousandKmMinor", 25_000, "hourMinor", 1000))
                .ok();
        offer(garage, path + "/" + frame, "Coater A", 14_000, 48, 60);
        offer(garage, path + "/" + frame, "Coater B", 26_000, 380, 480);
        JsonNode standing = garage.owner().get(path).ok().path("sentOutWork").get(0);
        assertThat(standing.path("blockedBy").asString()).isEqualTo("Weld the lug");
        assertThat(standing.path("offers")
                        .valueStream()
                        .map(o -> o.path("totalMinor").asLong()))
                .containsExactly(16_200L, 43_500L);
        assertThat(send(garage, frame, 1).code()).isEqualTo("sent-out.blocked");
        // in the plan: away for ten days between the two jobs
        assertThat(LocalDate.parse(start(garage, project, assemble).substring(0, 10)))
                .isAfterOrEqualTo(LocalDate.parse(start(garage, project, weld).substring(0, 10))
                        .plusDays(10));

        garage.move(weld, "BEGUN", "FINISHED");
        send(garage, frame, 1).ok();
        assertThat(begin(garage, assemble).detail()).contains("is not back");
        assertThat(garage.owner()
                        .post("/api/sent-out/" + frame + "/back", map("piecesBack", 8, "version", 2))
                        .code())
                .isEqualTo("sent-out.missing");
        garage.owner()
                .post(
                        "/api/sent-out/" + frame + "/back",
                        map("piecesBack", 8, "note", "one clip follows by post", "version", 2))
                .ok();
        assertThat(garage.owner()
                        .get(path)
                        .ok()
                        .path("sentOutWork")
                        .get(0)
                        .path("missing")
                        .asInt())
                .isEqualTo(1);
        assertThat(begin(garage, assemble).detail())
                .as("a batch is counted back whole")
                .contains("1 of 9");
        garage.owner()
                .post("/api/sent-out/" + frame + "/back", map("piecesBack", 9, "note", "the clip came", "version", 3))
                .ok();
        begin(garage, assemble).ok();
    }

    /** Scenario 5: together 176 km against 328 apart. */
    @Test
    void twoErrandsOnOneTrip(TestGarage garage) {
        JsonNode trip = garage.owner()
                .post("/api/trips", map("fromHomeKm", List.of(84, 80), "betweenKm", List.of(12)))
                .ok();
        assertThat(trip.path("togetherKm").asInt()).isEqualTo(176);
        assertThat(trip.path("apartKm").asInt()).isEqualTo(328);
    }

    @Test
    void nonsenseIsRefusedAndChangesNothing(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        String path = "/api/projects/" + project + "/sent-out";
        UUID id = UUID.randomUUID();
        assertThat(garage.owner().post(path, sentOut(id, "Coat", 0)).code()).isEqualTo("pieces.number");
        assertThat(garage.owner().post(path, sentOut(id, " ", 3)).code()).isEqualTo("title.missing");
        assertThat(garage.owner().get(path).ok().path("sentOutWork")).isEmpty();
        garage.owner().post(path, sentOut(id, "Coat", 3)).ok();
        assertThat(garage.owner()
                        .post(path + "/" + id + "/offers", offer("Coater", 100, 30_000, 1))
                        .code())
                .isEqualTo("offer.range");
        assertThat(garage.owner()
                        .post(path + "/" + id + "/offers", offer("Coater", -1, 1, 1))
                        .code())
                .isEqualTo("offer.price");
        assertThat(garage.owner()
                        .put("/api/travel-rates", map("thousandKmMinor", -1, "hourMinor", 0))
                        .code())
                .isEqualTo("offer.range");
        assertThat(garage.owner()
                        .post(
                                "/api/sent-out/" + id + "/send",
                                map("carrier", "Coater", "expectedOn", TODAY.minusDays(1), "version", 1))
                        .code())
                .isEqualTo("sent-out.expected");
        assertThat(garage.owner()
                        .post("/api/sent-out/" + id + "/back", map("piecesBack", 3, "version", 1))
                        .code())
                .isEqualTo("sent-out.not-away");
        assertThat(garage.owner()
                        .post("/api/trips", map("fromHomeKm", List.of(5, 6), "betweenKm", List.of()))
                        .code())
                .isEqualTo("trip.stops");
        JsonNode standing = garage.owner().get(path).ok().path("sentOutWork").get(0);
        assertThat(standing.path("row").path("state").asString()).isEqualTo("TO_SEND");
        assertThat(standing.path("offers")).isEmpty();
    }

    /** Scenario 5: the first shop refused: recorded, the next candidate; and two windows do not both send it. */
    @Test
    void whoGaveUpIsRecordedAndTheNextIsAsked(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        String path = "/api/projects/" + project + "/sent-out";
        UUID id = UUID.randomUUID();
        garage.owner().post(path, sentOut(id, "Bore the block", 1)).ok();
        send(garage, id, 1).ok();
        assertThat(send(garage, id, 1).code()).isEqualTo("sent-out.gone");
        garage.owner()
                .post("/api/sent-out/" + id + "/refused", map("reason", "crack found", "version", 2))
                .ok();
        JsonNode row = garage.owner().get(path).ok().path("sentOutWork").get(0).path("row");
        assertThat(row.path("state").asString()).isEqualTo("REFUSED");
        assertThat(row.path("note").asString()).isEqualTo("Coater A: crack found");
        assertThat(send(garage, id, 1).code()).as("an old window").isEqualTo("send-out.stale");
        send(garage, id, 3).ok();
    }

    private static Map<String, Object> sentOut(UUID id, String title, int pieces) {
        return map("id", id, "title", title, "pieces", pieces, "awayDays", 10, "carGoes", false, "aim", "DRIVER");
    }

    private static Map<String, Object> offer(String carrier, long price, int km, int minutes) {
        return map(
                "id",
                UUID.randomUUID(),
                "carrier",
                carrier,
                "priceMinor",
                price,
                "km",
                km,
                "minutes",
                minutes,
                "days",
                10,
                "seen",
                true);
    }

    private static void offer(TestGarage garage, String path, String carrier, long price, int km, int minutes) {
        garage.owner()
                .post(path + "/offers", offer(carrier, price, km, minutes))
                .ok();
    }

    private static Answer send(TestGarage garage, UUID id, long version) {
        return garage.owner()
                .post(
                        "/api/sent-out/" + id + "/send",
                        map("carrier", "Coater A", "expectedOn", TODAY.plusDays(12), "version", version));
    }

    private static Answer begin(TestGarage garage, UUID job) {
        garage.confirmInterlocks(job);
        return garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", garage.version("jobs", job)));
    }
}
