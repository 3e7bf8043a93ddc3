package ofisino.server.money;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What was bought over the counter is there and in the ledger, both or neither. */
@ExtendWith(TestApplication.class)
class MarketTest {
    /** By hand: 10.00 for one job that takes one and another that takes two: 3.33 and 6.67. */
    @Test
    void itIsThereAndItsPriceIsSharedByWhatEachJobTakes(TestGarage garage) {
        UUID project = garage.project();
        UUID first = garage.job(project, "Lamps");
        UUID second = garage.job(project, "Wiring");
        UUID one = garage.need(project, first, "Bulb");
        UUID two = need(garage, project, second, 2, "");
        UUID place = garage.place();
        assertThat(bought(garage.owner(), project, place, 1_000, one, two).status())
                .isEqualTo(204);
        assertThat(states(garage, project)).containsExactly("ACCEPTED", "ACCEPTED");
        JsonNode entry =
                garage.owner().get("/api/projects/" + project + "/entries").ok().get(0);
        assertThat(entry.path("state").asString()).isEqualTo("DRAFT");
        assertThat(entry.path("splits")
                        .valueStream()
                        .map(s -> s.path("jobId").asString() + " "
                                + s.path("baseMinor").asLong()))
                .containsExactlyInAnyOrder(first + " 333", second + " 667");
    }

    /** Sent again under the same id it is entered once. */
    @Test
    void enteredTwiceIsEnteredOnce(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Lamps"), "Bulb");
        Map<String, Object> body = body(garage.place(), 500, need);
        UUID write = UUID.randomUUID();
        String path = "/api/projects/" + project + "/bought";
        assertThat(garage.owner().write("POST", path, body, write).status()).isEqualTo(204);
        assertThat(garage.owner().write("POST", path, body, write).status()).isEqualTo(204);
        assertThat(entries(garage, project)).hasSize(1);
        assertThat(bought(garage.owner(), project, garage.place(), 500, need).code())
                .isEqualTo("part.stale");
    }

    /** Whatever is refused leaves neither the part nor the price behind. */
    @Test
    void bothOrNeither(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Lamps");
        UUID lens = need(garage, project, job, 1, "red over amber");
        UUID place = garage.place();
        assertThat(bought(garage.owner(), project, place, 500, lens).code()).isEqualTo("match.unseen");
        UUID bulb = garage.need(project, job, "Bulb");
        var noPlace = body(place, 500, bulb);
        noPlace.put("placeId", UUID.randomUUID());
        assertThat(post(garage.owner(), project, noPlace).status()).isGreaterThanOrEqualTo(400);
        assertThat(bought(garage.owner(), project, place, -1, bulb).code()).isEqualTo("bought.paid");
        assertThat(bought(garage.owner(), project, place, 1_000_000_000_001L, bulb)
                        .status())
                .isEqualTo(422);
        var nothing = body(place, 0);
        assertThat(post(garage.owner(), project, nothing).code()).isEqualTo("bought.nothing");
        assertThat(bought(garage.owner(), garage.project(), place, 0, bulb).status())
                .as("of another car")
                .isEqualTo(404);
        assertThat(states(garage, project)).containsOnly("NEEDED");
        assertThat(entries(garage, project)).isEmpty();
        var seen = body(place, 0, lens);
        seen.put("matched", List.of("red over amber"));
        assertThat(post(garage.owner(), project, seen).status()).isEqualTo(204);
    }

    @Test
    void aHelperEntersThePartAndNoPrice(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Lamps"), "Bulb");
        Api helper = garage.join("HELPER");
        assertThat(bought(helper, project, garage.place(), 500, need).code()).isEqualTo("role.owner");
        assertThat(states(garage, project)).containsExactly("NEEDED");
        assertThat(bought(helper, project, garage.place(), 0, need).status()).isEqualTo(204);
        assertThat(bought(garage.join("VIEWER"), project, garage.place(), 0, need)
                        .status())
                .isEqualTo(403);
    }

    @Test
    void whatIsOnItsWayOrHeldIsNotBoughtOverTheCounter(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Lamps"), "Bulb");
        garage.owner()
                .post("/api/needs/" + need + "/hold", map("reason", "Which socket?", "version", 0))
                .ok();
        var held = body(garage.place(), 0, need);
        held.put("needs", List.of(map("needId", need, "version", garage.version("needs", need))));
        assertThat(post(garage.owner(), project, held).code()).isEqualTo("need.not-to-buy");
    }

    private static UUID need(TestGarage garage, UUID project, UUID job, int quantity, String mustMatch) {
        UUID id = UUID.randomUUID();
        var fields = map("jobId", job, "title", "Bulb", "quantity", quantity, "estimateMinor", 0, "leadDays", 7);
        fields.put("mustMatch", mustMatch);
        garage.owner()
                .post("/api/projects/" + project + "/needs", map("id", id, "fields", fields))
                .ok();
        return id;
    }

    private static Map<String, Object> body(UUID place, long paid, UUID... needs) {
        var body = map("placeId", place, "boughtOn", TODAY, "matched", List.of(), "paidMinor", paid);
        body.put("entryId", UUID.randomUUID());
        body.put(
                "needs",
                Stream.of(needs).map(n -> map("needId", n, "version", 0)).toList());
        return body;
    }

    private static Answer bought(Api api, UUID project, UUID place, long paid, UUID... needs) {
        return post(api, project, body(place, paid, needs));
    }

    private static Answer post(Api api, UUID project, Map<String, Object> body) {
        return api.post("/api/projects/" + project + "/bought", body);
    }

    private static List<String> states(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/needs")
                .ok()
                .valueStream()
                .map(n -> n.path("state").asString())
                .toList();
    }

    private static List<JsonNode> entries(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/entries")
                .ok()
                .valueStream()
                .toList();
    }
}
