package ofisino.server.money;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
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

@ExtendWith(TestApplication.class)
class BuyingTest {
    @Test
    void saysWhatLacksBeforeItSaysAnything(TestGarage garage) {
        UUID project = looking(garage);
        JsonNode bare = weigh(garage, project);
        assertThat(bare.path("lacks").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder("COMPARABLES", "WORKSHOP_HOUR");
        assertThat(bare.has("advice")).isFalse();
        assertThat(buy(garage, project, 1000, null, null).code()).isEqualTo("buying.no-ceiling");
    }

    /** The sum adds up by hand: value − repair − costs − margin − rounding = ceiling. */
    @Test
    void theCeilingIsLaidOpenAndTheFindingsCount(TestGarage garage) {
        UUID project = ready(garage);
        JsonNode before = weigh(garage, project).path("advice").path("ceiling");
        long costs = before.path("costs")
                .valueStream()
                .mapToLong(c -> c.path("minor").asLong())
                .sum();
        assertThat(before.path("value").asLong()
                        - before.path("repair").asLong()
                        - costs
                        - before.path("margin").asLong()
                        - before.path("rest").asLong())
                .isEqualTo(before.path("price").asLong());
        UUID finding = garage.finding(project, "engine-block", "SEIZED");
        long after = price(garage, project);
        assertThat(after).isLessThan(before.path("price").asLong());
        garage.owner()
                .put(
                        "/api/findings/" + finding + "/estimate",
                        map("fields", map("payer", "SELLER", "payerNote", "agreed by letter"), "version", 0))
                .ok();
        assertThat(price(garage, project))
                .as("somebody else owes it")
                .isEqualTo(before.path("price").asLong());
    }

    /** Looked at well enough and good, a place no longer widens the sum. */
    @Test
    void seeingRaisesTheCeilingOfASoundCar(TestGarage garage) {
        UUID project = ready(garage);
        long unseen = price(garage, project);
        var answers = garage.owner()
                .get("/api/projects/" + project + "/checks")
                .ok()
                .path("steps")
                .valueStream()
                .map(s -> map(
                        "id",
                        UUID.randomUUID(),
                        "checkId",
                        s.path("checkId").asString(),
                        "place",
                        s.path("place").asString(),
                        "seen",
                        "GOOD",
                        "howSeen",
                        "OPENED",
                        "covered",
                        false,
                        "another",
                        false))
                .toList();
        garage.owner()
                .post("/api/projects/" + project + "/answers", map("answers", answers))
                .ok();
        assertThat(price(garage, project)).isGreaterThan(unseen);
    }

    @Test
    void boughtAboveTheCeilingItNeedsAPurposeAndNothingIsLost(TestGarage garage) {
        UUID project = ready(garage);
        garage.finding(project, "sill-left", "RUST_THROUGH");
        long ceiling = price(garage, project);
        assertThat(buy(garage, project, ceiling + 1, null, null).code()).isEqualTo("purpose.missing");
        assertThat(buy(garage, project, ceiling + 1, "LEARNING", " ").code()).isEqualTo("reason.missing");
        buy(garage, project, ceiling + 1, "LEARNING", "to learn welding").ok();
        JsonNode after = weigh(garage, project);
        assertThat(after.path("outcome").path("reason").asString()).isEqualTo("to learn welding");
        assertThat(after.path("outcome").path("ceilingMinor").asLong()).isEqualTo(ceiling);
        assertThat(garage.owner().get("/api/projects/" + project).text("state")).isEqualTo("ACTIVE");
        assertThat(garage.owner().get("/api/projects/" + project + "/findings").ok())
                .hasSize(1);
        assertThat(buy(garage, project, 1, null, null).code()).isEqualTo("project.bought");
    }

    @Test
    void thePriceIsDraftedInTheLedgerAndNotPostedByItself(TestGarage garage) {
        UUID project = ready(garage);
        UUID entry = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/buying/purchase",
                        map("priceMinor", 500_00, "purpose", "LEARNING", "reason", "to learn", "entryId", entry))
                .ok();
        JsonNode drafted = garage.owner().get("/api/entries/" + entry).ok();
        assertThat(drafted.path("state").asString()).isEqualTo("DRAFT");
        assertThat(drafted.path("kind").asString()).isEqualTo("PURCHASE");
        assertThat(drafted.path("baseMinor").asLong()).isEqualTo(500_00);
        assertThat(drafted.path("splits").get(0).path("destination").asString()).isEqualTo("VEHICLE");
    }

