package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The body of a vehicle can be changed, unless something stands at a place that the other one lacks; and what is known at the start. */
@ExtendWith(TestApplication.class)
class BodyChangeTest {
    @Test
    void anotherBodyKeepsWhatLiesWhereBothHaveAPlace(TestGarage garage) {
        UUID project = garage.project();
        garage.finding(project, "sill-left", "RUST_THROUGH");
        change(garage, project, "SALOON", UUID.randomUUID()).ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project)
                        .ok()
                        .path("bodyStyle")
                        .asString())
                .isEqualTo("SALOON");
        assertThat(garage.owner().get("/api/projects/" + project + "/findings").ok())
                .hasSize(1);
    }

    /** An estate has a tailgate and a saloon has none: whatever is recorded there keeps the body. */
    static Stream<Arguments> kept() {
        return Stream.of(
                Arguments.of(
                        "findings",
                        map("fields", map("zone", "tailgate", "kind", "DENT", "covered", false, "foundOn", TODAY))),
                Arguments.of(
                        "jobs",
                        map("fields", map("title", "Beat it out", "zone", "tailgate", "operation", "FABRICATE"))),
                Arguments.of(
                        "inventory",
                        map(
                                "zone",
                                "tailgate",
                                "name",
                                "Badge",
                                "expected",
                                1,
                                "onVehicle",
                                0,
                                "loose",
                                0,
                                "box",
                                "",
                                "version",
                                0)));
    }

    @ParameterizedTest
    @MethodSource("kept")
    void whatStandsWhereTheOtherHasNoPlaceKeepsTheBody(String what, Map<String, Object> body, TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> said = new java.util.LinkedHashMap<>(body);
        said.put("id", UUID.randomUUID());
        Answer made = what.equals("inventory")
                ? garage.owner().put("/api/projects/" + project + "/inventory", said)
                : garage.owner().post("/api/projects/" + project + "/" + what, said);
        made.ok();
        Answer refused = change(garage, project, "SALOON", UUID.randomUUID());
        assertThat(refused.code()).isEqualTo("project.body-place");
        assertThat(garage.owner()
                        .get("/api/projects/" + project)
                        .ok()
                        .path("bodyStyle")
                        .asString())
                .isEqualTo("ESTATE");
    }

    /** A change of the body is taken back while nothing was built on it, and no longer: what lies in the boot would lie nowhere. */
    @Test
    void theOldBodyComesBackOnlyWhileNothingStandsOnTheNew(TestGarage garage) {
        UUID project = garage.project();
        UUID first = UUID.randomUUID();
        change(garage, project, "SALOON", first).ok();
        garage.owner().post("/api/changes/" + first + "/undo", map()).ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project)
                        .ok()
                        .path("bodyStyle")
                        .asString())
                .isEqualTo("ESTATE");
        UUID second = UUID.randomUUID();
        change(garage, project, "SALOON", second).ok();
        garage.finding(project, "boot-lid", "RUST_THROUGH");
        assertThat(garage.owner()
                        .post("/api/changes/" + second + "/undo", map())
                        .code())
                .isEqualTo("undo.built-upon");
    }

    @Test
    void fuelAndCoolingAreKnownFromTheStart(TestGarage garage) {
        UUID project = garage.project(
                "ESTATE",
                TestGarage.projectFields("ACTIVE"),
                List.of(map("item", "fuel", "value", "diesel", "how", "PAPERS")));
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/checks")
                        .ok()
                        .path("steps")
                        .valueStream()
                        .map(s -> s.path("checkId").asString()))
                .contains("glow-plugs")
                .doesNotContain("spark");
    }

    private static Answer change(TestGarage garage, UUID project, String body, UUID write) {
        long version = garage.owner()
                .get("/api/projects/" + project)
                .ok()
                .path("version")
                .asLong();
        return garage.owner()
                .write(
                        "PUT",
                        "/api/projects/" + project,
                        map("fields", TestGarage.projectFields("ACTIVE"), "bodyStyle", body, "version", version),
                        write);
    }
}
