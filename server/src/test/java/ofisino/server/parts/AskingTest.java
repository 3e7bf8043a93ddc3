package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestApplication.Running;
import ofisino.server.testing.TestGarage;
import ofisino.server.web.OfisinoProperties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Sellers over the wire, with the stand-in: asked, taken, ordered once, and what is done without an answer. */
@ExtendWith(TestApplication.class)
class AskingTest {
    @Test
    void whatSellersHaveIsTakenAndOrderedOnce(TestGarage garage, Running running) {
        UUID project = garage.project();
        UUID need = Ordering.need(garage, project, "Grille", 1);
        JsonNode kessel = answerOf(garage, "kessel", "grille");
        assertThat(kessel.path("state").asString()).isEqualTo("ANSWERED");
        JsonNode article = kessel.path("articles").get(0);
        UUID supplier = UUID.randomUUID();
        take(garage, need, "kessel", article, supplier);

        JsonNode offer =
                garage.owner().get("/api/projects/" + project + "/sources").ok().get(0);
        assertThat(offer.path("article").asString()).isEqualTo("P1015");
        assertThat(offer.path("priceMinor").asLong())
                .isEqualTo(article.path("priceMinor").asLong());
        JsonNode noted = garage.owner().get("/api/suppliers").ok().get(0);
        assertThat(noted.path("id").asString()).isEqualTo(supplier.toString());
        assertThat(noted.path("postMinor").asLong()).isEqualTo(690);

        UUID order = Ordering.order(
                garage,
                project,
                supplier,
                article.path("priceMinor").asLong(),
                TestGarage.DAY,
                TestGarage.DAY.plusDays(30),
                need);
        JsonNode before =
                garage.owner().get("/api/projects/" + project + "/orders/sent").ok();
        assertThat(before.path("sendable").get(0).asString()).isEqualTo(order.toString());
        JsonNode sent =
                garage.owner().post("/api/orders/" + order + "/sending", map()).ok();
        assertThat(sent.path("answer").asString()).isEqualTo("ACCEPTED");
        JsonNode last = garage.owner().get("/api/changes").ok().get(0);
        assertThat(garage.owner()
                        .post("/api/changes/" + last.path("writeId").asString() + "/undo", "")
                        .code())
                .as("what went over the wire is not forgotten")
                .isEqualTo("undo.built-upon");
        assertThat(sent.path("dearerMinor").asLong()).isZero();
        assertThat(sent.path("laterDays").asLong()).isZero();
        assertThat(garage.owner()
                        .post("/api/orders/" + order + "/sending", map())
                        .code())
                .isEqualTo("sending.answered");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/orders/sent")
                        .ok()
                        .path("sendable")
                        .isEmpty())
                .isTrue();
    }

    @Test
    void aSellerWhoDoesNotAnswerLeavesTheOrderUnsureAndItIsSentAgainAsTheSame(TestGarage garage, Running running)
            throws Exception {
        UUID project = garage.project();
        UUID need = Ordering.need(garage, project, "Grille", 1);
        JsonNode article = answerOf(garage, "brunn", "grille").path("articles").get(0);
        UUID supplier = UUID.randomUUID();
        take(garage, need, "brunn", article, supplier);
        LocalDate day = TestGarage.DAY;
        UUID order = Ordering.order(
                garage, project, supplier, article.path("priceMinor").asLong(), day, day.plusDays(3), need);
        behave(running, "brunn", 0, 2, true, false);
        JsonNode unsure =
                garage.owner().post("/api/orders/" + order + "/sending", map()).ok();
        assertThat(unsure.path("answer").asString()).isEqualTo("UNSURE");
        behave(running, "brunn", 0, 0, false, false);
        JsonNode sent =
                garage.owner().post("/api/orders/" + order + "/sending", map()).ok();
        assertThat(sent.path("answer").asString()).isEqualTo("ACCEPTED");
        assertThat(sent.path("laterDays").asLong())
                .as("fourteen days and two more, three were hoped for")
                .isEqualTo(13);
        int left = answerOf(garage, "brunn", "grille")
                .path("articles")
                .get(0)
                .path("stock")
                .asInt();
        assertThat(left).as("taken once").isEqualTo(article.path("stock").asInt() - 1);
    }

    @Test
    void whatASellerContradictsIsSaid(TestGarage garage, Running running) throws Exception {
        UUID project = garage.project();
        UUID need = Ordering.need(garage, project, "Bonnet catch", 1);
        JsonNode article =
                answerOf(garage, "midfield", "bonnet catch").path("articles").get(0);
        UUID supplier = UUID.randomUUID();
        take(garage, need, "midfield", article, supplier);
        long price = article.path("priceMinor").asLong();
        var body = TestGarage.order(
                UUID.randomUUID(), supplier, "USD", 0.9, 0, List.of(map("needId", need, "amountMinor", price)));
        garage.owner().post("/api/projects/" + project + "/orders", body).ok();
        behave(running, "midfield", 0, 0, false, true);
        JsonNode sent = garage.owner()
                .post("/api/orders/" + body.get("id") + "/sending", map())
                .ok();
        behave(running, "midfield", 0, 0, false, false);
        assertThat(sent.path("dearerMinor").asLong()).isEqualTo(price / 5 + 1);
        assertThat(sent.path("laterDays").asLong()).isPositive();
    }

    @Test
    void aSlowSellerKeepsNobodyFromHearingTheOthers(TestGarage garage, Running running) throws Exception {
        behave(running, "alder", 5_000, 0, false, false);
        try {
            assertThat(answerOf(garage, "alder", "grille").path("state").asString())
                    .isEqualTo("NO_ANSWER");
            assertThat(answerOf(garage, "kessel", "grille").path("state").asString())
                    .isEqualTo("ANSWERED");
        } finally {
            behave(running, "alder", 0, 0, false, false);
        }
    }

    @Test
    void anOrderOfSomebodyElseIsNotSent(TestGarage garage) {
        UUID project = garage.project();
        UUID need = Ordering.need(garage, project, "Heater hose", 1);
        LocalDate day = TestGarage.DAY;
        UUID order = Ordering.order(garage, project, garage.supplier("EUR"), 500, day, day, need);
        assertThat(garage.owner()
                        .post("/api/orders/" + order + "/sending", map())
                        .code())
                .isEqualTo("sending.nobody");
        assertThat(garage.owner().get("/api/sellers/asked?words=").code()).isEqualTo("words.missing");
    }

    /** What was called off is not asked for all the same, and what is not there is no offer. */
    @Test
    void whatIsOverIsNotSentAndWhatIsGoneIsNotTaken(TestGarage garage) {
        UUID project = garage.project();
        UUID need = Ordering.need(garage, project, "Grille", 1);
        JsonNode article = answerOf(garage, "kessel", "grille").path("articles").get(0);
        UUID supplier = UUID.randomUUID();
        take(garage, need, "kessel", article, supplier);
        LocalDate day = TestGarage.DAY;
        UUID order = Ordering.order(
                garage, project, supplier, article.path("priceMinor").asLong(), day, day.plusDays(30), need);
        Ordering.post(garage, need, "call-off", map("reason", "Found one")).ok();
        assertThat(garage.owner()
                        .post("/api/orders/" + order + "/sending", map())
                        .code())
                .isEqualTo("sending.begun");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/orders/sent")
                        .ok()
                        .path("sendable"))
                .isEmpty();

        UUID other = Ordering.need(garage, project, "Grille", 1);
        assertThat(takeAs(garage, other, article, "stock", 0).code()).isEqualTo("asking.none");
        assertThat(takeAs(garage, other, article, "currency", "USD").code()).isEqualTo("asking.currency");
        assertThat(takeAs(garage, other, article, "priceMinor", -5).text("field"))
                .isEqualTo("priceMinor");
    }

    private static Answer takeAs(TestGarage garage, UUID need, JsonNode article, String name, Object value) {
        var said = map();
        article.properties().forEach(e -> said.put(e.getKey(), e.getValue()));
        said.put(name, value);
        return garage.owner()
                .post(
                        "/api/needs/" + need + "/offers-taken",
                        map(
                                "sourceId",
                                UUID.randomUUID(),
                                "supplierId",
                                UUID.randomUUID(),
                                "seller",
                                "kessel",
                                "article",
                                said));
    }

    private static JsonNode answerOf(TestGarage garage, String seller, String words) {
        JsonNode asked = garage.owner()
                .get("/api/sellers/asked?words=" + words.replace(" ", "%20"))
                .ok();
        assertThat(asked.path("canAsk").asBoolean()).isTrue();
        return asked.path("answers")
                .valueStream()
                .filter(a -> a.path("seller").asString().equals(seller))
                .findFirst()
                .orElseThrow();
    }

    private static void take(TestGarage garage, UUID need, String seller, JsonNode article, UUID supplier) {
        garage.owner()
                .post(
                        "/api/needs/" + need + "/offers-taken",
                        map(
                                "sourceId",
                                UUID.randomUUID(),
                                "supplierId",
                                supplier,
                                "seller",
                                seller,
                                "article",
                                article))
                .ok();
    }

    private static void behave(
            Running running, String seller, int delay, int failures, boolean dies, boolean contradicts)
            throws Exception {
        String url = running.bean(OfisinoProperties.class).sellers() + "/sellers/" + seller;
        String body = "{\"delayMillis\":%d,\"failures\":%d,\"diesHalfWay\":%b,\"isContradictory\":%b}"
                .formatted(delay, failures, dies, contradicts);
        HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(url))
                                .PUT(BodyPublishers.ofString(body))
                                .build(),
                        BodyHandlers.discarding());
    }
}
