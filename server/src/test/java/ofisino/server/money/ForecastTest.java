package ofisino.server.money;

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

/** What it will have cost counts what nobody has priced yet, what nobody has seen, and what runs until the road. */
@ExtendWith(TestApplication.class)
class ForecastTest {
    /**
     * A finding of which nobody knows the price is said to lack one; with the hour of a workshop it has a range; work made of it changes nothing
     * while none of its parts has a price, since their number is known and their price is not.
     */
    @Test
    void aFindingCountsUntilItsPartsHavePrices(TestGarage garage) {
        UUID project = garage.project();
        assertThat(forecast(garage, project).path("guess").asBoolean()).isFalse();
        UUID finding = garage.finding(project, "sill-left", "RUST_THROUGH");
        JsonNode unknown = forecast(garage, project);
        assertThat(unknown.path("unestimated").asInt()).isEqualTo(1);
        assertThat(unknown.path("guess").asBoolean()).isTrue();
        assertThat(unknown.path("highMinor").asLong())
                .isEqualTo(unknown.path("lowMinor").asLong());
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        JsonNode range = forecast(garage, project);
        assertThat(range.path("unestimated").asInt()).isZero();
        JsonNode undecided = line(range, "UNDECIDED");
        assertThat(undecided.path("findingId").asString()).isEqualTo(finding.toString());
        assertThat(undecided.path("lowMinor").asLong())
                .isLessThan(undecided.path("likelyMinor").asLong());
        assertThat(undecided.path("likelyMinor").asLong())
                .isLessThan(undecided.path("highMinor").asLong());
        UUID job = garage.job(
                project,
                map(
                        "title",
                        "Cut out the sill",
                        "operation",
                        "CUT",
                        "zone",
                        "sill-left",
                        "findings",
                        List.of(finding)));
        assertThat(forecast(garage, project).path("lines").valueStream().map(ForecastTest::kind))
                .as("its work needs nothing that is bought")
                .doesNotContain("UNDECIDED", "UNPRICED");
        garage.need(project, job, "Sill panel");
        assertThat(line(forecast(garage, project), "PRICED").path("likelyMinor").asLong())
                .as("the price of the panel stands for the estimate")
                .isEqualTo(1_000);
    }

    /** On whatever stands there: the whole is the sum of its lines, and what is drawn lies in it. */
    @Test
    void theWholeIsTheSumOfItsLines(TestGarage garage) {
        UUID project = garage.project();
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        garage.finding(project, "sill-left", "RUST_THROUGH");
        garage.need(project, garage.job(project, "Cooling"), "Radiator");
        JsonNode all = forecast(garage, project);
        assertThat(all.path("unseenPlaces").asInt()).isPositive();
        for (String which : List.of("lowMinor", "likelyMinor", "highMinor"))
            assertThat(all.path(which).asLong())
                    .isEqualTo(all.path("lines")
                            .valueStream()
                            .mapToLong(l -> l.path(which).asLong())
                            .sum());
        JsonNode inTen = all.path("inTen");
        assertThat(inTen.path("oneMinor").asLong())
                .isLessThan(inTen.path("fiveMinor").asLong());
        assertThat(inTen.path("fiveMinor").asLong())
                .isLessThan(inTen.path("eightMinor").asLong());
        assertThat(inTen.path("eightMinor").asLong())
                .isLessThanOrEqualTo(inTen.path("nineMinor").asLong());
    }

    @Test
    void whatIsForgottenIsAskedForAndASumOfOnesOwnStandsForIt(TestGarage garage) {
        UUID project = garage.project();
        garage.need(project, garage.job(project, "Cooling"), "Radiator");
        assertThat(forgotten(garage, project, "tools").path("likelyMinor").asLong())
                .as("4 % of 10.00")
                .isEqualTo(40);
        assertThat(setAside(garage, project, "tools", 5_000).status()).isEqualTo(204);
        JsonNode own = forgotten(garage, project, "tools");
        assertThat(own.path("lowMinor").asLong()).isEqualTo(5_000);
        assertThat(own.path("setAside").asBoolean()).isTrue();
        assertThat(setAside(garage, project, "tools", 0).status()).isEqualTo(204);
        assertThat(forgotten(garage, project, "tools").path("highMinor").asLong())
                .isZero();
        garage.owner()
                .delete("/api/projects/" + project + "/forecast/allowances/tools")
                .ok();
        assertThat(forgotten(garage, project, "tools").path("setAside").asBoolean())
                .isFalse();
        assertThat(setAside(garage, project, "luck", 1).code()).isEqualTo("forgotten.unknown");
        assertThat(setAside(garage, project, "tools", -1).code()).isEqualTo("forgotten.negative");
    }

    /** 30.44 a month, 30.4375 days each: 30 days cost 30.00. */
    @Test
    void whatRunsIsCountedUntilItsEndAndElseUntilTheRoad(TestGarage garage) {
        UUID project = garage.project();
        UUID hire = running(
                garage,
                project,
                "Hire of the hoist",
                TestGarage.DAY.plusDays(30).toString());
        assertThat(line(forecast(garage, project), "RUNNING")
                        .path("likelyMinor")
                        .asLong())
                .isEqualTo(3_000);
        running(garage, project, "Storage", null);
        assertThat(forecast(garage, project).path("roadUnknown").asBoolean())
                .as("nothing is planned for the road")
                .isTrue();
        garage.owner().delete("/api/running-costs/" + hire).ok();
        assertThat(forecast(garage, project).path("running")).hasSize(1);
    }

    private static UUID running(TestGarage garage, UUID project, String name, String until) {
        UUID id = UUID.randomUUID();
        var said = map("id", id, "name", name, "perMonthMinor", 3_044, "fromOn", TestGarage.TODAY);
        if (until != null) said.put("untilOn", until);
        garage.owner().post("/api/projects/" + project + "/running-costs", said).ok();
        return id;
    }

    private static Answer setAside(TestGarage garage, UUID project, String what, long minor) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/forecast/allowances/" + what,
                        map("id", UUID.randomUUID(), "minor", minor));
    }

    private static JsonNode forgotten(TestGarage garage, UUID project, String what) {
        return forecast(garage, project)
                .path("lines")
                .valueStream()
                .filter(l -> kind(l).equals("FORGOTTEN")
                        && l.path("about").asString().equals(what))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode line(JsonNode forecast, String kind) {
        return forecast.path("lines")
                .valueStream()
                .filter(l -> kind(l).equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private static String kind(JsonNode line) {
        return line.path("kind").asString();
    }

    private static JsonNode forecast(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/forecast").ok();
    }
}
