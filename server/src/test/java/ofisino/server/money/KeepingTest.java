package ofisino.server.money;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestMoney.booked;
import static ofisino.server.testing.TestMoney.comparable;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Whether to keep it rests on the ledger, the forecast and what somebody says that it fetches. */
@ExtendWith(TestApplication.class)
class KeepingTest {
    /** Scenario 7: 1,850 + 210 + 1,396 + 118 went out, it was sold for 5,200, 94 hours: 1,626 is left, 17.30 an hour. */
    @Test
    void theFinalAccountOfACarThatWasSold(TestGarage garage) {
        UUID project = garage.project();
        for (long paid : List.of(185_000L, 21_000L, 139_600L, 11_800L)) booked(garage, project, paid, DAY);
        worked94Hours(garage, project);
        say(garage, project, map("hourMinor", 2_000));
        UUID entry = UUID.randomUUID();
        garage.owner()
                .post(page(project) + "/sale", sale(entry, 520_000, TODAY))
                .ok();

        JsonNode account = keeping(garage, project);
        assertThat(account.path("gone").asBoolean()).isTrue();
        assertThat(account.at("/result/minor").asLong()).isEqualTo(162_600);
        assertThat(account.at("/result/perHourMinor").asLong()).isEqualTo(1_730);
        assertThat(account.at("/result/ifPaidMinor").asLong()).isEqualTo(-25_400);
        assertThat(account.at("/toCome/highMinor").asLong()).as("it is gone").isZero();
        assertThat(garage.owner()
                        .post(page(project) + "/sale", sale(UUID.randomUUID(), 1, TODAY))
                        .code())
                .as("sold once")
                .isEqualTo("project.over");
    }

    /** By hand: as it stands 3,000 less 10 %; finished 8,000 less 10 %, with one part of 10.00 to come and the usual share on it. */
    @Test
    void finishingIsComparedWithSellingItAsItStands(TestGarage garage) {
        UUID project = garage.project();
        booked(garage, project, 900_000, DAY);
        garage.need(project, garage.job(project, "Cooling"), "Radiator");
        assertThat(keeping(garage, project).has("waysOn"))
                .as("nobody said what it fetches")
                .isFalse();
        var values = map("nowLow", 250_000, "nowLikely", 300_000, "nowHigh", 350_000, "sellingShare", 1_000);
        values.putAll(map("finishedLow", 700_000, "finishedLikely", 800_000, "finishedHigh", 900_000));
        say(garage, project, values);

        JsonNode ways = keeping(garage, project).path("waysOn");
        long toCome = keeping(garage, project).at("/toCome/likelyMinor").asLong();
        assertThat(toCome).isGreaterThanOrEqualTo(1_000);
        assertThat(ways.at("/sellNow/likelyMinor").asLong()).isEqualTo(270_000);
        assertThat(ways.at("/finishAndSell/likelyMinor").asLong()).isEqualTo(720_000 - toCome);
        assertThat(ways.at("/gain/likelyMinor").asLong()).isEqualTo(450_000 - toCome);
        assertThat(ways.at("/soldNow/minor").asLong()).isEqualTo(270_000 - 900_000);
    }

    /** Like cars and the title stand for what nobody typed; what was said of the purpose is shown. */
    @Test
    void likeCarsSayWhatItFetchesFinished(TestGarage garage) {
        UUID project = garage.project();
        for (long minor : List.of(700_000L, 800_000L, 900_000L)) comparable(garage, project, minor);
        JsonNode market = keeping(garage, project).path("finishedFromMarket");
        assertThat(market.path("lowMinor").asLong()).isEqualTo(700_000);
        assertThat(market.path("likelyMinor").asLong()).isEqualTo(800_000);
        assertThat(market.path("highMinor").asLong()).isEqualTo(900_000);
        say(garage, project, map("nowLow", 1, "nowLikely", 2, "nowHigh", 3));
        assertThat(keeping(garage, project)
                        .at("/waysOn/worthFinished/likelyMinor")
                        .asLong())
                .isEqualTo(800_000);
    }

