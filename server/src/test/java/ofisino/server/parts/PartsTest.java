package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Needs and orders beside the straight way that FindingToVerifiedTest takes. */
@ExtendWith(TestApplication.class)
class PartsTest {
    /** What nobody does any more needs no parts; what is ordered comes all the same. */
    @Test
    void whatIsDroppedIsNotBoughtAndComesBackWithItsJob(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Retrim the seats");
        UUID cloth = garage.need(project, job, "Cloth");
        UUID foam = garage.need(project, job, "Foam");
        garage.accept(foam);
        step(garage, job, "DROPPED");
        assertThat(stateOf(garage, project, cloth)).isEqualTo("LEFT_OUT");
        assertThat(stateOf(garage, project, foam)).isEqualTo("ACCEPTED");
        step(garage, job, "PLANNED");
        assertThat(stateOf(garage, project, cloth)).isEqualTo("NEEDED");
        assertThat(stateOf(garage, project, foam)).isEqualTo("ACCEPTED");
    }

    private static void step(TestGarage garage, UUID job, String state) {
        garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", state, "version", garage.version("jobs", job)))
                .ok();
    }

    private static String stateOf(TestGarage garage, UUID project, UUID need) {
        for (JsonNode n :
                garage.owner().get("/api/projects/" + project + "/needs").ok())
            if (n.path("id").asString().equals(need.toString()))
                return n.path("state").asString();
        throw new AssertionError("no need " + need);
    }

    @Test
    void aHeldNeedIsNotOrderedUntilItIsReleased(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Close the gearbox"), "Bearing set");
        garage.owner()
                .post("/api/needs/" + need + "/hold", map("reason", "the gearbox is not opened yet", "version", 0))
                .ok();
        Answer refused = order(garage, project, "EUR", 1, need);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("Bearing set");
        garage.owner()
                .post("/api/needs/" + need + "/release", map("version", 1))
                .ok();
        order(garage, project, "EUR", 1, need).ok();
        assertThat(state(garage, need)).isEqualTo("ORDERED");
    }

    @Test
    void holdingAsksForAReason(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Close the gearbox"), "Bearing set");
        assertThat(garage.owner()
                        .post("/api/needs/" + need + "/hold", map("reason", " ", "version", 0))
                        .status())
                .isEqualTo(422);
        assertThat(state(garage, need)).isEqualTo("NEEDED");
    }

