package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.testing.TestPictures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Somebody outside reads findings by a link and remarks on them. */
@ExtendWith(TestApplication.class)
class ReviewTest {
    @Test
    void theLinkShowsFindingsAndPhotosAndNothingElse(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "sill-left", "RUST_THROUGH");
        garage.decide(finding, "REPAIR");
        UUID other = garage.finding(garage.project(), "bonnet", "DENT");
        garage.owner()
                .upload("FINDING", finding, "sill.png", TestPictures.png(60, 40))
                .ok();
        String token = link(garage, project);
        Api outside = new Api(garage.running().port());

        JsonNode shown = read(outside, "/api/review", token).ok();
        assertThat(shown.path("findings")).hasSize(1);
        assertThat(shown.toString()).doesNotContain("because", "Minor", "Tess", "budget");
        String photo = shown.path("findings").get(0).path("photos").get(0).asString();
        assertThat(read(outside, "/api/review/photos/" + finding + "/" + photo, token)
                        .status())
                .isEqualTo(200);
        assertThat(read(outside, "/api/review/photos/" + other + "/" + photo, token)
                        .status())
                .isEqualTo(404);
        assertThat(outside.get("/api/projects/" + project + "/findings").status())
                .isEqualTo(401);
        assertThat(outside.get("/api/attachments/" + photo + "/file").status()).isEqualTo(401);
    }

    /** The friend knows which car it is, and what is called what. */
    @Test
    void theCarAndItsPartsAreShownAsTheOwnerCallsThem(TestGarage garage) {
        UUID project = garage.project();
        garage.finding(project, "steering-gear", "track-rod-end", "WORN");
        UUID vehicle =
                UUID.fromString(garage.owner().get("/api/projects/" + project).text("vehicleId"));
        String token = link(garage, project);
        Api outside = new Api(garage.running().port());
        assertThat(read(outside, "/api/review", token).ok().has("picture")).isFalse();
        garage.owner()
                .upload("VEHICLE", vehicle, "car.png", TestPictures.png(60, 40))
                .ok();
        JsonNode shown = read(outside, "/api/review", token).ok();
        assertThat(shown.at("/findings/0/thing").asString()).isEqualTo("Track rod end");
        String picture = shown.path("picture").asString();
        assertThat(read(outside, "/api/review/picture/" + picture, token).status())
                .isEqualTo(200);
        String otherCar = link(garage, garage.project());
        assertThat(read(outside, "/api/review/picture/" + picture, otherCar).status())
                .as("by the link to another car")
                .isEqualTo(404);
    }

    @Test
    void remarksComeInUnconfirmedAndTheOwnerDecidesWithAReason(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "sill-left", "RUST_THROUGH");
        String token = link(garage, project);
        Api outside = new Api(garage.running().port());
        Map<String, Object> onFinding = remark("findingId", finding, "That is an old repair, look at the edge.");
        say(outside, token, onFinding).ok();
        say(outside, token, onFinding).ok();
        say(outside, token, remark("zone", "sill-right", "The gap above it is not even."))
                .ok();
        JsonNode remarks =
                garage.owner().get("/api/projects/" + project + "/remarks").ok();
        assertThat(remarks).as("sent twice, kept once").hasSize(2);
        assertThat(remarks.valueStream().map(r -> r.path("state").asString())).containsOnly("UNCONFIRMED");

        for (JsonNode r : remarks) {
            String path = "/api/remarks/" + r.path("id").asString() + "/decision";
            boolean place = r.has("zone");
            assertThat(garage.owner()
                            .post(path, map("accept", place, "reason", "", "version", 0))
                            .code())
                    .isEqualTo("reason.missing");
            garage.owner()
                    .post(path, map("accept", place, "reason", "looked", "findingId", UUID.randomUUID(), "version", 0))
                    .ok();
            assertThat(garage.owner()
                            .post(
                                    path,
                                    map(
                                            "accept",
                                            place,
                                            "reason",
                                            "again",
                                            "findingId",
                                            UUID.randomUUID(),
                                            "version",
                                            1))
                            .status())
                    .isEqualTo(409);
        }
        JsonNode findings =
                garage.owner().get("/api/projects/" + project + "/findings").ok();
        assertThat(findings)
                .as("the accepted one about a place became a finding")
                .hasSize(2);
        assertThat(findings.valueStream().filter(f -> f.path("zone").asString().equals("sill-right")))
                .singleElement()
                .satisfies(f -> assertThat(f.path("kind").asString()).isEqualTo("DOUBT"))
                .satisfies(f -> assertThat(f.path("note").asString()).startsWith("Bela: The gap"));
        assertThat(read(outside, "/api/review", token)
                        .ok()
                        .path("remarks")
                        .valueStream()
                        .map(r -> r.path("state").asString()))
                .containsExactlyInAnyOrder("ACCEPTED", "REJECTED");
    }

    @Test
    void aLinkRunsOutAndCanBeWithdrawn(TestGarage garage) {
        UUID project = garage.project();
        String token = link(garage, project);
        Api outside = new Api(garage.running().port());
        String id = garage.owner()
                .get("/api/projects/" + project + "/links")
                .ok()
                .get(0)
                .path("id")
                .asString();
        garage.owner().post("/api/links/" + id + "/revocation", map()).ok();
        assertThat(read(outside, "/api/review", token).code()).isEqualTo("link.closed");
        assertThat(say(outside, token, remark("zone", "bonnet", "late")).code()).isEqualTo("link.closed");

        String second = link(garage, project);
        garage.running()
                .sql()
                .update(
                        "update signed_link set expires_at = now() - interval '1 minute' where garage_id = ?",
                        garage.id());
        assertThat(read(outside, "/api/review", second).code()).isEqualTo("link.closed");
        assertThat(read(outside, "/api/review", "guessed").code()).isEqualTo("link.closed");
        assertThat(garage.owner()
                        .post("/api/projects/" + project + "/links", map("id", UUID.randomUUID(), "days", 4000))
                        .code())
                .isEqualTo("link.days");
        assertThat(garage.join("HELPER")
                        .post("/api/projects/" + project + "/links", map("id", UUID.randomUUID(), "days", 4))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aRemarkWithoutAPlaceOrWordsIsRefusedInASentence(TestGarage garage) {
        UUID project = garage.project();
        String token = link(garage, project);
        Api outside = new Api(garage.running().port());
        assertThat(say(outside, token, remark("zone", "wing-nut", "x")).code()).isEqualTo("zone.unknown");
        assertThat(say(outside, token, remark("zone", "bonnet", "  ")).code()).isEqualTo("remark.missing");
        UUID strange = garage.finding(garage.project(), "bonnet", "DENT");
        assertThat(say(outside, token, remark("findingId", strange, "x")).status())
                .isEqualTo(404);
        assertThat(garage.rows("remark")).isZero();
    }

    private static String link(TestGarage garage, UUID project) {
        String path = garage.owner()
                .post("/api/projects/" + project + "/links", map("id", UUID.randomUUID(), "days", 14))
                .text("path");
        assertThat(path).startsWith("/review#");
        return path.substring("/review#".length());
    }

    private static Map<String, Object> remark(String about, Object id, String words) {
        return map("id", UUID.randomUUID(), about, id, "author", "Bela", "words", words);
    }

    private static Answer read(Api outside, String path, String token) {
        return outside.send(outside.request(path).header("Review-Token", token).GET());
    }

    private static Answer say(Api outside, String token, Map<String, Object> remark) {
        return outside.send(outside.signed("/api/review/remarks")
                .header("Review-Token", token)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(Api.JSON.writeValueAsString(remark))));
    }
}
