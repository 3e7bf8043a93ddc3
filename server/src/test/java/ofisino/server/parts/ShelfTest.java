package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataAccessException;
import tools.jackson.databind.JsonNode;

/** What lies in the garage, as far as the pages can take it. */
@ExtendWith(TestApplication.class)
class ShelfTest {
    /** Scenario 8, by hand: 24 washers for 4.80 where one is needed: 23 are left, which cost 4.60. */
    @Test
    void whatIsMoreInThePackGoesOntoTheShelf(TestGarage garage) {
        UUID project = garage.project();
        UUID washer = garage.need(project, garage.job(project, "Drain"), "Drain plug washer");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                UUID.randomUUID(),
                                garage.supplier("EUR"),
                                "EUR",
                                1,
                                0,
                                List.of(map("needId", washer, "amountMinor", 480, "sparePieces", 23))))
                .ok();
        garage.owner()
                .post("/api/needs/" + washer + "/arrival", map("arrivedOn", TODAY, "version", 1))
                .ok();
        UUID place = garage.place();
        garage.owner()
                .post("/api/needs/" + washer + "/acceptance", map("right", true, "placeId", place, "version", 2))
                .ok();
        JsonNode left = shelf(garage, "washer").get(0);
        assertThat(left.path("quantity").asInt()).isEqualTo(23);
        assertThat(left.path("costMinor").asLong()).isEqualTo(460);
        assertThat(left.path("origin").asString()).isEqualTo("LEFT_OVER");
        assertThat(left.path("placeId").asString()).isEqualTo(place.toString());

        UUID next = garage.need(project, garage.job(project, "Drain again"), "Drain plug washer");
        JsonNode fit = garage.owner()
                .get("/api/projects/" + project + "/shelf-fits")
                .ok()
                .get(0);
        assertThat(fit.path("needId").asString()).isEqualTo(next.toString());
        JsonNode drawn = draw(garage, next, left.path("id").asString()).ok();
        assertThat(drawn.path("state").asString()).isEqualTo("ACCEPTED");
        assertThat(shelf(garage, "washer").get(0).path("quantity").asInt()).isEqualTo(22);
        assertThat(moves(garage, left)).containsExactlyInAnyOrder("IN 23", "DRAWN -1");
    }

    /** Three are there and five are needed: three are taken, and two are still needed. */
    @Test
    void asManyAreTakenAsThereAre(TestGarage garage) {
        UUID project = garage.project();
        UUID clips = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/needs",
                        map(
                                "id",
                                clips,
                                "fields",
                                map("title", "Trim clip", "quantity", 5, "estimateMinor", 1000, "leadDays", 7)))
                .ok();
        JsonNode stock = stock(garage, "Trim clip", 3, map()).ok();
        draw(garage, clips, stock.path("id").asString()).ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/needs")
                        .ok()
                        .valueStream()
                        .map(n -> n.path("quantity").asInt() + " "
                                + n.path("state").asString()))
                .containsExactlyInAnyOrder("3 ACCEPTED", "2 NEEDED");
        assertThat(shelf(garage, "Trim")).isEmpty();
    }

    @Test
    void aLeftOneIsNoRightOne(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Doors"), "Door handle");
        JsonNode left = stock(garage, "Door handle", 1, map("side", "LEFT")).ok();
        assertThat(draw(garage, need, left.path("id").asString()).code()).isEqualTo("stock.other");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/shelf-fits")
                        .ok())
                .isEmpty();
    }

    @Test
    void whatMustMatchIsComparedBeforeItIsTakenFromTheShelf(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Doors"), "Door handle");
        var fields = map("title", "Door handle", "quantity", 1, "estimateMinor", 0, "leadDays", 7);
        fields.put("mustMatch", "Square of 8 mm");
        garage.owner()
                .put("/api/needs/" + need, map("fields", fields, "version", 0))
                .ok();
        String stock = stock(garage, "Door handle", 1, map()).ok().path("id").asString();
        assertThat(draw(garage, need, stock).code()).isEqualTo("match.unseen");
        assertThat(shelf(garage, "handle")).hasSize(1);
    }

    @Test
    void countedSoldAndThrownAwayAddUp(TestGarage garage) {
        JsonNode stock = stock(garage, "Hub cap", 6, map("lowMark", 2, "worthMinor", 6000))
                .ok();
        String at = "/api/stock/" + stock.path("id").asString();
        garage.owner()
                .post("/api/shelf/counts", map("counts", List.of(counted(stock, 5, 0))))
                .ok();
        assertThat(move(garage, at, "SOLD", 6, 1).code()).isEqualTo("stock.too-few");
        assertThat(move(garage, at, "DRAWN", 1, 1).text("field")).isEqualTo("kind");
        move(garage, at, "SOLD", 2, 1).ok();
        JsonNode left = move(garage, at, "SCRAPPED", 1, 2).ok();
        assertThat(left.path("quantity").asInt()).isEqualTo(2);
        assertThat(left.path("worthMinor").asLong()).isEqualTo(2000);
        assertThat(left.path("isLow").asBoolean()).isTrue();
        assertThat(garage.owner().get("/api/shelf").ok().path("low")).hasSize(1);
        assertThat(moves(garage, stock)).containsExactlyInAnyOrder("IN 6", "COUNTED -1", "SOLD -2", "SCRAPPED -1");
        assertThat(move(garage, at, "SOLD", 1, 1).status())
                .as("somebody else was quicker")
                .isEqualTo(409);
    }

    /** Somebody else was quicker with the second: the first is not counted either. */
    @Test
    void aPlaceIsCountedWholeOrNotAtAll(TestGarage garage) {
        JsonNode caps = stock(garage, "Hub cap", 6, map()).ok();
        JsonNode clips = stock(garage, "Trim clip", 9, map()).ok();
        String counts = "/api/shelf/counts";
        assertThat(garage.owner()
                        .post(counts, map("counts", List.of(counted(caps, 5, 0), counted(clips, 8, 7))))
                        .status())
                .isEqualTo(409);
        assertThat(shelf(garage, "Hub").get(0).path("quantity").asInt()).isEqualTo(6);
        garage.owner()
                .post(counts, map("counts", List.of(counted(caps, 6, 0), counted(clips, 8, 0))))
                .ok();
        assertThat(moves(garage, caps)).as("as many as thought").containsExactly("IN 6");
        assertThat(shelf(garage, "clip").get(0).path("quantity").asInt()).isEqualTo(8);
    }

    @Test
    void ofSeveralTheBestIsShownAndTheOthersAreDecidedTogether(TestGarage garage) {
        JsonNode good = stock(garage, "Rear lamp", 1, map("condition", "GOOD")).ok();
        JsonNode worn = stock(garage, "Rear lamp", 1, map("condition", "WORN")).ok();
        String unseen = stock(garage, "rear lamp ", 1, map("condition", "UNKNOWN"))
                .ok()
                .path("id")
                .asString();
        JsonNode several = garage.owner().get("/api/shelf").ok().path("several");
        assertThat(several).hasSize(1);
        assertThat(several.get(0).path("best").asString())
                .isEqualTo(good.path("id").asString());
        assertThat(several.get(0).path("others").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder(worn.path("id").asString(), unseen);
        garage.owner()
                .post(
                        "/api/shelf/fates",
                        map(
                                "fates",
                                List.of(
                                        map("stockId", worn.path("id").asString(), "fate", "SCRAP", "version", 0),
                                        map("stockId", unseen, "fate", "KEEP", "version", 0))))
                .ok();
        assertThat(garage.owner().get("/api/shelf").ok().path("several")).isEmpty();
    }

    @Test
    void theOldPartStaysUntilTheNewOneIsVerified(TestGarage garage) {
        UUID project = garage.project();
        UUID fresh = garage.need(project, garage.job(project, "Doors"), "Door handle");
        JsonNode old = stock(garage, "Old door handle", 1, map("replacedBy", fresh, "fate", "SCRAP"))
                .ok();
        String at = "/api/stock/" + old.path("id").asString();
        assertThat(move(garage, at, "SCRAPPED", 1, 0).code()).isEqualTo("stock.keep");
        garage.running().sql().update("update need set state = 'VERIFIED' where id = ?", fresh);
        move(garage, at, "SCRAPPED", 1, 0).ok();
    }

    @Test
    void whatSomebodyTypesIsFoundWhereverItStands(TestGarage garage) {
        stock(garage, "Door handle", 1, map("note", "100 % chrome, from the estate"))
                .ok();
        stock(garage, "Door pull", 1, map()).ok();
        assertThat(shelf(garage, "door CHROME")).hasSize(1);
        assertThat(shelf(garage, "Long bench")).hasSize(2);
        assertThat(shelf(garage, "100%25")).as("a per cent sign").isEmpty();
        assertThat(shelf(garage, "%25 chrome")).hasSize(1);
        assertThat(shelf(garage, "nothing like it")).isEmpty();
    }

    @Test
    void theDatabaseItselfAddsUpWhatCameAndWent(TestGarage garage) {
        JsonNode stock = stock(garage, "Hub cap", 6, map()).ok();
        UUID id = UUID.fromString(stock.path("id").asString());
        assertThatThrownBy(() -> garage.running().sql().update("update stock set quantity = 7 where id = ?", id))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("there are 7, but 6 came and went");
    }

    @Test
    void whoDoesNotSeeMoneyNeitherSeesNorChangesWhatItIsWorth(TestGarage garage) {
        JsonNode stock = stock(garage, "Hub cap", 6, map("worthMinor", 6000)).ok();
        var helper = garage.join("HELPER");
        JsonNode seen = helper.get("/api/shelf").ok().path("things").get(0);
        assertThat(seen.has("worthMinor")).isFalse();
        var fields = map("title", "Hub caps", "placeId", stock.path("placeId").asString(), "worthMinor", 1);
        helper.put("/api/stock/" + stock.path("id").asString(), map("fields", fields, "version", 0))
                .ok();
        assertThat(shelf(garage, "Hub caps").get(0).path("worthMinor").asLong()).isEqualTo(6000);
        assertThat(garage.join("VIEWER")
                        .post("/api/shelf/counts", map("counts", List.of()))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aPlaceIsInAPlaceButNotInItself(TestGarage garage) {
        UUID shelf = garage.place();
        UUID box = UUID.randomUUID();
        garage.owner()
                .post("/api/places", map("id", box, "name", "Box of trim", "kind", "BOX", "within", shelf))
                .ok();
        assertThat(garage.owner()
                        .put("/api/places/" + shelf, map("name", "Shelf", "kind", "SHELF", "within", box, "version", 0))
                        .code())
                .isEqualTo("place.within");
    }

    private static Answer stock(TestGarage garage, String title, int quantity, Map<String, Object> more) {
        var fields = map("title", title, "placeId", garage.place());
        fields.putAll(more);
        return garage.owner()
                .post(
                        "/api/stock",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "moveId",
                                UUID.randomUUID(),
                                "quantity",
                                quantity,
                                "fields",
                                fields));
    }

    private static Answer draw(TestGarage garage, UUID need, String stock) {
        return garage.owner()
                .post(
                        "/api/needs/" + need + "/from-stock",
                        map("moveId", UUID.randomUUID(), "stockId", stock, "version", garage.version("needs", need)));
    }

    private static Map<String, Object> counted(JsonNode stock, int found, long version) {
        return map("id", UUID.randomUUID(), "stockId", stock.path("id").asString(), "found", found, "version", version);
    }

    private static Answer move(TestGarage garage, String at, String kind, int pieces, long version) {
        return garage.owner()
                .post(at + "/moves", map("id", UUID.randomUUID(), "kind", kind, "pieces", pieces, "version", version));
    }

    private static List<JsonNode> shelf(TestGarage garage, String q) {
        return garage.owner()
                .get("/api/shelf?q=" + q.replace(" ", "%20"))
                .ok()
                .path("things")
                .valueStream()
                .toList();
    }

    private static List<String> moves(TestGarage garage, JsonNode stock) {
        return garage.owner()
                .get("/api/stock/" + stock.path("id").asString() + "/moves")
                .ok()
                .valueStream()
                .map(m -> m.path("kind").asString() + " " + m.path("pieces").asInt())
                .toList();
    }
}
