package ofisino.server.history;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApplication.class)
class WriteOnceTest {
    @Test
    void aRepeatedWriteGetsTheFirstAnswerAndChangesNothing(TestGarage garage) {
        Map<String, Object> body = map("id", UUID.randomUUID(), "name", "Shelf", "kind", "SHELF");
        UUID writeId = UUID.randomUUID();
        Answer first = garage.owner().write("POST", "/api/places", body, writeId);
        Answer second = garage.owner().write("POST", "/api/places", body, writeId);
        assertThat(first.status()).isEqualTo(201);
        assertThat(second.status()).isEqualTo(201);
        assertThat(second.body()).isEqualTo(first.body());
        assertThat(garage.rows("place")).isEqualTo(1);
        assertThat(garage.rows("history")).isEqualTo(1);
    }

    @Test
    void ofManyAtOnceOnlyOneIsDone(TestGarage garage) {
        Map<String, Object> body = map("id", UUID.randomUUID(), "name", "Shelf", "kind", "SHELF");
        UUID writeId = UUID.randomUUID();
        List<CompletableFuture<Answer>> sent = IntStream.range(0, 8)
                .mapToObj(i ->
                        CompletableFuture.supplyAsync(() -> garage.owner().write("POST", "/api/places", body, writeId)))
                .toList();
        assertThat(sent.stream().map(CompletableFuture::join))
                .extracting(Answer::status)
                .containsOnly(201);
        assertThat(garage.rows("place")).isEqualTo(1);
    }

    @Test
    void anIdIsGoodForOneChangeOfOnePerson(TestGarage garage) {
        UUID writeId = UUID.randomUUID();
        garage.owner()
                .write("POST", "/api/places", map("id", UUID.randomUUID(), "name", "Shelf", "kind", "SHELF"), writeId)
                .ok();
        Answer other = garage.owner()
                .write("POST", "/api/places", map("id", UUID.randomUUID(), "name", "Bench", "kind", "BENCH"), writeId);
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.code()).isEqualTo("write.id-used");
        Answer helper = garage.join("HELPER")
                .write("POST", "/api/places", map("id", UUID.randomUUID(), "name", "Bench", "kind", "BENCH"), writeId);
        assertThat(helper.code()).isEqualTo("write.id-used");
        assertThat(garage.rows("place")).isEqualTo(1);
    }

    @Test
    void whatIsRefusedLeavesNothingBehindAndTheIdIsFreeAgain(TestGarage garage) {
        UUID id = UUID.randomUUID();
        UUID writeId = UUID.randomUUID();
        assertThat(garage.owner()
                        .write("POST", "/api/places", map("id", id, "name", " ", "kind", "BAG"), writeId)
                        .status())
                .isEqualTo(422);
        assertThat(garage.rows("write_receipt")).isZero();
        garage.owner()
                .write("POST", "/api/places", map("id", id, "name", "Bag", "kind", "BAG"), writeId)
                .ok();
        assertThat(garage.rows("place")).isEqualTo(1);
    }

    @Test
    void aWriteWithoutAnIdIsRefused(TestGarage garage) {
        Api owner = garage.owner();
        var request = owner.signed("/api/places")
                .header("Content-Type", "application/json")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString("{}"));
        Answer refused = owner.send(request);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.code()).isEqualTo("write.no-id");
    }

    /** A part of the change fails after another part was stored: both are gone. */
    @Test
    void halfAChangeIsNone(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Fit"), "Hose");
        UUID supplier = garage.supplier("EUR");
        var lines =
                List.of(map("needId", need, "amountMinor", 100), map("needId", UUID.randomUUID(), "amountMinor", 100));
        Answer refused = garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(UUID.randomUUID(), supplier, "EUR", 1, 0, lines));
        assertThat(refused.status()).isEqualTo(404);
        assertThat(garage.rows("purchase_order")).isZero();
        assertThat(garage.owner().get("/api/needs/" + need).text("state")).isEqualTo("NEEDED");
    }
}
