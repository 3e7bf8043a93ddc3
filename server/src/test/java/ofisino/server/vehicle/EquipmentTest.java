package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a vehicle has is guessed until somebody says, reads or sees it; only what was seen takes a condition away. Common practice, no source. */
@ExtendWith(TestApplication.class)
class EquipmentTest {
    private static Answer say(TestGarage garage, UUID project, String item, String value, String how) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/equipment",
                        map("facts", List.of(map("id", UUID.randomUUID(), "item", item, "value", value, "how", how))));
    }

    private static JsonNode item(TestGarage garage, UUID project, String id) {
        return garage.owner()
                .get("/api/projects/" + project + "/equipment")
                .ok()
                .valueStream()
                .filter(i -> i.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static UUID builtIn(TestGarage garage, int year) {
        return builtIn(garage, year, garage.project("SALOON"));
    }

    private static UUID builtIn(TestGarage garage, int year, UUID project) {
        garage.running().sql().update("update vehicle set built_year = ? where garage_id = ?", year, garage.id());
        return project;
    }

    private static List<String> accesses(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("accesses")
                .valueStream()
                .filter(w -> w.path("id").asString().equals("front-seats-out"))
                .flatMap(w -> w.path("needs").valueStream())
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void aSeatIsOpenedAsIfAnAirbagWereBelowItUntilItWasSeen(TestGarage garage) {
        UUID project = builtIn(garage, 1998);
        assertThat(accesses(garage, project)).contains("airbag-safe");
        for (String item : List.of("airbags", "pretensioners", "pyrotechnics"))
            say(garage, project, item, "none", "SAID").ok();
        assertThat(item(garage, project, "airbags").path("value").asString()).isEqualTo("none");
        assertThat(accesses(garage, project)).as("a saying takes nothing away").contains("airbag-safe");
        for (String item : List.of("airbags", "pretensioners", "pyrotechnics"))
            say(garage, project, item, "none", "SEEN").ok();
        assertThat(accesses(garage, project)).doesNotContain("airbag-safe");
        JsonNode airbags = item(garage, project, "airbags");
        assertThat(airbags.path("facts")).as("the old value stays").hasSize(2);
        assertThat(airbags.path("values")
                        .valueStream()
                        .filter(v -> v.path("possible").asBoolean())
                        .map(v -> v.path("id").asString()))
                .containsExactly("none");
    }

    @Test
    void whatWasSeenNotToBeThereIsNotChecked(TestGarage garage) {
        UUID project = garage.project();
        assertThat(questions(garage, project)).contains("servo");
        assertThat(checks(garage, project)).doesNotContain("servo-vacuum");
        say(garage, project, "servo", "vacuum", "SEEN").ok();
        assertThat(questions(garage, project)).doesNotContain("servo");
        assertThat(checks(garage, project)).contains("servo-vacuum");
        say(garage, project, "servo", "none", "SEEN").ok();
        assertThat(questions(garage, project)).doesNotContain("servo");
        assertThat(checks(garage, project)).doesNotContain("servo-vacuum");
    }

    /** The year was wrong, and its check is not asked any more: what it found can still be worked on, and is as grave as it was. */
    @Test
    void whatACheckFoundOutlivesTheCheck(TestGarage garage) {
        UUID project = builtIn(garage, 1985);
        garage.owner()
                .post("/api/projects/" + project + "/answers", TestGarage.answer("papers-open-recall", "papers", "BAD"))
                .ok();
        JsonNode found = finding(garage, project);
        builtIn(garage, 1960, project);
        assertThat(checks(garage, project)).doesNotContain("papers-open-recall");
        garage.owner()
                .put(
                        "/api/findings/" + found.path("id").asString(),
                        map(
                                "fields",
                                map(
                                        "zone",
                                        found.path("zone").asString(),
                                        "kind",
                                        "DOUBT",
                                        "covered",
                                        false,
                                        "note",
                                        "asked the register",
                                        "foundOn",
                                        found.path("foundOn").asString()),
                                "version",
                                found.path("version").asLong()))
                .ok();
        assertThat(finding(garage, project).path("note").asString()).isEqualTo("asked the register");
        assertThat(finding(garage, project).path("safetyClass").asString())
                .isEqualTo(found.path("safetyClass").asString());
    }

    private static JsonNode finding(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/findings").ok().get(0);
    }

    private static List<String> checks(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/checks")
                .ok()
                .path("steps")
                .valueStream()
                .map(s -> s.path("checkId").asString())
                .toList();
    }

    private static List<String> questions(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/checks")
                .ok()
                .path("questions")
                .valueStream()
                .map(q -> q.path("item").asString())
                .toList();
    }

    @Test
    void nonsenseAndStrangersAreRefused(TestGarage mine, TestGarage other) {
        UUID project = mine.project("SALOON");
        Map<String, String> refused =
                Map.of("wings", "equipment.unknown", "final-drive", "equipment.value", "airbags", "equipment.value");
        refused.forEach((item, code) -> assertThat(
                        say(mine, project, item, "chain", "SEEN").code())
                .as(item)
                .isEqualTo(code));
        assertThat(say(mine, project, "airbags", "none", "GUESSED").code()).isEqualTo("equipment.how");
        assertThat(mine.owner()
                        .post(
                                "/api/projects/" + project + "/equipment",
                                map(
                                        "facts",
                                        List.of(map(
                                                "id",
                                                UUID.randomUUID(),
                                                "item",
                                                "airbags",
                                                "value",
                                                "none",
                                                "how",
                                                "SEEN",
                                                "since",
                                                TestGarage.DAY.plusYears(1)))))
                        .code())
                .isEqualTo("equipment.since");
        assertThat(say(other, project, "airbags", "none", "SEEN").status()).isEqualTo(404);
        assertThat(other.owner().get("/api/projects/" + project + "/equipment").status())
                .isEqualTo(404);
        assertThat(mine.rows("vehicle_equipment")).isZero();
    }
}
