package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The walk through the checks: what was seen is kept, and unseen is not sound. */
@ExtendWith(TestApplication.class)
class CheckWalkTest {
    @Test
    void aNewCarIsWhollyUnseenAndTheWalkBeginsWithThePapers(TestGarage garage) {
        JsonNode walk = walk(garage, garage.project());
        assertThat(walk.get("unseen").asDouble()).isEqualTo(1.0);
        assertThat(walk.get("steps").get(0).get("place").asString()).isEqualTo("papers");
        assertThat(walk.get("steps").get(0).has("seen")).isFalse();
        assertThat(walk.get("steps").size()).isBetween(150, 250);
        assertThat(walk.get("questions"))
                .as("what nobody has seen yet is asked first")
                .isNotEmpty();
        assertThat(walk.get("lookNext").asString()).isNotBlank();
    }

    /** By hand, as in UnseenTest: at the left sill 16 of 28 are settled by tapping it, so 12/28 stay open and two checks are left. */
    @Test
    void whatIsSeenWellEnoughCounts(TestGarage garage) {
        UUID project = garage.project();
        answer(garage.owner(), project, said("sill-tap", "sill-left", "GOOD", "WALKED_ROUND"))
                .ok();
        JsonNode sill = place(walk(garage, project), "sill-left");
        assertThat(sill.get("unseen").asDouble()).isCloseTo(12 / 28.0, within(1e-9));
        assertThat(sill.get("left").asInt()).isEqualTo(2);
        answer(garage.owner(), project, said("sill-drain-holes", "sill-left", "GOOD", "PHOTO"))
                .ok();
        sill = place(walk(garage, project), "sill-left");
        assertThat(sill.get("unseen").asDouble()).as("a photo does not show it").isCloseTo(12 / 28.0, within(1e-9));
        assertThat(sill.get("left").asInt()).as("but it was answered").isEqualTo(1);
    }

    @Test
    void theLastAnswerCountsAndIsTakenBackWithItsWrite(TestGarage garage) {
        UUID project = garage.project();
        answer(garage.owner(), project, said("sill-tap", "sill-left", "GOOD", "ON_STANDS"))
                .ok();
        UUID write = UUID.randomUUID();
        garage.owner()
                .write(
                        "POST",
                        "/api/projects/" + project + "/answers",
                        map("answers", List.of(said("sill-tap", "sill-left", "BAD", "ON_STANDS"))),
                        write)
                .ok();
        assertThat(step(garage, project, "sill-tap", "sill-left")).isEqualTo("BAD");
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        assertThat(step(garage, project, "sill-tap", "sill-left")).isEqualTo("GOOD");
    }

    @Test
    void twoPeopleInspectOneCarAndLoseNothing(TestGarage garage) {
        UUID project = garage.project();
        Api helper = garage.join("HELPER");
        answer(garage.owner(), project, said("sill-tap", "sill-left", "BAD", "ON_STANDS"))
                .ok();
        answer(helper, project, said("sill-tap", "sill-right", "GOOD", "ON_STANDS"))
                .ok();
        assertThat(step(garage, project, "sill-tap", "sill-left")).isEqualTo("BAD");
        assertThat(step(garage, project, "sill-tap", "sill-right")).isEqualTo("GOOD");
        assertThat(garage.rows("check_answer")).isEqualTo(2);
    }