    /** By hand: at 500.00 a fee of 5 % and 20.00, and 90.00 to bring it home: 45.00 and 90.00 besides the price. */
    @Test
    void allCostsOfBuyingAreDrafted(TestGarage garage) {
        UUID project = ready(garage);
        long version = weigh(garage, project).at("/inputs/version").asLong();
        garage.owner()
                .put(
                        "/api/projects/" + project + "/buying",
                        figures("feeShare", 500, "feeMinor", 20_00, "inlandMinor", 90_00, "version", version))
                .ok();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/buying/purchase",
                        map("priceMinor", 500_00, "purpose", "LEARNING", "reason", "x", "entryId", UUID.randomUUID()))
                .ok();
        assertThat(garage.owner().get("/api/projects/" + project + "/entries").ok())
                .extracting(
                        e -> e.get("kind").asString() + " " + e.get("baseMinor").asLong() + " "
                                + e.at("/splits/0/destination").asString())
                .containsExactlyInAnyOrder("PURCHASE 50000 VEHICLE", "FEE 4500 VEHICLE", "TRANSPORT 9000 VEHICLE");
    }

    @Test
    void leftAloneItStaysOnRecordAndMayStillBeBought(TestGarage garage) {
        UUID project = ready(garage);
        String leaving = "/api/projects/" + project + "/buying/leaving";
        assertThat(garage.owner().post(leaving, map("reason", "")).code()).isEqualTo("reason.missing");
        garage.owner().post(leaving, map("reason", "too much sealer")).ok();
        garage.owner()
                .post(leaving, map("reason", "seen again, still too much"))
                .ok();
        assertThat(weigh(garage, project).path("outcome").path("outcome").asString())
                .isEqualTo("LEFT");
        buy(garage, project, 0, null, null).ok();
        assertThat(weigh(garage, project).path("outcome").path("outcome").asString())
                .isEqualTo("BOUGHT");
    }

    @Test
    void nonsenseAndStrangersAreRefused(TestGarage mine, TestGarage other) {
        UUID project = ready(mine);
        String buying = "/api/projects/" + project + "/buying";
        assertThat(other.owner().get(buying).status()).isEqualTo(404);
        assertThat(mine.join("HELPER")
                        .post(buying + "/purchase", map("priceMinor", 1))
                        .status())
                .isEqualTo(403);
        assertThat(mine.owner()
                        .put(buying, figures("titleLow", 9000, "titleHigh", 8000))
                        .code())
                .isEqualTo("title.range");
        assertThat(mine.owner().put(buying, figures("dutyShare", 20_000)).code())
                .isEqualTo("costs.rate");
        assertThat(mine.owner().put(buying, figures("inlandMinor", -5)).status())
                .isEqualTo(422);
        assertThat(mine.owner()
                        .post(
                                buying + "/comparables",
                                map("id", UUID.randomUUID(), "title", "x", "minor", 0, "sold", true, "seenOn", TODAY))
                        .code())
                .isEqualTo("comparable.price");
    }

    /** What its parts fetch, less margin and the costs of buying at that price: 5 % fee and 250.00 transport. */
    @Test
    void aStopTurnsItIntoADonor(TestGarage garage) {
        UUID project = ready(garage);
        assertThat(weigh(garage, project).has("asDonor")).isFalse();
        garage.owner()
                .put(
                        "/api/projects/" + project + "/buying",
                        figures(
                                "inlandMinor",
                                250_00,
                                "feeShare",
                                500,
                                "donorMinor",
                                1_300_00,
                                "version",
                                version(garage, project)))
                .ok();
        JsonNode weighed = weigh(garage, project);
        long margin = weighed.path("inputs").path("marginMinor").asLong();
        long donor = weighed.path("asDonor").asLong();
        assertThat(donor + Math.round(donor * 0.05) + 250_00 + margin).isEqualTo(1_300_00);
    }

    @Test
    void partsOfLessThanNothingAreRefused(TestGarage garage) {
        UUID project = ready(garage);
        var refused = garage.owner()
                .put(
                        "/api/projects/" + project + "/buying",
                        figures("donorMinor", -5, "version", version(garage, project)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(weigh(garage, project).has("asDonor")).isFalse();
    }

    private static long version(TestGarage garage, UUID project) {
        return weigh(garage, project).path("inputs").path("version").asLong();
    }

    private static UUID looking(TestGarage garage) {
        return garage.project("ESTATE", TestGarage.projectFields("LOOKING"), List.of());
    }

    private static UUID ready(TestGarage garage) {
        UUID project = looking(garage);
        garage.owner().put("/api/garage", TestGarage.withHour(6000, 0)).ok();
        for (long minor : new long[] {18_000_00, 20_000_00, 21_000_00}) comparable(garage, project, minor);
        garage.owner()
                .put("/api/projects/" + project + "/buying", figures("inlandMinor", 250_00, "feeShare", 500))
                .ok();
        return project;
    }

    private static Map<String, Object> figures(Object... changes) {
        Map<String, Object> figures = map(
                "askedMinor",
                9_000_00,
                "askedLess",
                1000,
                "title",
                "CLEAN",
                "titleLow",
                10_000,
                "titleHigh",
                10_000,
                "ownHourMinor",
                0,
                "allowanceMinor",
                0,
                "marginMinor",
                500_00,
                "feeShare",
                0,
                "feeMinor",
                0,
                "freightMinor",
                0,
                "insuranceMinor",
                0,
                "dutyShare",
                0,
                "taxShare",
                0,
                "inlandMinor",
                0,
                "registrationMinor",
                0,
                "rarity",
                "",
                "version",
                0);
        figures.putAll(map(changes));
        return figures;
    }

    private static Answer buy(TestGarage garage, UUID project, long price, String purpose, String reason) {
        Map<String, Object> body = map("priceMinor", price);
        if (purpose != null) body.putAll(map("purpose", purpose, "reason", reason));
        return garage.owner().post("/api/projects/" + project + "/buying/purchase", body);
    }

    private static JsonNode weigh(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/buying").ok();
    }

    private static long price(TestGarage garage, UUID project) {
        return weigh(garage, project)
                .path("advice")
                .path("ceiling")
                .path("price")
                .asLong();
    }
}
