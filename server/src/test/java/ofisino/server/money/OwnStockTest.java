package ofisino.server.money;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestMoney.booked;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What came from one's own stock is no cash, and not free. */
@ExtendWith(TestApplication.class)
class OwnStockTest {
    /** Scenario 1: 3,150.00 and five receipts, two things from stock worth 38.00: would cost others 4,472.35. */
    @Test
    void twoTotalsStandBesideEachOther(TestGarage garage) {
        UUID project = garage.project();
        for (long minor : new long[] {315_000, 41_260, 31_875, 26_490, 18_710}) booked(garage, project, minor, DAY);
        booked(garage, project, 10_100, DAY, map("destination", "TOOLS", "baseMinor", 10_100));
        use(garage, project, "Wheel nuts", 1_400).ok();
        UUID hose = UUID.randomUUID();
        use(garage, project, hose, "Heater hose", 2_400, null).ok();
        JsonNode sums = sums(garage, project);
        assertThat(sums.path("cashMinor").asLong()).isEqualTo(443_435);
        assertThat(sums.path("wouldCostOthersMinor").asLong()).isEqualTo(447_235);
        assertThat(sums.path("withoutToolsMinor").asLong()).isEqualTo(433_335);
        assertThat(sums.path("fromStock")).hasSize(2);
        garage.owner().delete("/api/projects/" + project + "/own-stock/" + hose).ok();
        assertThat(sums(garage, project).path("wouldCostOthersMinor").asLong()).isEqualTo(444_835);
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/money")
                        .ok()
                        .at("/position/spent")
                        .asLong())
                .as("it stands in no total of cash")
                .isEqualTo(443_435);
    }

    @Test
    void whatIsWorthNothingOrOfAnotherCarIsRefused(TestGarage garage) {
        UUID project = garage.project();
        assertThat(use(garage, project, "Air", 0).code()).isEqualTo("stock.worth");
        UUID elsewhere = garage.job(garage.project(), "Of another car");
        assertThat(use(garage, project, UUID.randomUUID(), "Hose", 1, elsewhere).status())
                .isEqualTo(404);
        assertThat(garage.owner()
                        .delete("/api/projects/" + project + "/own-stock/" + UUID.randomUUID())
                        .status())
                .isEqualTo(404);
    }

    private static Answer use(TestGarage garage, UUID project, String title, long minor) {
        return use(garage, project, UUID.randomUUID(), title, minor, null);
    }

    private static Answer use(TestGarage garage, UUID project, UUID id, String title, long minor, UUID job) {
        var said = map("id", id, "title", title, "worthMinor", minor, "usedOn", TODAY);
        if (job != null) said.put("jobId", job);
        return garage.owner().post("/api/projects/" + project + "/own-stock", said);
    }

    private static JsonNode sums(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/with-and-without")
                .ok();
    }
}
