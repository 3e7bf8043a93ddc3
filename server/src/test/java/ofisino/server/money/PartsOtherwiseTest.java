package ofisino.server.money;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.testing.Trading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Reconditioned for new: another way to do a car is to buy its parts otherwise, where somebody offers such. */
@ExtendWith(TestApplication.class)
class PartsOtherwiseTest {
    /** Thought of at 10.00 and a week; 60.00 and 40.00 with 10.00 post take three weeks: 66.00 and 44.00 at the door. */
    @Test
    void whatIsOfferedSoTakesThePlaceOfWhatWasThought(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID job = garage.job(project, map("title", "Starter in", "aim", "ROAD_READY"));
        UUID starter = garage.need(project, job, "Starter motor");
        UUID dynamo = garage.need(project, job, "Dynamo");
        garage.need(project, job, "Gasket");
        assertThat(add(garage, project, "RECONDITIONED").code())
                .as("nobody offers anything")
                .isEqualTo("way.not-offered");
        UUID seller = seller(garage, 1000);
        offer(garage, project, seller, "RECONDITIONED", 6000, starter);
        offer(garage, project, seller, "RECONDITIONED", 4000, dynamo);
        offer(garage, project, seller, "USED", 100, starter);
        assertThat(add(garage, project, "MADE").code()).isEqualTo("way.not-sold");
        add(garage, project, "RECONDITIONED").ok();
        JsonNode ways = ways(garage, project);
        JsonNode now = ways.path("asPlanned");
        JsonNode way = ways.path("others").get(0);
        assertThat(way.path("bought")
                        .valueStream()
                        .map(b -> b.path("title").asString() + " "
                                + b.path("landedMinor").asLong() + " "
                                + b.path("leadDays").asInt()))
                .containsExactly("Dynamo 4400 21", "Starter motor 6600 21");
        assertThat(cost(way) - cost(now))
                .as("110.00 for 20.00, and what is forgotten of it")
                .isBetween(9_000L, 12_000L);
        assertThat(road(way)).isGreaterThan(road(now));
        keep(garage, project, way);
        JsonNode kept = ways(garage, project).path("asPlanned");
        assertThat(cost(kept)).isEqualTo(cost(way));
        assertThat(road(kept)).isEqualTo(road(way));
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/needs")
                        .ok()
                        .valueStream()
                        .map(n -> n.path("title").asString() + " "
                                + n.path("estimateMinor").asLong() + " "
                                + n.path("leadDays").asInt()))
                .containsExactlyInAnyOrder("Starter motor 6600 21", "Dynamo 4400 21", "Gasket 1000 7");
    }

    /** Used brakes stop nobody; what nobody knows may be a brake. */
    @Test
    void whatLivesHangOnIsNotBoughtUsed(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Put it right");
        UUID hose = garage.need(project, job, "Front brake hose");
        UUID unknown = garage.need(project, job, "That thing at the wheel");
        UUID starter = garage.need(project, job, "Starter motor");
        UUID seller = seller(garage, 0);
        offer(garage, project, seller, "USED", 100, hose);
        offer(garage, project, seller, "USED", 100, unknown);
        assertThat(add(garage, project, "USED").code()).isEqualTo("way.not-offered");
        offer(garage, project, seller, "USED", 2500, starter);
        add(garage, project, "USED").ok();
        assertThat(ways(garage, project)
                        .path("others")
                        .get(0)
                        .path("bought")
                        .valueStream()
                        .map(b -> b.path("title").asString()))
                .containsExactly("Starter motor");
    }

    private static UUID seller(TestGarage garage, long post) {
        UUID seller = garage.supplier("EUR");
        garage.owner()
                .put(
                        "/api/suppliers/" + seller + "/parcel",
                        map("postMinor", post, "dutyPerMille", 0, "taxPerMille", 0, "version", 0))
                .ok();
        return seller;
    }

    private static void offer(TestGarage garage, UUID project, UUID seller, String kind, long price, UUID need) {
        var fields = Trading.offer(seller, kind, price, 21, 0, Map.of(need, 1));
        garage.owner()
                .post("/api/projects/" + project + "/sources", map("id", UUID.randomUUID(), "fields", fields))
                .ok();
    }

    private static Answer add(TestGarage garage, UUID project, String kind) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/other-ways",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "name",
                                kind,
                                "sessionsMore",
                                0,
                                "boughtAs",
                                kind,
                                "givenAway",
                                List.of()));
    }

    private static void keep(TestGarage garage, UUID project, JsonNode way) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/other-ways/"
                                + way.path("said").path("id").asString() + "/kept",
                        map())
                .ok();
    }

    private static JsonNode ways(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/other-ways").ok();
    }

    private static long cost(JsonNode way) {
        return way.path("cost").path("expectedMinor").asLong();
    }

    private static String road(JsonNode way) {
        return way.path("dates").get(0).path("planned").asString();
    }
}
