package ofisino.server.money;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.receipt;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataAccessException;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class LedgerTest {
    /** By hand: two parts of 80.00 and 40.00 GBP and 15.00 post, ordered at 1.20 (162.00 EUR) and paid at 1.25 (168.75 EUR). */
    @Test
    void anInvoiceIsSplitOverItsJobsWithTheRateApart(TestGarage garage) {
        UUID project = garage.project();
        UUID first = garage.job(project, "Engine");
        UUID second = garage.job(project, "Brakes");
        UUID order = order(
                garage,
                project,
                "GBP",
                1.2,
                1500,
                Map.of(garage.need(project, first, "A rings"), 8000, garage.need(project, second, "B hoses"), 4000));
        JsonNode before = money(garage, project);
        assertThat(before.get("position").get("orderedNotPaid").asLong()).isEqualTo(162_00);
        assertThat(before.get("leftThisMonth").asLong()).isEqualTo(450_00 - 162_00);

        UUID entry = UUID.randomUUID();
        var fields = entry("GBP", 13_500, 1.25);
        fields.put("orderId", order);
        JsonNode draft = garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", entry, "fields", fields))
                .ok();
        assertThat(draft.get("baseMinor").asLong()).isEqualTo(168_75);
        assertThat(draft.get("splits"))
                .extracting(s -> s.get("destination").asString() + " "
                        + s.get("baseMinor").asLong())
                .containsExactly("JOB 10800", "JOB 5400", "RATE_DIFFERENCE 675");
        assertThat(money(garage, project).get("position").get("spent").asLong()).isZero(); // a draft counts nowhere

        garage.owner()
                .post("/api/entries/" + entry + "/posting", map("version", 0))
                .ok();
        JsonNode after = money(garage, project);
        assertThat(after.get("position").get("spent").asLong()).isEqualTo(168_75);
        assertThat(after.get("position").get("orderedNotPaid").asLong()).isZero();
        long sumOfDestinations = 0;
        for (JsonNode to : garage.owner()
                .get("/api/projects/" + project + "/totals?by=JOB")
                .ok()
                .path("groups")) sumOfDestinations += to.get("baseMinor").asLong();
        assertThat(sumOfDestinations).isEqualTo(168_75);
    }

    /** By hand: 10.00 GBP at 1.1705 = 11.705 EUR, half to even 11.70; 1235 JPY at 0.0062 = 7.657, 7.66. */
    @Test
    void aForeignAmountIsShownAsItWillBeKept(TestGarage garage) {
        assertThat(convert(garage, "GBP", 1_000, "1.1705").number("baseMinor")).isEqualTo(11_70);
        assertThat(convert(garage, "JPY", 1_235, "0.0062").number("baseMinor")).isEqualTo(7_66);
        assertThat(convert(garage, "EUR", 1_000, "1").number("baseMinor")).isEqualTo(10_00);
        assertThat(convert(garage, "GBP", 1_000, "0").text("field")).isEqualTo("rate");
        assertThat(convert(garage, "QQQ", 1_000, "1").text("field")).isEqualTo("currency");
        assertThat(convert(garage, "GBP", 1_000, "much").status()).isEqualTo(400);
    }

    private static Answer convert(TestGarage garage, String currency, long minor, String rate) {
        return garage.owner()
                .get("/api/conversion?currency=%s&amountMinor=%d&rate=%s".formatted(currency, minor, rate));
    }

    @Test
    void sharesMustComeToTheEntry(TestGarage garage) {
        UUID project = garage.project();
        var fields = entry("EUR", 1000, 1);
        fields.put("splits", List.of(map("destination", "TOOLS", "baseMinor", 999)));
        Answer refused = garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", UUID.randomUUID(), "fields", fields));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.code()).isEqualTo("split.sum");
        assertThat(garage.rows("entry")).isZero();
    }

    @Test
    void theDatabaseKeepsSumsAndPostedEntriesByItself(TestGarage garage) {
        UUID project = garage.project();
        UUID entry = posted(garage, project, "EUR", 1000);
        var sql = garage.running().sql();
        assertThatThrownBy(() -> sql.update("update entry set description = 'x' where id = ?", entry))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("entry.posted");
        assertThatThrownBy(() -> sql.update("delete from split where entry_id = ?", entry))
                .hasMessageContaining("entry.posted");
        UUID draft = UUID.randomUUID();
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", draft, "fields", entry("EUR", 500, 1)))
                .ok();
        assertThatThrownBy(() -> sql.update("update split set base_minor = 499 where entry_id = ?", draft))
                .hasMessageContaining("split.sum");
        assertThat(garage.owner()
                        .put("/api/entries/" + entry, map("fields", entry("EUR", 1, 1), "version", 1))
                        .code())
                .isEqualTo("entry.posted");
    }

    @Test
    void aReversalTakesAnEntryBackOnce(TestGarage garage) {
        UUID project = garage.project();
        UUID entry = posted(garage, project, "USD", 4_321);
        garage.owner()
                .post("/api/entries/" + entry + "/reversal", map("reversalId", UUID.randomUUID()))
                .ok();
        assertThat(money(garage, project).get("position").get("spent").asLong()).isZero();
        assertThat(garage.owner()
                        .post("/api/entries/" + entry + "/reversal", map("reversalId", UUID.randomUUID()))
                        .code())
                .isEqualTo("entry.reversed");
    }

    @Test
    void moneyThatComesInLowersWhatWasSpent(TestGarage garage) {
        UUID project = garage.project();
        posted(garage, project, "EUR", 40_000);
        UUID sale = UUID.randomUUID();
        var fields = entry("EUR", 12_000, 1);
        fields.put("kind", "SALE");
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", sale, "fields", fields))
                .ok();
        garage.owner()
                .post("/api/entries/" + sale + "/posting", map("version", 0))
                .ok();
        assertThat(money(garage, project).get("position").get("spent").asLong()).isEqualTo(28_000);
        JsonNode check = garage.owner()
                .get("/api/projects/" + project + "/totals/check?by=JOB&typedMinor=40000")
                .ok();
        assertThat(check.get("difference").asLong()).isEqualTo(12_000);
        assertThat(check.get("suspects")).hasSize(1);
    }

    @Test
    void anInvoiceSpeaksTheCurrencyOfItsOrder(TestGarage garage) {
        UUID project = garage.project();
        UUID order = UUID.randomUUID();
        UUID need = garage.need(project, garage.job(project, "Fit"), "Seal");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                order,
                                garage.supplier("USD"),
                                "USD",
                                0.92,
                                0,
                                List.of(map("needId", need, "amountMinor", 100))))
                .ok();
        var fields = entry("EUR", 92, 1);
        fields.put("orderId", order);
        Answer refused = garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", UUID.randomUUID(), "fields", fields));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("is in USD");
    }

    /** By hand: a part of 60.00 and one of 40.00 with 5.00 post; paid in full, the first goes back. It counts once, until its 60.00 come. */
    @Test
    void whatWentBackCountsOnceUntilItsMoneyComes(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit");
        UUID hose = garage.need(project, job, "Hose");
        UUID order = order(garage, project, "EUR", 1, 500, Map.of(hose, 6000, garage.need(project, job, "Seal"), 4000));
        assertThat(position(garage, project, "orderedNotPaid")).isEqualTo(105_00);
        garage.owner()
                .post("/api/needs/" + hose + "/arrival", map("arrivedOn", TODAY, "version", 1))
                .ok();
        garage.owner()
                .post("/api/needs/" + hose + "/acceptance", map("right", false, "reason", "wrong bore", "version", 2))
                .ok();
        assertThat(position(garage, project, "orderedNotPaid"))
                .as("not owed any more")
                .isEqualTo(45_00);
        assertThat(position(garage, project, "toOrder"))
                .as("to be bought again, at its estimate")
                .isEqualTo(10_00);

        invoice(garage, project, order, "PURCHASE", 10_500).ok();
        JsonNode paid = money(garage, project);
        assertThat(paid.at("/position/spent").asLong()).isEqualTo(105_00);
        assertThat(paid.at("/position/toOrder").asLong()).as("counted once").isZero();
        assertThat(paid.at("/refundsExpected/0/baseMinor").asLong()).isEqualTo(60_00);

        invoice(garage, project, order, "REFUND", 6_000).ok();
        JsonNode refunded = money(garage, project);
        assertThat(refunded.at("/position/spent").asLong()).isEqualTo(45_00);
        assertThat(refunded.get("refundsExpected")).isEmpty();
        assertThat(refunded.at("/position/toOrder").asLong()).isEqualTo(10_00);
    }

    @Test
    void anInvoiceOfAnOrderThatIsPaidDoesNotCountAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID order = order(
                garage, project, "EUR", 1, 0, Map.of(garage.need(project, garage.job(project, "Fit"), "Hose"), 6000));
        invoice(garage, project, order, "PURCHASE", 4_000).ok();
        invoice(garage, project, order, "PURCHASE", 2_100).ok(); // the rest, a little dearer
        Answer again = invoice(garage, project, order, "PURCHASE", 6_000);
        assertThat(again.code()).isEqualTo("entry.order-paid");
        assertThat(position(garage, project, "spent")).isEqualTo(61_00);
    }

    /** By hand: 80.00 left until a day; money due and no cost until then, a cost the day after. */
    @Test
    void aDepositIsMoneyDueUntilItsReturnDate(TestGarage garage) {
        UUID project = garage.project();
        assertThat(invoice(garage, project, null, "DEPOSIT_PAID", 8_000).text("field"))
                .isEqualTo("returnBy");
        UUID deposit = UUID.randomUUID();
        var fields = entry("EUR", 8_000, 1);
        fields.put("kind", "DEPOSIT_PAID");
        fields.put("returnBy", TODAY);
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", deposit, "fields", fields))
                .ok();
        garage.owner()
                .post("/api/entries/" + deposit + "/posting", map("version", 0))
                .ok();
        JsonNode out = money(garage, project);
        assertThat(out.at("/position/spent").asLong()).isZero();
        assertThat(out.at("/depositsOut/0/baseMinor").asLong()).isEqualTo(80_00);
        assertThat(out.get("leftThisMonth").asLong())
                .as("it is gone from the purse")
                .isEqualTo(450_00 - 80_00);
        invoice(garage, project, null, "DEPOSIT_RETURNED", 3_000).ok();
        assertThat(money(garage, project).at("/depositsOut/0/baseMinor").asLong())
                .isEqualTo(50_00);
        assertThat(position(garage, project, "spent")).isZero();

        garage.owner()
                .post("/api/entries/" + deposit + "/reversal", map("reversalId", UUID.randomUUID()))
                .ok();
        assertThat(money(garage, project).get("depositsOut"))
                .as("taken back, it is not out: and it is nobody's return")
                .isEmpty();
    }

    private static UUID order(
            TestGarage garage, UUID project, String currency, double rate, long post, Map<UUID, Integer> lines) {
        UUID order = UUID.randomUUID();
        Map<String, Object> body = map("id", order, "supplierId", garage.supplier(currency), "currency", currency);
        body.putAll(map("rate", rate, "rateOn", TODAY, "postMinor", post, "orderedOn", TODAY, "expectedOn", TODAY));
        body.put(
                "lines",
                lines.entrySet().stream()
                        .map(l -> map("needId", l.getKey(), "amountMinor", l.getValue()))
                        .toList());
        garage.owner().post("/api/projects/" + project + "/orders", body).ok();
        return order;
    }

    /** Entered and posted. */
    private static Answer invoice(TestGarage garage, UUID project, UUID order, String kind, long minor) {
        UUID id = UUID.randomUUID();
        var fields = entry("EUR", minor, 1);
        fields.put("kind", kind);
        if (order != null) fields.put("orderId", order);
        Answer draft = garage.owner().post("/api/projects/" + project + "/entries", map("id", id, "fields", fields));
        return draft.status() >= 400
                ? draft
                : garage.owner().post("/api/entries/" + id + "/posting", map("version", 0));
    }

    @Test
    void aReceiptIsBookedInOneStep(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        var body = map("id", id, "fields", entry("EUR", 4_000, 1), "booked", true);
        assertThat(garage.owner()
                        .post("/api/projects/" + project + "/entries", body)
                        .text("state"))
                .isEqualTo("POSTED");
        assertThat(position(garage, project, "spent")).isEqualTo(4_000);
        assertThat(garage.owner()
                        .put("/api/entries/" + id, map("fields", entry("EUR", 1, 1), "version", 1, "booked", true))
                        .status())
                .as("what is booked is only reversed")
                .isEqualTo(409);
    }

    /** RFC 4180; its last column sums to what was spent, and no cell is taken for a formula. */
    @Test
    void theBooksCanBeTakenAwayAsAList(TestGarage garage) throws IOException {
        UUID project = garage.project();
        UUID job = garage.job(project, "Brakes, front");
        var fields = receipt("PURCHASE", "=1+1, \"quoted\"", "EUR", 10_000, 1);
        fields.put(
                "splits",
                List.of(
                        map("destination", "JOB", "jobId", job, "baseMinor", 7_550),
                        map("destination", "GENERAL", "baseMinor", 2_450)));
        var body = map("id", UUID.randomUUID(), "fields", fields, "booked", true);
        garage.owner().post("/api/projects/" + project + "/entries", body).ok();
        UUID wrong = posted(garage, project, "EUR", 999);
        garage.owner()
                .post("/api/entries/" + wrong + "/reversal", map("reversalId", UUID.randomUUID()))
                .ok();
        byte[] file = garage.owner()
                .get("/api/projects/" + project + "/entries.csv")
                .raw()
                .body();
        List<CSVRecord> lines = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(new String(file, StandardCharsets.UTF_8)))
                .getRecords();
        assertThat(lines).hasSize(4);
        assertThat(lines.stream().map(l -> new BigDecimal(l.get("share"))).reduce(BigDecimal.ZERO, BigDecimal::add))
                .isEqualByComparingTo("100.00");
        assertThat(lines)
                .filteredOn(l -> l.get("job").equals("Brakes, front"))
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.get("description")).isEqualTo("'=1+1, \"quoted\"");
                    assertThat(l.get("share")).isEqualTo("75.50");
                });
    }

    private static long position(TestGarage garage, UUID project, String figure) {
        return money(garage, project).at("/position/" + figure).asLong();
    }

    private static Map<String, Object> entry(String currency, long minor, double rate) {
        return receipt("PURCHASE", "Receipt", currency, minor, rate);
    }

    private static UUID posted(TestGarage garage, UUID project, String currency, long minor) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/entries",
                        map("id", id, "fields", entry(currency, minor, currency.equals("EUR") ? 1 : 0.9133)))
                .ok();
        garage.owner()
                .post("/api/entries/" + id + "/posting", map("version", 0))
                .ok();
        return id;
    }

    private static JsonNode money(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/money").ok();
    }
}