    @Test
    void everythingElseHereIsGoodIsOneWriteOrNone(TestGarage garage) {
        UUID project = garage.project();
        Answer half = answer(
                garage.owner(),
                project,
                said("sill-tap", "sill-left", "GOOD", "ON_STANDS"),
                said("sill-tap", "bonnet", "GOOD", "ON_STANDS"));
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.code()).isEqualTo("check.not-here");
        assertThat(garage.rows("check_answer")).isZero();
        answer(
                        garage.owner(),
                        project,
                        said("sill-tap", "sill-left", "GOOD", "ON_STANDS"),
                        said("sill-cover", "sill-left", "GOOD", "ON_STANDS"))
                .ok();
        assertThat(garage.rows("check_answer")).isEqualTo(2);
    }

    @Test
    void nonsenseChangesNothing(TestGarage garage) {
        UUID project = garage.project();
        assertThat(answer(garage.owner(), project).status()).isEqualTo(422);
        var many = IntStream.range(0, 601)
                .mapToObj(i -> said("sill-tap", "sill-left", "GOOD", "ON_STANDS"))
                .toArray(Map[]::new);
        assertThat(answer(garage.owner(), project, many).code()).isEqualTo("answers.number");
        assertThat(answer(garage.owner(), project, said("luck", "sill-left", "GOOD", "ON_STANDS"))
                        .status())
                .isEqualTo(422);
        assertThat(answer(garage.owner(), project, said("sill-tap", "sill-left", "SPLENDID", "ON_STANDS"))
                        .status())
                .isEqualTo(400);
        assertThat(answer(garage.join("VIEWER"), project, said("sill-tap", "sill-left", "GOOD", "ON_STANDS"))
                        .status())
                .isEqualTo(403);
        assertThat(garage.rows("check_answer")).isZero();
    }

    @Test
    void nobodyWalksRoundInAnotherGarage(TestGarage mine, TestGarage other) {
        UUID project = other.project();
        assertThat(mine.owner().get("/api/projects/" + project + "/checks").status())
                .isEqualTo(404);
        assertThat(answer(mine.owner(), project, said("sill-tap", "sill-left", "GOOD", "ON_STANDS"))
                        .status())
                .isEqualTo(404);
    }

    /** Whatever fails, papers and road too, becomes a finding of the class that its check shows: all checks of a car, in one write. */
    @Test
    void everyFailedCheckIsAFindingOfTheClassThatItShows(TestGarage garage) {
        UUID project = garage.project();
        JsonNode steps = walk(garage, project).get("steps");
        answer(
                        garage.owner(),
                        project,
                        steps.valueStream()
                                .map(s -> said(
                                        s.get("checkId").asString(),
                                        s.get("place").asString(),
                                        "BAD",
                                        "OPENED"))
                                .toArray(Map[]::new))
                .ok();
        Map<String, String> shown = steps.valueStream()
                .collect(Collectors.toMap(
                        s -> s.get("checkId").asString() + " "
                                + (s.has("zone") ? s.get("zone").asString() : "vehicle"),
                        s -> s.get("ifBad").asString()));
        Map<String, String> found = garage.owner()
                .get("/api/projects/" + project + "/findings")
                .ok()
                .valueStream()
                .collect(Collectors.toMap(
                        f -> f.get("checkId").asString() + " " + f.get("zone").asString(),
                        f -> f.get("safetyClass").asString()));
        assertThat(found).isEqualTo(shown).containsEntry("road-brake-pull vehicle", "A");
    }

    @Test
    void aCheckThatFailsTwiceHasOneFindingAndASlipIsTakenBackWithIt(TestGarage garage) {
        UUID project = garage.project();
        UUID write = UUID.randomUUID();
        garage.owner()
                .write(
                        "POST",
                        "/api/projects/" + project + "/answers",
                        map("answers", List.of(said("pedal-hold", "pedals", "DOUBTFUL", "ON_STANDS"))),
                        write)
                .ok();
        answer(garage.owner(), project, said("pedal-hold", "pedals", "BAD", "ON_STANDS"))
                .ok();
        answer(garage.owner(), project, said("pedal-hold", "pedals", "GOOD", "ON_STANDS"))
                .ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/findings")
                        .ok()
                        .valueStream())
                .as("another answer does not talk a danger away")
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.get("state").asString()).isEqualTo("OPEN");
                    assertThat(f.get("safetyClass").asString()).isEqualTo("A");
                });
        UUID slip = UUID.randomUUID();
        garage.owner()
                .write(
                        "POST",
                        "/api/projects/" + project + "/answers",
                        map("answers", List.of(said("sill-tap", "sill-left", "BAD", "ON_STANDS"))),
                        slip)
                .ok();
        assertThat(garage.rows("finding")).isEqualTo(2);
        garage.owner().post("/api/changes/" + slip + "/undo", map()).ok();
        assertThat(garage.rows("finding")).isEqualTo(1);
    }

    private static Map<String, Object> said(String check, String place, String seen, String how) {
        return map(
                "id",
                UUID.randomUUID(),
                "checkId",
                check,
                "place",
                place,
                "seen",
                seen,
                "howSeen",
                how,
                "covered",
                false,
                "another",
                false);
    }

    @SafeVarargs
    private static Answer answer(Api api, UUID project, Map<String, Object>... answers) {
        return api.post("/api/projects/" + project + "/answers", map("answers", List.of(answers)));
    }

    private static JsonNode walk(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/checks").ok();
    }

    private static JsonNode place(JsonNode walk, String place) {
        return walk.get("places")
                .valueStream()
                .filter(p -> p.get("place").asString().equals(place))
                .findFirst()
                .orElseThrow();
    }

    private static String step(TestGarage garage, UUID project, String check, String place) {
        return walk(garage, project)
                .get("steps")
                .valueStream()
                .filter(s -> s.get("checkId").asString().equals(check)
                        && s.get("place").asString().equals(place))
                .findFirst()
                .orElseThrow()
                .path("seen")
                .asString("");
    }
}
