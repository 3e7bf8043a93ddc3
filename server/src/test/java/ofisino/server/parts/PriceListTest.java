package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
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

/** Sellers' lists, as far as the pages can take them. */
@ExtendWith(TestApplication.class)
class PriceListTest {
    private static final String LIST =
            "Artikelnr;Bezeichnung;Preis;VE\nH1;Heizungsventil 19 mm;24,50;1\nW1;Kupferscheibe;4,80;24\n;;kaputt;\n";

    @Test
    void aListIsLookedAtTakenAndSearched(TestGarage garage) {
        UUID seller = garage.supplier("EUR");
        byte[] file = LIST.getBytes(Charset.forName("windows-1252"));
        JsonNode look = send(garage.owner(), seller, "list/look", file).ok();
        assertThat(look.path("columns").path("title").asInt()).isEqualTo(1);
        assertThat(look.path("columns").path("price").asInt()).isEqualTo(2);
        assertThat(look.path("decimals").asString()).isEqualTo("COMMA");
        assertThat(look.path("lines").asInt()).isEqualTo(3);
        assertThat(look.path("remembered").asBoolean()).isFalse();

        String columns = "list?title=1&price=2&number=0&pieces=3&decimals=COMMA&withoutBad=";
        JsonNode refused = send(garage.owner(), seller, columns + false, file).ok();
        assertThat(refused.path("taken").asInt()).as("all or nothing").isZero();
        assertThat(refused.path("bad").get(0).path("line").asLong()).isEqualTo(4);
        assertThat(articles(garage, "ventil")).isEmpty();

        assertThat(send(garage.owner(), seller, columns + true, file)
                        .ok()
                        .path("taken")
                        .asInt())
                .isEqualTo(2);
        JsonNode found = articles(garage, "19 VENTIL").get(0);
        assertThat(found.path("number").asString()).isEqualTo("H1");
        assertThat(found.path("priceMinor").asLong()).isEqualTo(2450);
        assertThat(articles(garage, "W1").get(0).path("pieces").asInt()).isEqualTo(24);
        assertThat(send(garage.owner(), seller, "list/look", file)
                        .ok()
                        .path("remembered")
                        .asBoolean())
                .isTrue();
        assertThat(garage.owner()
                        .get("/api/suppliers/lists")
                        .ok()
                        .get(0)
                        .path("articles")
                        .asInt())
                .isEqualTo(2);

        byte[] next = "No;Part;Price\nH2;Heizungsventil, neu;26,00\n".getBytes(StandardCharsets.UTF_8);
        send(garage.owner(), seller, "list?title=1&price=2&number=0&decimals=COMMA&withoutBad=false", next)
                .ok();
        assertThat(articles(garage, "ventil"))
                .as("the list of last time is gone")
                .hasSize(1);
    }

    @Test
    void aLongListIsTakenAtOnce(TestGarage garage) {
        UUID seller = garage.supplier("EUR");
        String text = IntStream.rangeClosed(1, 20_000)
                .mapToObj(i -> i + ",Part " + i + "," + (i % 66 == 0 ? "none" : "1.50"))
                .collect(Collectors.joining("\n", "No,Part,Price\n", "\n"));
        JsonNode taken = send(
                        garage.owner(),
                        seller,
                        "list?title=1&price=2&number=0&decimals=POINT&withoutBad=true",
                        text.getBytes(StandardCharsets.UTF_8))
                .ok();
        assertThat(taken.path("bad")).hasSize(303);
        assertThat(taken.path("taken").asInt()).isEqualTo(19_697);
        assertThat(articles(garage, "Part 199")).hasSize(30);
    }

    @Test
    void onlyTheOwnerReadsAndTakesLists(TestGarage garage) {
        UUID seller = garage.supplier("EUR");
        Api helper = garage.join("HELPER");
        byte[] file = LIST.getBytes(StandardCharsets.UTF_8);
        assertThat(send(helper, seller, "list/look", file).status()).isEqualTo(403);
        assertThat(send(helper, seller, "list?title=1&price=2&decimals=COMMA&withoutBad=true", file)
                        .status())
                .isEqualTo(403);
        assertThat(helper.get("/api/articles?q=x").status()).isEqualTo(403);
    }

    @Test
    void whoIsAvoidedIsNotOffered(TestGarage garage) {
        UUID seller = garage.supplier("EUR");
        send(
                        garage.owner(),
                        seller,
                        "list?title=1&price=2&decimals=COMMA&withoutBad=true",
                        LIST.getBytes(StandardCharsets.UTF_8))
                .ok();
        assertThat(articles(garage, "ventil")).hasSize(1);
        garage.owner()
                .put("/api/suppliers/" + seller + "/avoid", map("avoid", true, "reason", "Slow", "version", 0))
                .ok();
        assertThat(articles(garage, "ventil")).isEmpty();
    }

    @Test
    void whatIsNoListIsRefused(TestGarage garage) {
        UUID seller = garage.supplier("EUR");
        assertThat(send(garage.owner(), seller, "list/look", " \n".getBytes(StandardCharsets.UTF_8))
                        .code())
                .isEqualTo("list.empty");
        assertThat(send(
                                garage.owner(),
                                seller,
                                "list?title=1&price=1&decimals=COMMA&withoutBad=true",
                                LIST.getBytes(StandardCharsets.UTF_8))
                        .code())
                .isEqualTo("list.columns");
        String spaced = "Part;Price\nHose;" + " ".repeat(8 << 20) + "\n";
        assertThat(send(garage.owner(), seller, "list/look", spaced.getBytes(StandardCharsets.UTF_8))
                        .code())
                .isEqualTo("list.large");
        assertThat(send(garage.owner(), UUID.randomUUID(), "list/look", LIST.getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(404);
    }

    private static Answer send(Api by, UUID seller, String what, byte[] file) {
        return by.file("/api/suppliers/" + seller + "/" + what, file);
    }

    private static JsonNode articles(TestGarage garage, String q) {
        return garage.owner().get("/api/articles?q=" + q.replace(" ", "%20")).ok();
    }
}
