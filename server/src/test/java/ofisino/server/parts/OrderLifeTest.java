package ofisino.server.parts;

import static ofisino.server.parts.Ordering.accept;
import static ofisino.server.parts.Ordering.arrive;
import static ofisino.server.parts.Ordering.id;
import static ofisino.server.parts.Ordering.lines;
import static ofisino.server.parts.Ordering.money;
import static ofisino.server.parts.Ordering.need;
import static ofisino.server.parts.Ordering.needs;
import static ofisino.server.parts.Ordering.objections;
import static ofisino.server.parts.Ordering.order;
import static ofisino.server.parts.Ordering.pay;
import static ofisino.server.parts.Ordering.place;
import static ofisino.server.parts.Ordering.post;
import static ofisino.server.parts.Ordering.refunds;
import static ofisino.server.parts.Ordering.returning;
import static ofisino.server.parts.Ordering.sentBack;
import static ofisino.server.parts.Ordering.tasks;
import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.TODAY;
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

/** What becomes of what was ordered, as far as the pages can take it. */
@ExtendWith(TestApplication.class)
class OrderLifeTest {
    /** By hand: 5 of 8 bolts for 30.00 are 18.75; the other 3, 11.25, are still owed and come ten days later. */
    @Test
    void aPartDeliveryLeavesTheRestOnTheOrder(TestGarage garage) {
        UUID project = garage.project();
        UUID bolts = need(garage, project, "Wheel bolts", 8);
        order(garage, project, garage.supplier("EUR"), 3000, DAY.minusDays(4), DAY.minusDays(1), bolts);
        assertThat(tasks(garage, project)).containsExactly("CHASE " + DAY.minusDays(1));

        String rest = DAY.plusDays(10).toString();
        arrive(garage, bolts, "pieces", 5, "restOn", rest).ok();
        List<JsonNode> both = needs(garage, project);
        assertThat(both)
                .extracting(
                        n -> n.path("quantity").asInt() + " " + n.path("state").asString() + " "
                                + n.path("expectedOn").asString())
                .containsExactlyInAnyOrder("5 RECEIVED " + DAY.minusDays(1), "3 ORDERED " + rest);
        assertThat(both.get(0).path("sameAs"))
                .as("one line")
                .isEqualTo(both.get(1).path("sameAs"));
        assertThat(lines(garage, project))
                .extracting(l ->
                        l.path("pieces").asInt() + " " + l.path("amountMinor").asLong())
                .containsExactlyInAnyOrder("5 1875", "3 1125");
        assertThat(money(garage, project, "orderedNotPaid")).isEqualTo(30_00);

        assertThat(arrive(garage, id(both, "3"), "pieces", 4).text("field")).isEqualTo("pieces");
        assertThat(arrive(garage, id(both, "3"), "arrivedOn", DAY.plusDays(1).toString())
                        .code())
                .isEqualTo("delivery.future");
    }

    @Test
    void nothingComesBeforeItWasOrderedNorGoesBackBeforeItCame(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        order(garage, project, garage.supplier("EUR"), 3000, DAY.minusDays(4), DAY, hose);
        String before = DAY.minusDays(5).toString();
        assertThat(arrive(garage, hose, "arrivedOn", before).code()).isEqualTo("delivery.before-order");
        arrive(garage, hose, "arrivedOn", DAY.minusDays(3).toString()).ok();
        accept(garage, hose, map("right", false, "reason", "Kinked")).ok();
        JsonNode line = lines(garage, project).get(0);
        assertThat(sentBack(garage, line, before).code()).isEqualTo("delivery.before-arrival");
        sentBack(garage, line, DAY.minusDays(2).toString()).ok();
    }

    @Test
    void lessThanNothingIsNotLeftOver(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        order(garage, project, garage.supplier("EUR"), 3000, DAY, DAY, hose);
        arrive(garage, hose).ok();
        assertThat(accept(garage, hose, map("right", true, "placeId", garage.place(), "spare", -1))
                        .status())
                .isEqualTo(422);
        assertThat(needs(garage, project).get(0).path("state").asString()).isEqualTo("RECEIVED");
    }

