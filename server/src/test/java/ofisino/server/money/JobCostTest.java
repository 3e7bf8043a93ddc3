package ofisino.server.money;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.Trading.book;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What each job was thought to cost, what was asked, what was paid. */
@ExtendWith(TestApplication.class)
class JobCostTest {
    /** By hand: rings thought 70.00, asked 80.00 GBP at 1.2 = 96.00; machining agreed 100.00 and paid 118.00: 1.18 times. */
    @Test
    void thoughtAskedAndPaidStandBesideEachOther(TestGarage garage) {
        UUID project = garage.project();
        UUID engine = garage.job(project, "Engine");
        UUID rings = garage.need(project, engine, "Rings");
        garage.running().sql().update("update need set estimate_minor = 7000 where id = ?", rings);
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                UUID.randomUUID(),
                                garage.supplier("GBP"),
                                "GBP",
                                1.2,
                                1_500,
                                List.of(map("needId", rings, "amountMinor", 8_000))))
                .ok();
        UUID machining = garage.job(project, "Machining");
        garage.job(project, "Costs nothing");
        UUID dropped = garage.job(project, "Dropped");
        book(garage, project, "SERVICE", dropped, 500);
        garage.move(dropped, "DROPPED");
        garage.owner()
                .put(
                        "/api/jobs/" + machining + "/given-away",
                        map("toWhom", "A machinist", "days", 9, "costMinor", 10_000, "version", 0))
                .ok();
        assertThat(costs(garage, project).has("factor")).as("nothing is done").isFalse();
        book(garage, project, "SERVICE", machining, 11_800);
        garage.clear(machining);
        garage.move(machining, "BEGUN", "FINISHED");
        JsonNode all = costs(garage, project);
        assertThat(all.path("jobs")).hasSize(2);
        JsonNode done = all.path("jobs").get(0);
        assertThat(done.path("title").asString()).isEqualTo("Machining");
        assertThat(done.path("thoughtMinor").asLong()).isEqualTo(10_000);
        assertThat(done.path("dearerMinor").asLong()).isEqualTo(1_800);
        JsonNode going = all.path("jobs").get(1);
        assertThat(going.path("done").asBoolean()).isFalse();
        assertThat(going.path("thoughtMinor").asLong()).isEqualTo(7_000);
        assertThat(going.path("askedMinor").asLong()).isEqualTo(9_600);
        assertThat(going.path("paidMinor").asLong()).isZero();
        assertThat(all.path("told").asInt()).isEqualTo(1);
        assertThat(all.path("factor").asDouble()).isEqualTo(1.18);
        assertThat(garage.join("HELPER")
                        .get("/api/projects/" + project + "/job-costs")
                        .status())
                .isEqualTo(403);
    }

    private static JsonNode costs(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/job-costs").ok();
    }
}