    @Test
    void nothingIsOrderedTwice(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the hose");
        UUID hose = garage.need(project, job, "Hose");
        UUID clip = garage.need(project, job, "Clip");
        order(garage, project, "EUR", 1, hose).ok();
        Answer again = order(garage, project, "EUR", 1, clip, hose);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.detail()).contains("Hose");
        assertThat(state(garage, clip)).as("half an order is none").isEqualTo("NEEDED");
        assertThat(garage.rows("purchase_order")).isEqualTo(1);
    }

    @Test
    void whatWentBackMayBeOrderedAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = garage.need(project, garage.job(project, "Fit the hose"), "Hose");
        order(garage, project, "EUR", 1, hose).ok();
        garage.owner()
                .post("/api/needs/" + hose + "/arrival", map("arrivedOn", TODAY, "version", 1))
                .ok();
        garage.owner()
                .post(
                        "/api/needs/" + hose + "/acceptance",
                        map("right", false, "reason", "wrong bore", "version", garage.version("needs", hose)))
                .ok();
        assertThat(state(garage, hose)).isEqualTo("RETURNED");
        order(garage, project, "EUR", 1, hose).ok();
        assertThat(state(garage, hose)).isEqualTo("ORDERED");
    }

    @Test
    void ordersInThreeCurrenciesCountInTheGaragesOwn(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit");
        // By hand: 20.00 and 5.00 post at 1; 25.00 GBP at 1.17 = 29.25; 25.00 USD at 0.925 = 23.125, half to even =
        // 23.12
        order(garage, project, "EUR", 1, garage.need(project, job, "Hose")).ok();
        order(garage, project, "GBP", 1.17, garage.need(project, job, "Rings")).ok();
        order(garage, project, "USD", 0.925, garage.need(project, job, "Seal")).ok();
        JsonNode money =
                garage.owner().get("/api/projects/" + project + "/money").ok();
        assertThat(money.get("position").get("orderedNotPaid").asLong()).isEqualTo(2_500 + 2_925 + 2_312);
    }

    @Test
    void theSupplierSpeaksItsCurrency(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Fit"), "Hose");
        var body = orderBody(garage, "GBP", 1.17, need);
        body.put("rate", 0);
        assertThat(post(garage, project, body).text("field")).isEqualTo("rate");
        body.put("rate", 1.17);
        body.put("currency", "EUR");
        body.put("rate", 2);
        Answer ownCurrency = post(garage, project, body);
        assertThat(ownCurrency.status()).isEqualTo(422);
        assertThat(ownCurrency.text("field")).isEqualTo("rate");
    }

    private static Answer order(TestGarage garage, UUID project, String currency, double rate, UUID... needs) {
        return post(garage, project, orderBody(garage, currency, rate, needs));
    }

    private static Answer post(TestGarage garage, UUID project, Map<String, Object> body) {
        return garage.owner().post("/api/projects/" + project + "/orders", body);
    }

    /** 20.00 for each need and 5.00 for the post. */
    private static Map<String, Object> orderBody(TestGarage garage, String currency, double rate, UUID... needs) {
        List<Map<String, Object>> lines = new ArrayList<>();
        for (UUID need : needs) lines.add(map("needId", need, "amountMinor", 2_000));
        return TestGarage.order(UUID.randomUUID(), garage.supplier(currency), currency, rate, 500, lines);
    }

    private static String state(TestGarage garage, UUID need) {
        return garage.owner().get("/api/needs/" + need).text("state");
    }

    @Test
    void leftAndRightAreNotTheSameAndWhatNobodyKnowsIsLikeNothingElse() {
        Needs.Need bracket = Needs.Need.fresh(UUID.randomUUID(), UUID.randomUUID());
        Needs.Need other = Needs.Need.fresh(UUID.randomUUID(), bracket.projectId());
        assertThat(bracket.sameAs()).isNotEqualTo(other.sameAs());
        Needs.Need wire = bracket.of("welding-wire", AmountUnit.GRAM);
        assertThat(wire.sameAs())
                .isEqualTo(other.of("welding-wire", AmountUnit.GRAM).sameAs());
        assertThat(wire.sameAs())
                .isNotEqualTo(other.of("welding-wire", AmountUnit.PIECE).sameAs());
    }

    /** By hand: a damper is one a wheel, so one alone leaves a wheel out; with its other side, or a reason, it is ordered. */
    @Test
    void oneWheelOfAnAxleIsNotOrderedWithoutAReason(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Dampers");
        UUID left = garage.need(project, job, "Front damper");
        String objections = "/api/projects/" + project + "/needs/objections";
        assertThat(garage.owner().get(objections).ok().get(0).path("pieces").asInt())
                .isEqualTo(2);
        UUID supplier = garage.supplier("EUR");
        assertThat(order(garage, project, supplier, left).code()).isEqualTo("need.one-wheel");

        UUID right = garage.need(project, job, "Front damper");
        assertThat(garage.owner().get(objections).ok().valueStream())
                .as("no reason is asked for")
                .noneMatch(o -> o.path("isAsked").asBoolean());
        order(garage, project, supplier, left).ok();
        order(garage, project, supplier, right).ok();

        UUID third = garage.need(project, job, "Front damper");
        assertThat(order(garage, project, supplier, third).code()).isEqualTo("need.one-wheel");
        garage.owner()
                .put(
                        "/api/needs/" + third,
                        map(
                                "fields",
                                map(
                                        "jobId",
                                        job,
                                        "title",
                                        "Front damper",
                                        "quantity",
                                        1,
                                        "estimateMinor",
                                        0,
                                        "leadDays",
                                        7,
                                        "pairWaiver",
                                        "The other one is a month old"),
                                "version",
                                0))
                .ok();
        order(garage, project, supplier, third).ok();
    }

    /** What is done once the gearbox is open is bought then; with a reason it is bought before. */
    @Test
    void whatIsStillToBeLookedIntoIsNotOrderedWithoutAReason(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "gearbox", "WORN");
        UUID rings = garage.need(project, garage.job(project, "Gearbox"), "Gears and synchromesh");
        UUID supplier = garage.supplier("EUR");
        String objections = "/api/projects/" + project + "/needs/objections";
        assertThat(garage.owner().get(objections).ok()).isEmpty();
        garage.decide(finding, "INVESTIGATE");
        JsonNode said = garage.owner().get(objections).ok().get(0);
        assertThat(said.path("objection").asString()).isEqualTo("UNOPENED");
        assertThat(said.path("findingId").asString()).isEqualTo(finding.toString());
        assertThat(order(garage, project, supplier, rings).code()).isEqualTo("need.unopened");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/baskets")
                        .ok()
                        .path("wants"))
                .isEmpty();
        garage.owner()
                .put(
                        "/api/needs/" + rings,
                        map(
                                "fields",
                                map(
                                        "title",
                                        "Gears and synchromesh",
                                        "quantity",
                                        1,
                                        "estimateMinor",
                                        0,
                                        "leadDays",
                                        7,
                                        "holdWaiver",
                                        "The last set that there is"),
                                "version",
                                0))
                .ok();
        order(garage, project, supplier, rings).ok();
    }

    /** What is ordered only when the gearbox has been looked into comes its usual days after that, not after today. */
    @Test
    void thePlanOrdersWhatIsNotOpenedYetOnlyAfterItIs(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID rings = garage.need(project, garage.job(project, "Gearbox"), "Gears and synchromesh");
        UUID finding = garage.finding(project, "gearbox", "WORN");
        garage.decide(finding, "INVESTIGATE");
        List<UUID> steps = garage.chain(finding);
        UUID looking = steps.get(steps.size() - 1);
        assertThat(planned(garage, project, rings, "start"))
                .isGreaterThanOrEqualTo(planned(garage, project, looking, "end"));
    }

    private static String planned(TestGarage garage, UUID project, UUID id, String when) {
        return garage.owner()
                .get("/api/projects/" + project + "/plan")
                .ok()
                .path("activities")
                .valueStream()
                .filter(a -> a.at("/subject/id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow()
                .path(when)
                .asString();
    }

    /** Scenario 2: what a kit on order holds is told when it is put on the list once more, and what is new with it each time too. */
    @Test
    void whatIsComingInAKitAndWhatIsMissingWithItAreTold(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Cooling");
        UUID pump = garage.need(project, job, "Water pump");
        String objections = "/api/projects/" + project + "/needs/objections";
        JsonNode companion = garage.owner().get(objections).ok().get(0);
        assertThat(companion.path("objection").asString()).isEqualTo("WITHOUT_COMPANION");
        assertThat(companion.path("names").get(0).asString()).isEqualTo("Water pump gasket");
        garage.need(project, job, "Water pump gasket");
        assertThat(garage.owner().get(objections).ok()).isEmpty();
        order(garage, project, garage.supplier("EUR"), pump).ok();
        UUID again = garage.need(project, job, "Water pump");
        JsonNode coming = garage.owner().get(objections).ok().get(0);
        assertThat(coming.path("objection").asString()).isEqualTo("COMING");
        assertThat(coming.path("needId").asString()).isEqualTo(again.toString());
        assertThat(coming.path("names").get(0).asString()).isEqualTo("Alder & Finch");
        order(garage, project, garage.supplier("EUR"), again).ok();
    }

    private static Api.Answer order(TestGarage garage, UUID project, UUID supplier, UUID need) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                UUID.randomUUID(),
                                supplier,
                                "EUR",
                                1,
                                0,
                                List.of(map("needId", need, "amountMinor", 4000))));
    }
}
