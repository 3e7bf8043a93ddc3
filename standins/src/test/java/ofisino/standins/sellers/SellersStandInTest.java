package ofisino.standins.sellers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The stand-in over its own wire, as its description says. */
class SellersStandInTest {
    private final ObjectMapper json = new ObjectMapper();
    private final HttpClient http = HttpClient.newHttpClient();
    private SellersStandIn standIn;

    @BeforeEach
    void open() throws IOException {
        standIn = new SellersStandIn(0);
    }

    @AfterEach
    void close() {
        standIn.close();
    }

    @Test
    void fourSellersInThreeCurrenciesQuarrelAboutThePrice() throws Exception {
        assertThat(read("/sellers").valueStream().map(s -> s.path("currency").asString()))
                .containsExactly("EUR", "GBP", "USD", "EUR");
        JsonNode here = read("/sellers/kessel/articles?words=grille").get(0);
        JsonNode there = read("/sellers/brunn/articles?words=grille").get(0);
        assertThat(here.path("name").asString()).isEqualTo("Grille");
        assertThat(there.path("priceMinor").asLong())
                .isGreaterThan(here.path("priceMinor").asLong());
        assertThat(read("/sellers/kessel/articles?words=no+such+thing").isEmpty())
                .isTrue();
    }

    @Test
    void anOrderSentTwiceIsOneAndTakesFromTheStockOnce() throws Exception {
        UUID id = UUID.randomUUID();
        int stock = stockOf("grille");
        JsonNode first = json.readTree(
                put("/sellers/kessel/orders/" + id, order("P1015", 1)).body());
        JsonNode again = json.readTree(
                put("/sellers/kessel/orders/" + id, order("P1015", 1)).body());
        assertThat(first.path("state").asString()).isEqualTo("ACCEPTED");
        assertThat(again).isEqualTo(first);
        assertThat(read("/sellers/kessel/orders/" + id)).isEqualTo(first);
        assertThat(stockOf("grille")).isEqualTo(stock - 1);
        assertThat(put("/sellers/kessel/orders/" + id, order("P1015", 2)).statusCode())
                .isEqualTo(409);
    }

    @Test
    void whatIsNotThereIsRefusedWithItsReason() throws Exception {
        JsonNode many = json.readTree(put("/sellers/kessel/orders/" + UUID.randomUUID(), order("P1015", 999))
                .body());
        assertThat(many.path("state").asString()).isEqualTo("REFUSED");
        assertThat(many.path("reason").asString()).contains("only");
        assertThat(get("/sellers/nobody/articles?words=x").statusCode()).isEqualTo(404);
        assertThat(put("/sellers/kessel/orders/" + UUID.randomUUID(), "{").statusCode())
                .isEqualTo(400);
    }

    @Test
    void itFailsAndContradictsItselfOnRequest() throws Exception {
        put("/sellers/brunn", "{\"delayMillis\":0,\"failures\":1,\"diesHalfWay\":false,\"isContradictory\":true}");
        assertThat(get("/sellers/brunn/articles?words=grille").statusCode()).isEqualTo(503);
        long asked = read("/sellers/brunn/articles?words=grille")
                .get(0)
                .path("priceMinor")
                .asLong();
        JsonNode said = json.readTree(put("/sellers/brunn/orders/" + UUID.randomUUID(), order("P1015", 1))
                .body());
        assertThat(said.path("lines").get(0).path("priceMinor").asLong()).isGreaterThan(asked);
        put("/sellers/brunn", "{\"delayMillis\":0,\"failures\":1,\"diesHalfWay\":true,\"isContradictory\":false}");
        assertThatThrownBy(() -> get("/sellers/brunn/articles?words=grille")).isInstanceOf(IOException.class);
    }

    @Test
    void itGivesItsDescriptionOut() throws Exception {
        assertThat(get("/openapi.yaml").body()).startsWith("openapi: 3.1.0");
    }

    private int stockOf(String words) throws Exception {
        return read("/sellers/kessel/articles?words=" + words)
                .get(0)
                .path("stock")
                .asInt();
    }

    private static String order(String number, int quantity) {
        return "{\"lines\":[{\"number\":\"%s\",\"quantity\":%d,\"priceMinor\":1}]}".formatted(number, quantity);
    }

    private JsonNode read(String path) throws Exception {
        return json.readTree(get(path).body());
    }

    private HttpResponse<String> get(String path) throws Exception {
        return http.send(
                HttpRequest.newBuilder(URI.create(standIn.url() + path)).build(), BodyHandlers.ofString());
    }

    private HttpResponse<String> put(String path, String body) throws Exception {
        return http.send(
                HttpRequest.newBuilder(URI.create(standIn.url() + path))
                        .PUT(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }
}