    /** What is drafted would count nowhere once it is sold; a finished car is sold, one that is only looked at is not. */
    @Test
    void isSoldWhenItsBooksAreDone(TestGarage garage) {
        UUID looked = garage.project("ESTATE", TestGarage.projectFields("LOOKING"), List.of());
        assertThat(sell(garage, looked).code()).isEqualTo("sale.not-yours");
        assertThat(keeping(garage, looked).path("sellable").asBoolean()).isFalse();
        UUID project = garage.project("ESTATE", TestGarage.projectFields("ACTIVE"), List.of());
        UUID draft = UUID.randomUUID();
        var fields = map("kind", "PURCHASE", "paidOn", TODAY, "description", "Draft", "currency", "EUR");
        fields.putAll(map("amountMinor", 5_000, "rate", 1, "rateOn", TODAY));
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", draft, "fields", fields))
                .ok();
        assertThat(sell(garage, project).code()).isEqualTo("sale.drafts");
        assertThat(keeping(garage, project).path("drafts").asInt()).isOne();
        garage.owner().delete("/api/entries/" + draft + "?version=0").ok();
        garage.running().sql().update("update project set state = 'FINISHED' where id = ?", project);
        assertThat(keeping(garage, project).path("sellable").asBoolean()).isTrue();
        sell(garage, project).ok();
        assertThat(garage.owner().get("/api/projects/" + project).text("state")).isEqualTo("SOLD");
        assertThat(keeping(garage, project).at("/result/minor").asLong()).isEqualTo(100_00);
    }

    private static Answer sell(TestGarage garage, UUID project) {
        return garage.owner().post(page(project) + "/sale", sale(UUID.randomUUID(), 100_00, TODAY));
    }

    @Test
    void saysWhatCannotBe(TestGarage garage) {
        UUID project = garage.project();
        assertThat(put(garage, project, map("nowLow", 5)).text("field")).isEqualTo("nowLikely");
        assertThat(put(garage, project, map("nowLow", 5, "nowLikely", 4, "nowHigh", 6))
                        .code())
                .isEqualTo("span.order");
        assertThat(put(garage, project, map("sellingShare", 10_000)).code()).isEqualTo("selling.share");
        assertThat(put(garage, project, map("km", -1)).code()).isEqualTo("tally.km");
        assertThat(garage.owner()
                        .post(
                                page(project) + "/sale",
                                sale(UUID.randomUUID(), 1, DAY.plusDays(1).toString()))
                        .code())
                .isEqualTo("sale.future");
        assertThat(garage.owner()
                        .post(page(project) + "/sale", sale(UUID.randomUUID(), 0, TODAY))
                        .code())
                .isEqualTo("sale.nothing");
        say(garage, project, map("km", 3));
        assertThat(put(garage, project, map("km", 4)).code()).isEqualTo("value.stale");
        assertThat(garage.join("HELPER").get(page(project)).status()).isEqualTo(403);
    }

    private static String page(UUID project) {
        return "/api/projects/" + project + "/keeping";
    }

    private static JsonNode keeping(TestGarage garage, UUID project) {
        return garage.owner().get(page(project)).ok();
    }

    private static void say(TestGarage garage, UUID project, Map<String, Object> said) {
        put(garage, project, said).ok();
    }

    private static Answer put(TestGarage garage, UUID project, Map<String, Object> said) {
        var all = map("sellingShare", 0, "sellingMinor", 0, "hourMinor", 0, "km", 0, "version", 0);
        all.putAll(said);
        return garage.owner().put(page(project), all);
    }

    private static Map<String, Object> sale(UUID entry, long minor, Object on) {
        return map("entryId", entry, "priceMinor", minor, "soldOn", on);
    }

    /** Twelve days of 7 h 50 min, 50 min of each to open and close what lies before it. */
    private static void worked94Hours(TestGarage garage, UUID project) {
        UUID job = garage.job(project, "Everything");
        for (int day = 0; day < 12; day++) {
            var session = map("workedOn", DAY.minusDays(day).toString(), "done", "x", "learned", "", "noteToSelf", "");
            session.put(
                    "work", List.of(map("jobId", job, "minutes", 420), map("access", "gearbox-out", "minutes", 50)));
            garage.owner()
                    .post(
                            "/api/projects/" + project + "/work-sessions",
                            map("id", UUID.randomUUID(), "fields", session))
                    .ok();
        }
    }
}