    /** Paid, then called off: the 30.00 are awaited until they are given up; then they are gone, and nobody owes them again. */
    @Test
    void moneyGivenUpIsSpentAndNotOwed(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        UUID paid = order(garage, project, garage.supplier("EUR"), 3000, DAY.minusDays(9), DAY, hose);
        pay(garage, project, paid, 3000);
        post(garage, hose, "call-off", map("reason", "Never made")).ok();
        assertThat(refunds(garage, project)).isEqualTo(30_00);
        JsonNode line = lines(garage, project).get(0);
        garage.owner()
                .post("/api/order-lines/" + line.path("id").asString() + "/refund-lost", map())
                .ok();
        assertThat(refunds(garage, project)).isZero();
        assertThat(money(garage, project, "spent")).isEqualTo(30_00);
        assertThat(money(garage, project, "orderedNotPaid")).isZero();
    }

    /** By hand: 250 g and 150 g of wire come on one reel of 800 g, and 400 g are left over. */
    @Test
    void whatTwoJobsUseComesInOnePack(TestGarage garage) {
        UUID project = garage.project();
        UUID floor = need(garage, project, "Welding wire", 250);
        UUID sill = need(garage, project, "Welding wire", 150);
        garage.running()
                .sql()
                .update("update need set item = 'welding-wire', unit = 'GRAM' where id in (?, ?)", floor, sill);
        List<Map<String, Object>> both =
                List.of(map("needId", floor, "amountMinor", 1500), map("needId", sill, "amountMinor", 900));
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(UUID.randomUUID(), garage.supplier("EUR"), "EUR", 1, 0, both))
                .ok();
        assertThat(lines(garage, project))
                .extracting(l -> l.path("needId").asString() + " "
                        + l.path("sparePieces").asInt())
                .containsExactlyInAnyOrder(floor + " 400", sill + " 0");
    }

    @Test
    void whatIsNotNeededAfterAllIsNeitherBoughtNorWaitedFor(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        assertThat(post(garage, hose, "leave-out", map("reason", " ")).status()).isEqualTo(422);
        post(garage, hose, "leave-out", map("reason", "The old one is good")).ok();
        assertThat(money(garage, project, "toOrder")).isZero();
        assertThat(place(garage, project, garage.supplier("EUR"), 3000, DAY, DAY, hose)
                        .status())
                .isEqualTo(409);
        post(garage, hose, "release", map()).ok();
        assertThat(money(garage, project, "toOrder")).isEqualTo(10_00);
        order(garage, project, garage.supplier("EUR"), 3000, DAY, DAY, hose);
        assertThat(post(garage, hose, "leave-out", map("reason", "x")).status())
                .as("it is on its way")
                .isEqualTo(409);
    }

    @Test
    void whatIsLateIsPutOffOrCalledOff(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        order(garage, project, garage.supplier("EUR"), 3000, DAY.minusDays(9), DAY.minusDays(2), hose);
        String later = DAY.plusDays(5).toString();
        assertThat(post(garage, hose, "new-day", map("expectedOn", DAY.minusDays(1)))
                        .code())
                .isEqualTo("delivery.day");
        post(garage, hose, "new-day", map("expectedOn", later)).ok();
        assertThat(tasks(garage, project)).isEmpty();
        assertThat(needs(garage, project).get(0).path("expectedOn").asString()).isEqualTo(later);

        assertThat(post(garage, hose, "call-off", map("reason", " ")).status()).isEqualTo(422);
        post(garage, hose, "call-off", map("reason", "Never made")).ok();
        assertThat(needs(garage, project).get(0).path("state").asString()).isEqualTo("NEEDED");
        assertThat(money(garage, project, "orderedNotPaid")).isZero();
        assertThat(money(garage, project, "toOrder")).isEqualTo(10_00);
        JsonNode line = lines(garage, project).get(0);
        assertThat(line.path("outcome").asString()).isEqualTo("CANCELLED");
        assertThat(sentBack(garage, line, TODAY).code()).isEqualTo("delivery.not-here");
        order(garage, project, garage.supplier("EUR"), 3100, DAY, DAY.plusDays(3), hose);
    }

    /** By hand: taken back within 14 days of arrival, so it is posted on the 14th at the latest. */
    @Test
    void whatIsWrongGoesBackInTimeAndItsPriceComesBackOrIsLost(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        UUID supplier = returning(garage, 14);
        UUID order = order(garage, project, supplier, 3000, DAY.minusDays(9), DAY, hose);
        pay(garage, project, order, 3000);
        arrive(garage, hose, "arrivedOn", DAY.minusDays(3).toString()).ok();
        assertThat(tasks(garage, project)).containsExactly("CHECK_IN " + DAY.plusDays(9));
        accept(garage, hose, map("right", false, "failed", "DAMAGED", "reason", "Kinked"))
                .ok();
        assertThat(tasks(garage, project)).contains("SEND_BACK " + DAY.plusDays(11));
        assertThat(money(garage, project, "spent")).isEqualTo(30_00);
        assertThat(money(garage, project, "toOrder")).as("counted once").isZero();
        assertThat(refunds(garage, project)).isEqualTo(30_00);

        JsonNode line = lines(garage, project).get(0);
        assertThat(sentBack(garage, line, DAY.plusDays(1).toString()).code()).isEqualTo("delivery.future");
        sentBack(garage, line, TODAY).ok();
        assertThat(tasks(garage, project)).noneMatch(t -> t.startsWith("SEND_BACK"));
        assertThat(lines(garage, project).get(0).path("slip").asString()).isEqualTo("RR 12");

        garage.owner()
                .post("/api/order-lines/" + line.path("id").asString() + "/refund-lost", map())
                .ok();
        assertThat(refunds(garage, project)).isZero();
        assertThat(money(garage, project, "spent")).isEqualTo(30_00);
        assertThat(money(garage, project, "toOrder"))
                .as("to be bought once more")
                .isEqualTo(10_00);
    }

    @Test
    void nothingIsSentBackThatIsRight(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = need(garage, project, "Heater hose", 1);
        order(garage, project, garage.supplier("EUR"), 3000, DAY, DAY, hose);
        arrive(garage, hose).ok();
        JsonNode line = lines(garage, project).get(0);
        assertThat(sentBack(garage, line, TODAY).code()).isEqualTo("delivery.kept");
        assertThat(accept(garage, hose, map("right", false, "failed", "RIGHT", "reason", "x"))
                        .text("field"))
                .isEqualTo("failed");
        assertThat(post(garage, hose, "trial", map("fits", true)).code()).isEqualTo("delivery.trial");
        accept(garage, hose, map("right", true, "placeId", garage.place())).ok();
        assertThat(sentBack(garage, line, TODAY).code()).isEqualTo("delivery.kept");
        assertThat(post(garage, hose, "call-off", map("reason", "x")).status()).isEqualTo(409);
    }

    /** Neither what came nor what lies on the shelf is kept before all that must match was compared. */
    @Test
    void whatMustMatchIsComparedBeforeItIsKept(TestGarage garage) {
        UUID project = garage.project();
        UUID bearing = need(garage, project, "Wheel bearing kit", 1);
        var fields = map("title", "Wheel bearing kit", "quantity", 1, "estimateMinor", 0, "leadDays", 7);
        fields.putAll(map("mustMatch", "Size: 35 × 62 × 14\nThread: M10 × 1", "pairWaiver", "The other is new"));
        garage.owner()
                .put("/api/needs/" + bearing, map("fields", fields, "version", 0))
                .ok();
        order(garage, project, garage.supplier("EUR"), 3000, DAY, DAY, bearing);
        arrive(garage, bearing).ok();
        UUID place = garage.place();
        assertThat(accept(garage, bearing, map("right", true, "placeId", place)).code())
                .isEqualTo("match.unseen");
        assertThat(accept(garage, bearing, map("right", true, "placeId", place, "matched", List.of("Thread: M10 × 1")))
                        .text("field"))
                .isEqualTo("matched");
        accept(
                        garage,
                        bearing,
                        map(
                                "right",
                                true,
                                "placeId",
                                place,
                                "matched",
                                List.of("Thread: M10 × 1", "Size: 35 × 62 × 14")))
                .ok();
    }

    /** Twice of no use: before the third somebody says why it will be right this time. */
    @Test
    void whatFailedTwiceIsNotOrderedAThirdTimeUnasked(TestGarage garage) {
        UUID project = garage.project();
        UUID grommet = need(garage, project, "Grommet", 5);
        UUID supplier = garage.supplier("EUR");
        for (int i = 0; i < 2; i++) {
            assertThat(objections(garage, project, grommet)).hasSize(i == 0 ? 0 : 1);
            order(garage, project, supplier, 2100, DAY, DAY, grommet);
            arrive(garage, grommet).ok();
            accept(garage, grommet, map("right", false, "reason", "too soft")).ok();
        }
        JsonNode said = objections(garage, project, grommet).get(0);
        assertThat(said.path("sumMinor").asLong()).isEqualTo(42_00);
        assertThat(said.path("isAsked").asBoolean()).isTrue();
        assertThat(place(garage, project, supplier, 2100, DAY, DAY, grommet).code())
                .isEqualTo("need.bought-again");
        var fields = map("title", "Grommet", "quantity", 5, "estimateMinor", 1000, "leadDays", 7);
        fields.put("againWaiver", "Another maker, of rubber");
        garage.owner()
                .put("/api/needs/" + grommet, map("fields", fields, "version", garage.version("needs", grommet)))
                .ok();
        order(garage, project, supplier, 2100, DAY, DAY, grommet);
        assertThat(objections(garage, project, grommet).get(0).path("sumMinor").asLong())
                .isEqualTo(63_00);
    }

    /** Three times let down, the sum of three orders with their post; nobody but the owner reads it. */
    @Test
    void aSellerIsKnownByItsDeliveriesAndAvoided(TestGarage garage) {
        UUID project = garage.project();
        UUID supplier = garage.supplier("EUR");
        for (String part : List.of("Heater hose", "Grommet", "Clip")) {
            UUID need = need(garage, project, part, 1);
            order(garage, project, supplier, 2000, DAY.minusDays(9), DAY.minusDays(2), need);
            arrive(garage, need).ok();
            accept(garage, need, map("right", false, "reason", "wrong")).ok();
        }
        JsonNode known = garage.owner().get("/api/suppliers/records").ok().get(0);
        assertThat(known.path("failed").asInt()).isEqualTo(3);
        assertThat(known.path("onTime").asInt()).isZero();
        assertThat(known.path("failedMinor").asLong()).isEqualTo(60_00);
        assertThat(known.path("isToAvoid").asBoolean()).isTrue();
        assertThat(garage.join("HELPER").get("/api/suppliers/records").status()).isEqualTo(403);
        String avoid = "/api/suppliers/" + supplier + "/avoid";
        assertThat(garage.owner().put(avoid, map("avoid", true, "version", 0)).status())
                .isEqualTo(422);
        garage.owner()
                .put(avoid, map("avoid", true, "reason", "Three wrong of three", "version", 0))
                .ok();
        assertThat(garage.owner()
                        .get("/api/suppliers")
                        .ok()
                        .get(0)
                        .path("avoid")
                        .asBoolean())
                .isTrue();
    }

    /** The deposit of an exchange part stands beside its price: a draft with its last day, which pays nothing of the order. */
    @Test
    void whatIsLeftForTheOldPartIsNotedBesideItsPrice(TestGarage garage) {
        UUID project = garage.project();
        UUID need = Ordering.need(garage, project, "Starter, exchange", 1);
        Map<String, Object> order = TestGarage.order(
                UUID.randomUUID(),
                garage.supplier("EUR"),
                "EUR",
                1,
                0,
                List.of(map("needId", need, "amountMinor", 9_000)));
        String path = "/api/projects/" + project + "/orders";
        order.put("deposit", map("entryId", UUID.randomUUID(), "minor", 0, "returnBy", TODAY));
        assertThat(garage.owner().post(path, order).code()).isEqualTo("order.deposit");
        String before = TestGarage.DAY.minusDays(1).toString();
        order.put("deposit", map("entryId", UUID.randomUUID(), "minor", 4_500, "returnBy", before));
        assertThat(garage.owner().post(path, order).code()).isEqualTo("order.deposit-day");
        assertThat(garage.owner().get(path).ok())
                .as("refused, nothing is ordered")
                .isEmpty();

        UUID entry = UUID.randomUUID();
        String by = TestGarage.DAY.plusDays(28).toString();
        order.put("deposit", map("entryId", entry, "minor", 4_500, "returnBy", by));
        garage.owner().post(path, order).ok();
        JsonNode noted =
                garage.owner().get("/api/projects/" + project + "/entries").ok().get(0);
        assertThat(noted.path("kind").asString()).isEqualTo("DEPOSIT_PAID");
        assertThat(noted.path("state").asString()).isEqualTo("DRAFT");
        assertThat(noted.path("returnBy").asString()).isEqualTo(by);
        garage.owner()
                .post("/api/entries/" + entry + "/posting", map("version", 0))
                .ok();
        JsonNode money =
                garage.owner().get("/api/projects/" + project + "/money").ok();
        assertThat(money.path("orderedNotPaid").get(0).path("baseMinor").asLong())
                .isEqualTo(9_000);
        assertThat(money.path("depositsOut").get(0).path("baseMinor").asLong()).isEqualTo(4_500);
    }
}
