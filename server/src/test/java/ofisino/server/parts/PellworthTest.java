package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The second of the scenarios, from the list of 118 to the two damaged things. Its numbers are given. */
@ExtendWith(TestApplication.class)
class PellworthTest {
    private static final String GEARS = "Gears and synchromesh";
    private static final int DEAR_MINOR = 9_000;

    @Test
    void ninetyTwoOfOneHundredAndEighteenAreOrderedAndTheKitIsChosenOnceItIsOpen(TestGarage garage) {
        UUID project = garage.project();
        UUID gearbox = garage.finding(project, "gearbox", "WORN");
        UUID axle = garage.finding(project, "rear-axle", "WORN");
        List<UUID> inGearbox = needs(garage, project, "Gearbox", 19, i -> GEARS);
        List<UUID> inAxle = needs(garage, project, "Rear axle", 7, i -> "Crown wheel and pinion");
        List<UUID> rest = needs(garage, project, "Body", 92, i -> "Trim piece " + i);
        garage.decide(gearbox, "INVESTIGATE");
        garage.decide(axle, "INVESTIGATE");
        String page = "/api/projects/" + project;

        assertThat(garage.owner().get(page + "/parts/tasks").ok().path("onHold").asInt())
                .isEqualTo(26);
        UUID seller = garage.supplier("EUR");
        assertThat(order(garage, project, seller, inGearbox).code()).isEqualTo("need.unopened");
        assertThat(order(garage, project, seller, inAxle).code()).isEqualTo("need.unopened");
        order(garage, project, seller, rest).ok();
        assertThat(stateOf(garage, project, "ORDERED")).isEqualTo(92);

        garage.decide(gearbox, "REPLACE");
        List<UUID> inKit = inGearbox.subList(0, 11);
        UUID kit = source(garage, project, seller, 60_000, inKit);
        inGearbox.forEach(n -> source(garage, project, seller, DEAR_MINOR, List.of(n)));
        JsonNode picks = garage.owner()
                .get(page + "/baskets")
                .ok()
                .path("baskets")
                .get(0)
                .path("picks");
        assertThat(picks.valueStream().mapToInt(p -> p.path("count").asInt()).sum())
                .as("the kit and eight singles")
                .isEqualTo(9);
        assertThat(picks.valueStream().map(p -> p.path("sourceId").asString())).contains(kit.toString());

        order(garage, project, seller, inKit).ok();
        UUID again = needs(garage, project, "Gearbox", 1, i -> GEARS).get(0);
        assertThat(garage.owner()
                        .get(page + "/needs/objections")
                        .ok()
                        .valueStream()
                        .filter(o -> o.path("needId").asString().equals(again.toString()))
                        .map(o -> o.path("objection").asString()))
                .contains("COMING");
    }

    @Test
    void whatArrivesDamagedIsExpectedBackAndNotDeducted(TestGarage garage) {
        UUID project = garage.project();
        UUID seller = garage.supplier("EUR");
        List<UUID> parts = needs(garage, project, "Body", 3, i -> "Trim piece " + i);
        UUID order = UUID.fromString(
                order(garage, project, seller, parts).ok().path("id").asString());
        Ordering.pay(garage, project, order, 3 * DEAR_MINOR);
        for (UUID damaged : parts.subList(0, 2)) {
            Ordering.arrive(garage, damaged).ok();
            Ordering.accept(garage, damaged, map("right", false, "failed", "DAMAGED", "reason", "Dented"))
                    .ok();
        }
        JsonNode money =
                garage.owner().get("/api/projects/" + project + "/money").ok();
        assertThat(money.path("refundsExpected").get(0).path("baseMinor").asLong())
                .isEqualTo(2 * DEAR_MINOR);
        assertThat(money.path("position").path("spent").asLong())
                .as("until it is back it is spent")
                .isEqualTo(3 * DEAR_MINOR);
    }

    private static long stateOf(TestGarage garage, UUID project, String state) {
        return Ordering.needs(garage, project).stream()
                .filter(n -> n.path("state").asString().equals(state))
                .count();
    }

    private static List<UUID> needs(TestGarage garage, UUID project, String job, int count, IntFunction<String> title) {
        UUID its = garage.job(project, job);
        List<UUID> made = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            UUID id = UUID.randomUUID();
            var fields = map("jobId", its, "title", title.apply(i), "mustMatch", "Number " + i, "quantity", 1);
            fields.putAll(map("estimateMinor", 1000, "leadDays", 7));
            garage.owner()
                    .post("/api/projects/" + project + "/needs", map("id", id, "fields", fields))
                    .ok();
            made.add(id);
        }
        return made;
    }

    private static UUID source(TestGarage garage, UUID project, UUID seller, long minor, List<UUID> holds) {
        UUID id = UUID.randomUUID();
        var fields = map("supplierId", seller, "kind", "NEW_PATTERN", "title", "Offer", "priceMinor", minor);
        fields.putAll(map("depositMinor", 0, "most", 9, "leadDays", 7, "wrongPercent", 0));
        fields.put(
                "holds", holds.stream().map(n -> map("needId", n, "pieces", 1)).toList());
        garage.owner()
                .post("/api/projects/" + project + "/sources", map("id", id, "fields", fields))
                .ok();
        return id;
    }

    private static Answer order(TestGarage garage, UUID project, UUID seller, List<UUID> needs) {
        List<Map<String, Object>> lines = needs.stream()
                .map(n -> map("needId", n, "amountMinor", DEAR_MINOR))
                .collect(Collectors.toList());
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(UUID.randomUUID(), seller, "EUR", 1, 0, lines));
    }
}
