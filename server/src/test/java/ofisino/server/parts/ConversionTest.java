package ofisino.server.parts;

import static ofisino.server.parts.Ordering.money;
import static ofisino.server.parts.Ordering.post;
import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Something else in the place of what was there: rims with their nuts instead of the old ones. */
@ExtendWith(TestApplication.class)
class ConversionTest {
    private record Rims(UUID project, UUID job, UUID rims, UUID nuts, UUID old, UUID conversion) {}

    private static Rims considered(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the wide rims");
        var rims = new Rims(
                project,
                job,
                garage.need(project, garage.job(project, "Rims"), "Wide rims"),
                garage.need(project, garage.job(project, "Nuts"), "Nuts for the rims"),
                garage.need(project, garage.job(project, "Old rims"), "Old rims, repaired"),
                UUID.randomUUID());
        var body = map("id", rims.conversion(), "name", "Wide rims", "jobId", job, "wayBack", "Keep the old ones");
        body.putAll(map(
                "answerBy",
                DAY.plusDays(20),
                "parts",
                List.of(rims.rims(), rims.nuts()),
                "replaced",
                List.of(rims.old())));
        garage.owner().post("/api/projects/" + project + "/conversions", body).ok();
        return rims;
    }

    @Test
    void whileNobodyHasDecidedNothingOfItIsOrdered(TestGarage garage) {
        Rims rims = considered(garage);
        for (UUID need : List.of(rims.rims(), rims.nuts(), rims.old())) {
            JsonNode n = garage.owner().get("/api/needs/" + need).ok();
            assertThat(n.path("state").asString()).isEqualTo("HELD");
            assertThat(n.path("answerBy").asString()).isEqualTo(DAY.plusDays(20).toString());
            assertThat(order(garage, rims, need).status()).isEqualTo(409);
            assertThat(post(garage, need, "release", map()).code()).isEqualTo("need.conversion");
            assertThat(post(garage, need, "leave-out", map("reason", "x")).code())
                    .isEqualTo("need.conversion");
        }
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + rims.project() + "/conversions",
                                map(
                                        "id",
                                        UUID.randomUUID(),
                                        "name",
                                        "Other",
                                        "parts",
                                        List.of(rims.rims()),
                                        "replaced",
                                        List.of()))
                        .code())
                .isEqualTo("conversion.taken");
    }

    /** Chosen, its first step waits for all of the pack, and for nothing that it replaces. */
    @Test
    void chosenItsFirstStepWaitsForTheWholePack(TestGarage garage) {
        Rims rims = considered(garage);
        decide(garage, rims, true).ok();
        assertThat(decide(garage, rims, false).code()).isEqualTo("conversion.decided");
        for (UUID need : List.of(rims.rims(), rims.nuts())) {
            JsonNode n = garage.owner().get("/api/needs/" + need).ok();
            assertThat(n.path("state").asString()).isEqualTo("NEEDED");
            assertThat(n.path("jobId").asString()).isEqualTo(rims.job().toString());
            assertThat(n.path("essential").asBoolean()).isTrue();
        }
        JsonNode old = garage.owner().get("/api/needs/" + rims.old()).ok();
        assertThat(old.path("state").asString()).isEqualTo("LEFT_OUT");
        assertThat(old.path("stateReason").asString()).contains("takes its place");
        assertThat(order(garage, rims, rims.old()).status()).isEqualTo(409);
        assertThat(money(garage, rims.project(), "toOrder")).as("rims and nuts").isEqualTo(20_00);
        String repair = garage.owner().get("/api/needs/" + rims.old()).text("jobId");
        assertThat(missing(garage, UUID.fromString(repair)))
                .as("nothing waits for it")
                .isEmpty();

        garage.accept(rims.rims());
        JsonNode pack = conversion(garage, rims);
        assertThat(pack.path("here").asInt()).isEqualTo(1);
        assertThat(pack.path("whole").asBoolean()).isFalse();
        assertThat(missing(garage, rims.job())).containsExactly(rims.nuts().toString());
        garage.accept(rims.nuts());
        assertThat(conversion(garage, rims).path("whole").asBoolean()).isTrue();
        assertThat(missing(garage, rims.job())).isEmpty();
    }

    @Test
    void droppedTheOldPartIsBoughtAndThePackIsNot(TestGarage garage) {
        Rims rims = considered(garage);
        decide(garage, rims, false).ok();
        assertThat(garage.owner().get("/api/needs/" + rims.old()).text("state")).isEqualTo("NEEDED");
        assertThat(garage.owner().get("/api/needs/" + rims.rims()).text("state"))
                .isEqualTo("LEFT_OUT");
        assertThat(money(garage, rims.project(), "toOrder"))
                .as("only the old ones")
                .isEqualTo(10_00);
        order(garage, rims, rims.old()).ok();
        post(garage, rims.rims(), "release", map()).ok();
        assertThat(garage.owner().get("/api/needs/" + rims.rims()).text("state"))
                .as("needed after all")
                .isEqualTo("NEEDED");
    }

    /** The rims lie here already: chosen, the first step needs them too. */
    @Test
    void whatIsHereAlreadyBelongsToThePack(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the wide rims");
        UUID here = garage.need(project, garage.job(project, "Rims"), "Wide rims");
        garage.accept(here);
        var rims = new Rims(project, job, here, here, here, UUID.randomUUID());
        var body = map("id", rims.conversion(), "name", "Wide rims", "jobId", job, "wayBack", "");
        body.putAll(map("parts", List.of(here), "replaced", List.of()));
        garage.owner().post("/api/projects/" + project + "/conversions", body).ok();
        decide(garage, rims, true).ok();
        JsonNode n = garage.owner().get("/api/needs/" + here).ok();
        assertThat(n.path("state").asString()).isEqualTo("ACCEPTED");
        assertThat(n.path("jobId").asString()).isEqualTo(job.toString());
        assertThat(conversion(garage, rims).path("whole").asBoolean()).isTrue();
    }

    private static Answer decide(TestGarage garage, Rims rims, boolean chosen) {
        return garage.owner()
                .post("/api/conversions/" + rims.conversion() + "/decision", map("chosen", chosen, "version", 0));
    }

    private static JsonNode conversion(TestGarage garage, Rims rims) {
        return garage.owner()
                .get("/api/projects/" + rims.project() + "/conversions")
                .ok()
                .get(0);
    }

    /** Parts without which a job does not begin. */
    private static List<String> missing(TestGarage garage, UUID job) {
        return garage.owner()
                .get("/api/jobs/" + job + "/permit")
                .ok()
                .path("begin")
                .valueStream()
                .filter(o -> o.path("kind").asString().equals("PART"))
                .map(o -> o.path("id").asString())
                .toList();
    }

    private static Answer order(TestGarage garage, Rims rims, UUID need) {
        return garage.owner()
                .post(
                        "/api/projects/" + rims.project() + "/orders",
                        TestGarage.order(
                                UUID.randomUUID(),
                                garage.supplier("EUR"),
                                "EUR",
                                1,
                                0,
                                List.of(map("needId", need, "amountMinor", 1000))));
    }
}
