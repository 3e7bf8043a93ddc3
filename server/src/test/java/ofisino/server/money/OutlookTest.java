package ofisino.server.money;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What it will have cost counts what nobody has priced yet. */
@ExtendWith(TestApplication.class)
class OutlookTest {
    private static JsonNode outlook(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/money").ok().path("outlook");
    }

    /**
     * A finding of which nobody knows the price is said to lack one; with the hour of a workshop it has a range; work made of it changes nothing
     * while none of its parts has a price, since their number is known and their price is not.
     */
    @Test
    void aFindingCountsUntilItsPartsHavePrices(TestGarage garage) {
        UUID project = garage.project();
        assertThat(outlook(garage, project).path("guess").asBoolean()).isFalse();
        UUID finding = garage.finding(project, "sill-left", "RUST_THROUGH");
        JsonNode unknown = outlook(garage, project);
        assertThat(unknown.path("unestimated").asInt()).isEqualTo(1);
        assertThat(unknown.path("high").asLong()).isEqualTo(unknown.path("low").asLong());
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        JsonNode range = outlook(garage, project);
        assertThat(range.path("unestimated").asInt()).isZero();
        assertThat(range.path("low").asLong()).isLessThan(range.path("likely").asLong());
        assertThat(range.path("likely").asLong()).isLessThan(range.path("high").asLong());
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
        assertThat(outlook(garage, project).path("guess").asBoolean())
                .as("its work needs nothing that is bought")
                .isFalse();
        garage.need(project, job, "Sill panel");
        JsonNode priced = outlook(garage, project);
        assertThat(priced.path("likely").asLong())
                .as("the price of the panel stands for the estimate")
                .isEqualTo(priced.path("high").asLong())
                .isPositive();
    }
}
