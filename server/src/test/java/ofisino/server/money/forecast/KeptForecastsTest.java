package ofisino.server.money.forecast;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestMoney.comparable;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The figure of the bid is followed: what it grew by since has its causes. */
@ExtendWith(TestApplication.class)
class KeptForecastsTest {
    @Test
    void fromTheBidOnEachChangeHasItsCause(TestGarage garage) {
        UUID project = bought(garage, 500_00);
        JsonNode bid = growth(garage, project);
        long atFirst = bid.path("days").get(0).path("expectedMinor").asLong();
        assertThat(atFirst).as("with the price that is drafted").isGreaterThanOrEqualTo(500_00);
        assertThat(bid.path("why")).isEmpty();

        garage.finding(project, "sill-left", "RUST_THROUGH");
        garage.need(project, garage.job(project, "Cooling"), "Radiator");
        JsonNode grown = growth(garage, project);
        Map<String, Long> why = grown.path("why")
                .valueStream()
                .collect(Collectors.toMap(
                        w -> w.path("cause").asString(), w -> w.path("minor").asLong()));
        assertThat(why.get("FOUND")).isPositive();
        assertThat(why.get("BOUGHT")).as("the price of the radiator").isEqualTo(1_000);
        long now = grown.path("days")
                .get(grown.path("days").size() - 1)
                .path("expectedMinor")
                .asLong();
        assertThat(why.values().stream().mapToLong(m -> m).sum()).isEqualTo(now - atFirst);
    }

    @Test
    void theDayOfTheBidStaysAndALaterDayIsKeptWhereSomethingChanged(TestGarage garage) {
        UUID project = bought(garage, 500_00);
        garage.finding(project, "sill-left", "RUST_THROUGH");
        keep(garage, project);
        assertThat(kept(garage, project)).as("the bid of today stays").isOne();
        garage.running()
                .sql()
                .update("update kept_forecast set kept_on = kept_on - 9, seen = 0 where project_id = ?", project);
        assertThat(changed(garage)).contains(project);
        keep(garage, project);
        assertThat(kept(garage, project)).isEqualTo(2);
        assertThat(changed(garage)).as("nothing is newer").doesNotContain(project);
        JsonNode growth = growth(garage, project);
        assertThat(growth.path("days")).hasSize(2);
        assertThat(growth.path("steps")).hasSize(1);
        assertThat(growth.path("steps").get(0).path("grownMinor").asLong())
                .isEqualTo(growth.path("steps")
                        .get(0)
                        .path("why")
                        .valueStream()
                        .mapToLong(w -> w.path("minor").asLong())
                        .sum());
        garage.running()
                .sql()
                .update("update kept_forecast set kept_on = kept_on - 9, seen = 0 where project_id = ?", project);
        keep(garage, project);
        assertThat(kept(garage, project)).as("as it was").isEqualTo(2);
        assertThat(changed(garage)).doesNotContain(project);
    }

    private static UUID bought(TestGarage garage, long minor) {
        Map<String, Object> fields = TestGarage.projectFields("LOOKING");
        UUID project = garage.project("ESTATE", fields, List.of());
        garage.owner().put("/api/garage", TestGarage.withHour(6000, 0)).ok();
        String buying = "/api/projects/" + project + "/buying";
        comparable(garage, project, 20_000_00);
        garage.owner()
                .post(
                        buying + "/purchase",
                        map(
                                "priceMinor",
                                minor,
                                "purpose",
                                "LEARNING",
                                "reason",
                                "to learn",
                                "entryId",
                                UUID.randomUUID()))
                .ok();
        return project;
    }

    private static JsonNode growth(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/forecast/growth")
                .ok();
    }

    private static void keep(TestGarage garage, UUID project) {
        UUID owner = garage.running()
                .sql()
                .queryForObject(
                        "select account_id from member where garage_id = ? and role = 'OWNER'",
                        UUID.class,
                        garage.id());
        garage.running().bean(KeptForecasts.class).keep(new Caller(owner, garage.id(), Role.OWNER), project);
    }

    private static List<UUID> changed(TestGarage garage) {
        return garage.running().bean(KeptMapper.class).changed().stream()
                .map(KeptMapper.Changed::projectId)
                .toList();
    }

    private static int kept(TestGarage garage, UUID project) {
        return garage.running()
                .sql()
                .queryForObject("select count(*) from kept_forecast where project_id = ?", Integer.class, project);
    }
}
