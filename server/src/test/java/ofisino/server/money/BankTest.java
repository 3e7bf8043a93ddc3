package ofisino.server.money;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestMoney.booked;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A list of the bank is read, read again, and each payment finds its receipt once. */
@ExtendWith(TestApplication.class)
class BankTest {
    private static final String COLUMNS = "?day=0&payee=1&amount=2&decimals=COMMA&days=DAY_FIRST&withoutBad=";

    @Test
    void aListIsLookedAtTakenAndKnownAgain(TestGarage garage) {
        byte[] file = "Buchungstag;Empfänger;Betrag\n03.11.2026;Bäcker;-4,20\n04.11.2026;Tarn;-118,00\nno;x;y\n"
                .getBytes(Charset.forName("windows-1252"));
        JsonNode look = garage.owner().file("/api/bank/look", file).ok();
        assertThat(look.path("columns").path("amount").asInt()).isEqualTo(2);
        assertThat(look.path("decimals").asString()).isEqualTo("COMMA");
        assertThat(look.path("daysLeftOpen").asBoolean()).isFalse();
        assertThat(look.path("remembered").asBoolean()).isFalse();

        JsonNode refused =
                garage.owner().file("/api/bank/lines" + COLUMNS + false, file).ok();
        assertThat(refused.path("taken").asInt()).as("all or nothing").isZero();
        assertThat(refused.path("bad").get(0).path("line").asLong()).isEqualTo(4);
        JsonNode taken =
                garage.owner().file("/api/bank/lines" + COLUMNS + true, file).ok();
        assertThat(taken.path("taken").asInt()).isEqualTo(2);
        JsonNode again =
                garage.owner().file("/api/bank/lines" + COLUMNS + true, file).ok();
        assertThat(again.path("taken").asInt()).isZero();
        assertThat(again.path("known").asInt()).isEqualTo(2);
        assertThat(garage.owner()
                        .file("/api/bank/look", file)
                        .ok()
                        .path("remembered")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void daysThatCanBeReadBothWaysAreSaid(TestGarage garage) {
        byte[] file = "Date,Payee,Amount\n03/04/2026,x,-1.00\n".getBytes(StandardCharsets.UTF_8);
        assertThat(garage.owner()
                        .file("/api/bank/look", file)
                        .ok()
                        .path("daysLeftOpen")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void aPaymentFindsItsReceiptAndADraftIsBookedWithIt(TestGarage garage) {
        UUID project = garage.project();
        UUID booked = booked(garage, project, 11_800, DAY);
        UUID draft = draft(garage, project, 20_000);
        read(garage, line("Tarn", "-118,00"), line("Hauler", "-200,00"), line("Bäcker", "-4,20"));
        List<JsonNode> open = open(garage, project);
        assertThat(open).hasSize(3);
        JsonNode tarn = named(open, "Tarn");
        assertThat(tarn.path("receipt").path("entryId").asString()).isEqualTo(booked.toString());
        assertThat(tarn.path("receipt").path("sure").asBoolean()).isTrue();
        assertThat(named(open, "Hauler").path("receipt").path("draft").asBoolean())
                .isTrue();
        assertThat(named(open, "Bäcker").has("receipt")
                        && !named(open, "Bäcker").path("receipt").isNull())
                .isFalse();

        List<String> sure = open.stream().map(l -> l.path("id").asString()).toList();
        garage.owner().post("/api/bank/sure", map("lineIds", sure)).ok();
        assertThat(open(garage, project)).hasSize(1);
        assertThat(garage.owner()
                        .get("/api/entries/" + draft)
                        .ok()
                        .path("state")
                        .asString())
                .isEqualTo("POSTED");
        assertThat(bank(garage, project).path("settled")).hasSize(2);

        String baker = named(open, "Bäcker").path("id").asString();
        garage.owner()
                .post("/api/bank/elsewhere", map("lineIds", List.of(baker)))
                .ok();
        JsonNode bank = bank(garage, project);
        assertThat(bank.path("open")).isEmpty();
        assertThat(bank.path("elsewhere").asInt()).isEqualTo(1);
        assertThat(bank.toString()).as("to whom is shown no more").doesNotContain("Bäcker");
    }

    @Test
    void onlyTheSameAmountIsTakenAndOnlyOnce(TestGarage garage) {
        UUID project = garage.project();
        UUID receipt = booked(garage, project, 11_800, DAY);
        UUID other = booked(garage, project, 11_700, DAY);
        read(garage, line("Tarn", "-118,00"));
        JsonNode line = open(garage, project).get(0);
        assertThat(settle(garage, line, other).code()).isEqualTo("bank.amounts-differ");
        settle(garage, line, receipt).ok();
        assertThat(settle(garage, line, receipt).code()).isEqualTo("bank.settled");
        read(garage, line("Tarn again", "-118,00"));
        JsonNode second = open(garage, project).get(0);
        assertThat(second.path("receipt").path("entryId").asString("")).isEmpty();
        assertThat(settle(garage, second, receipt).code()).isEqualTo("bank.receipt-gone");
    }

    @Test
    void whatIsTakenBackLeavesItsPaymentOpen(TestGarage garage) {
        UUID project = garage.project();
        UUID receipt = booked(garage, project, 11_800, DAY);
        read(garage, line("Tarn", "-118,00"));
        settle(garage, open(garage, project).get(0), receipt).ok();
        garage.owner()
                .post("/api/entries/" + receipt + "/reversal", map("reversalId", UUID.randomUUID()))
                .ok();
        JsonNode line = open(garage, project).get(0);
        UUID right = booked(garage, project, 11_800, DAY);
        settle(garage, line, right).ok();
        JsonNode settled = bank(garage, project).path("settled").get(0);
        garage.owner()
                .delete("/api/bank/lines/" + settled.path("id").asString() + "/receipt?version="
                        + settled.path("version").asLong())
                .ok();
        assertThat(open(garage, project)).hasSize(1);
    }

    @Test
    void aSellerAndAnUnpaidOrderAreKnownByTheLine(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Brakes"), "Hose");
        UUID seller = garage.supplier("EUR");
        UUID order = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                order, seller, "EUR", 1, 500, List.of(map("needId", need, "amountMinor", 3_700))))
                .ok();
        read(garage, line("CARD 4711 ALDER & FINCH WIEN", "-42,00"));
        JsonNode line = open(garage, project).get(0);
        assertThat(line.path("supplierId").asString()).isEqualTo(seller.toString());
        assertThat(line.path("orderId").asString()).isEqualTo(order.toString());
    }

    private static UUID draft(TestGarage garage, UUID project, long minor) {
        UUID id = UUID.randomUUID();
        var fields = map("kind", "TRANSPORT", "paidOn", TODAY, "description", "Trailer", "currency", "EUR");
        fields.putAll(map("amountMinor", minor, "rate", 1, "rateOn", TODAY));
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", id, "fields", fields))
                .ok();
        return id;
    }

    private static String line(String payee, String amount) {
        return DAY.getDayOfMonth() + "." + DAY.getMonthValue() + "." + DAY.getYear() + ";" + payee + ";" + amount;
    }

    private static void read(TestGarage garage, String... lines) {
        byte[] file = ("Buchungstag;Empfänger;Betrag\n" + String.join("\n", lines)).getBytes(StandardCharsets.UTF_8);
        assertThat(garage.owner()
                        .file("/api/bank/lines" + COLUMNS + false, file)
                        .ok()
                        .path("taken")
                        .asInt())
                .isEqualTo(lines.length);
    }

    private static JsonNode bank(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/bank").ok();
    }

    private static List<JsonNode> open(TestGarage garage, UUID project) {
        return StreamSupport.stream(bank(garage, project).path("open").spliterator(), false)
                .toList();
    }

    private static JsonNode named(List<JsonNode> lines, String payee) {
        return lines.stream()
                .filter(l -> l.path("payee").asString().equals(payee))
                .findFirst()
                .orElseThrow();
    }

    private static Answer settle(TestGarage garage, JsonNode line, UUID entry) {
        return garage.owner()
                .post(
                        "/api/bank/lines/" + line.path("id").asString() + "/receipt",
                        map("entryId", entry, "version", line.path("version").asLong()));
    }
}
