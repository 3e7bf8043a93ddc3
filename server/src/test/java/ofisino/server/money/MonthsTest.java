package ofisino.server.money;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Orders on their days and parts when the plan buys them, against what comes in. */
@ExtendWith(TestApplication.class)
class MonthsTest {
    @Test
    void aShortMonthIsNamedAndThePlanBuysLaterWhatCanWait(TestGarage garage) {
        Map<String, Object> fields = TestGarage.projectFields("ACTIVE");
        fields.put("monthlyMinor", 5_000);
        UUID project = garage.project("ESTATE", fields, List.of());
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID seats = garage.need(project, garage.job(project, map("title", "Trim", "aim", "SHOW")), "Seat covers");
        garage.running().sql().update("update need set estimate_minor = 4000 where id = ?", seats);
        UUID hose = garage.need(project, garage.job(project, map("title", "Cooling", "aim", "RUNNER")), "Hose");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                UUID.randomUUID(),
                                garage.supplier("EUR"),
                                "EUR",
                                1,
                                0,
                                List.of(map("needId", hose, "amountMinor", 6_000))))
                .ok();
        var mirror = map("title", "Mirror", "quantity", 1, "estimateMinor", 700, "leadDays", 7);
        garage.owner()
                .post("/api/projects/" + project + "/needs", map("id", UUID.randomUUID(), "fields", mirror))
                .ok();
        JsonNode all = months(garage, project);
        assertThat(all.path("undatedMinor").asLong()).as("for no job").isEqualTo(700);
        assertThat(all.path("unpriced").asInt()).isZero();
        JsonNode now = all.path("months").get(0);
        assertThat(now.path("month").asString()).isEqualTo(DAY.withDayOfMonth(1).toString());
        assertThat(now.path("inMinor").asLong()).isEqualTo(5_000);
        assertThat(now.path("dueMinor").asLong()).isEqualTo(6_000);
        assertThat(now.path("leftMinor").asLong()).isEqualTo(-1_000);
        assertThat(all.path("firstShort").asString())
                .isEqualTo(now.path("month").asString());
        assertThat(all.path("putOff")).as("what is ordered is owed").isEmpty();
        JsonNode later = all.path("months").get(all.path("months").size() - 1);
        assertThat(later.path("month").asString())
                .isGreaterThan(now.path("month").asString());
        assertThat(later.path("due").get(0).path("what").asString()).isEqualTo("Seat covers");
        assertThat(later.path("due").get(0).path("canWait").asBoolean()).isTrue();
        assertThat(later.path("leftMinor").asLong()).isNotNegative();
    }

    @Test
    void withoutAMonthlySumThereIsNothingToCompareWith(TestGarage garage) {
        Map<String, Object> fields = TestGarage.projectFields("ACTIVE");
        fields.put("monthlyMinor", 0);
        assertThat(months(garage, garage.project("ESTATE", fields, List.of())).path("months"))
                .isEmpty();
    }

    private static JsonNode months(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/months").ok();
    }
}
