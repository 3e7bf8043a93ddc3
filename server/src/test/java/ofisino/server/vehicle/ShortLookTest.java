package ofisino.server.vehicle;

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

/** The buyer's short look: each card answers checks of the whole walk, and no more than it saw. */
@ExtendWith(TestApplication.class)
class ShortLookTest {
    @Test
    void theOldCarsListStandsBeforeItsCheckIsDone(TestGarage garage) {
        JsonNode look = look(garage, garage.project());
        assertThat(look.path("kind").asString()).isEqualTo("OLD_CAR");
        assertThat(look.path("possible").valueStream().map(JsonNode::asString))
                .containsExactly("OLD_CAR", "RECENT_CAR");
        assertThat(look.path("cards").size())
                .isEqualTo(look.path("left").path("cards").asInt());
        assertThat(look.path("left").path("weight").asInt())
                .isEqualTo(look.path("left").path("all").asInt());
        assertThat(card(look, "numbers").path("stop").path("meaning").asString())
                .isEqualTo("SETTLE_FIRST");
    }

    /** A glance settles the bid and no check: the walk asks again, and says who looked. */
    @Test
    void aGoodCardAnswersItsChecksInPassing(TestGarage garage) {
        UUID project = garage.project();
        long unanswered = unanswered(garage, project);
        answer(garage, project, "sill-left", "GOOD", null).ok();
        answer(garage, project, "belts", "GOOD", null).ok();
        JsonNode step = step(garage, project, "sill-tap", "sill-left");
        assertThat(step.has("seen")).isFalse();
        assertThat(step.path("howSeen").asString()).isEqualTo("GLANCED");
        assertThat(step.path("look").path("by").asString()).isNotBlank();
        assertThat(step(garage, project, "sill-drain-holes", "sill-left").has("look"))
                .as("which only a fault there would answer")
                .isFalse();
        assertThat(card(look(garage, project), "sill-left").path("seen").asString())
                .isEqualTo("GOOD");
        assertThat(unanswered(garage, project))
                .as("nothing is cleared for the road")
                .isEqualTo(unanswered);
    }

    private static long unanswered(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/road")
                .ok()
                .path("blockers")
                .valueStream()
                .filter(b -> b.path("rule").asString().equals("CHECKS_UNANSWERED"))
                .mapToLong(b -> b.path("count").asLong())
                .sum();
    }

    /** A fault at another of the card's checks, on the other side: its finding lies there, and nothing else is said. */
    @Test
    void aFaultMakesTheFindingOfItsCheck(TestGarage garage) {
        UUID project = garage.project();
        Object fault = map("checkId", "turret-top", "place", "inner-wing-right");
        JsonNode made = answer(garage, project, "bonnet", "BAD", fault).ok().path("standing");
        assertThat(made).hasSize(1);
        assertThat(made.get(0).path("zone").asString()).isEqualTo("inner-wing-right");
        assertThat(made.get(0).path("known").asBoolean()).isFalse();
        assertThat(card(look(garage, project), "bonnet").path("seen").asString())
                .isEqualTo("BAD");
        assertThat(step(garage, project, "bonnet-catch", "bonnet").has("seen")).isFalse();
        JsonNode again = answer(garage, project, "bonnet", "BAD", fault).ok().path("standing");
        assertThat(again.get(0).path("known").asBoolean())
                .as("an open finding is known where its check fails again")
                .isTrue();
        assertThat(again.get(0).path("findingId")).isEqualTo(made.get(0).path("findingId"));
        assertThat(garage.owner().get("/api/projects/" + project + "/findings").ok())
                .hasSize(1);
        assertThat(answer(garage, project, "bonnet", "BAD", map("checkId", "sill-tap", "place", "sill-left"))
                        .code())
                .isEqualTo("card.fault");
    }

    /** A tyre's age is looked at once, at the first wheel; a fault may be at any. */
    @Test
    void whereOneLookAnswersForSeveralPlacesTheFaultLiesWhereItWasFound(TestGarage garage) {
        UUID project = garage.project();
        JsonNode made = answer(
                        garage, project, "wheels", "DOUBTFUL", map("checkId", "tyre-age", "place", "rear-wheel-right"))
                .ok()
                .path("standing");
        assertThat(made.get(0).path("zone").asString()).isEqualTo("rear-wheel-right");
    }

    /** "No current, it doesn't run" is one press for all that need it, and takes nothing back. */
    @Test
    void noCurrentAnswersAllThatNeedIt(TestGarage garage) {
        UUID project = garage.project();
        answer(garage, project, "cold-start", "GOOD", null).ok();
        Answer all = garage.owner()
                .post(
                        "/api/projects/" + project + "/short-look/answers",
                        said(List.of("dashboard", "cold-start", "gears"), "NO_CURRENT", null));
        assertThat(all.ok().path("standing")).isEmpty();
        JsonNode look = look(garage, project);
        assertThat(card(look, "dashboard").path("seen").asString()).isEqualTo("NO_CURRENT");
        assertThat(card(look, "gears").path("seen").asString()).isEqualTo("NO_CURRENT");
        assertThat(card(look, "cold-start").path("seen").asString()).isEqualTo("GOOD");
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/short-look/answers",
                                said(List.of("oil", "coolant"), "GOOD", null))
                        .code())
                .isEqualTo("card.one");
    }

    @Test
    void aCardThatTheVehicleHasNotIsRefused(TestGarage garage) {
        assertThat(answer(garage, garage.project(), "airbags", "GOOD", null).code())
                .isEqualTo("card.not-here");
    }

    private static JsonNode look(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/short-look").ok();
    }

    private static JsonNode card(JsonNode look, String id) {
        return look.path("cards")
                .valueStream()
                .filter(c -> c.path("asks").path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode step(TestGarage garage, UUID project, String check, String place) {
        return garage.owner()
                .get("/api/projects/" + project + "/checks")
                .ok()
                .path("steps")
                .valueStream()
                .filter(s -> s.path("checkId").asString().equals(check)
                        && s.path("place").asString().equals(place))
                .findFirst()
                .orElseThrow();
    }

    private static Answer answer(TestGarage garage, UUID project, String card, String seen, Object fault) {
        return garage.owner()
                .post("/api/projects/" + project + "/short-look/answers", said(List.of(card), seen, fault));
    }

    private static Object said(List<String> cards, String seen, Object fault) {
        return map("id", UUID.randomUUID(), "kind", "OLD_CAR", "cards", cards, "seen", seen, "fault", fault);
    }
}
