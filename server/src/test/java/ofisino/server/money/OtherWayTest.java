package ofisino.server.money;

import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The same car done otherwise: what it costs, when it is ready, and what of the difference is sure. */
@ExtendWith(TestApplication.class)
class OtherWayTest {
    @Test
    void lessIsCheaperAndWhatIsGivenAwayCostsItsPriceAndNoHours(TestGarage garage) throws Exception {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID weld = job(garage, project, "Weld the sill", "ROAD_READY");
        UUID polish = job(garage, project, "Polish the trim", "SHOW");
        garage.need(project, polish, "Trim strips");
        add(garage, project, "Only the road", map("standard", "ROAD_READY", "sessionsMore", 0, "givenAway", List.of()))
                .ok();
        add(
                        garage,
                        project,
                        "Weld it elsewhere",
                        map(
                                "sessionsMore",
                                0,
                                "givenAway",
                                List.of(map("jobId", weld, "days", 10, "costMinor", 90_000))))
                .ok();
        JsonNode all = finished(garage, project);
        JsonNode now = all.path("asPlanned");
        JsonNode road = named(all, "Only the road");
        JsonNode away = named(all, "Weld it elsewhere");
        assertThat(road.path("leftOut").get(0).asString()).isEqualTo("Polish the trim");
        assertThat(cost(now) - cost(road)).as("no trim strips").isGreaterThanOrEqualTo(1_000);
        assertThat(road.path("difference").path("minorNine").asLong()).isNegative();
        assertThat(cost(away) - cost(now)).isEqualTo(90_000);
        assertThat(away.path("ownMinutes").asLong())
                .isEqualTo(now.path("ownMinutes").asLong() - 240);
        assertThat(road.path("dates").get(0).path("eightInTen").asString()).isNotEmpty();
        assertThat(road.path("difference").path("daysFive").isNumber()).isTrue();
    }

    /** What was foreseen of a way is what the plan says once it is the plan. */
    @Test
    void aWayThatIsKeptIsThePlan(TestGarage garage) throws Exception {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID weld = job(garage, project, "Weld the sill", "ROAD_READY");
        UUID done = job(garage, project, "Wash it", "ROAD_READY");
        job(garage, project, "Polish the trim", "SHOW");
        var given = List.of(
                map("jobId", weld, "days", 10, "costMinor", 90_000), map("jobId", done, "days", 1, "costMinor", 1));
        add(garage, project, "Weld it elsewhere", map("standard", "ROAD_READY", "sessionsMore", 1, "givenAway", given))
                .ok();
        add(garage, project, "Come more often", map("sessionsMore", 2, "givenAway", List.of()))
                .ok();
        garage.move(done, "DROPPED");
        JsonNode before = finished(garage, project);
        JsonNode foreseen = named(before, "Weld it elsewhere");
        String path = "/api/projects/" + project + "/other-ways/"
                + foreseen.path("said").path("id").asString() + "/kept";
        UUID write = UUID.randomUUID();
        garage.owner().write("POST", path, map(), write).ok();
        JsonNode after = finished(garage, project);
        assertThat(after.path("asPlanned").path("dates").get(0).path("planned").asString())
                .isEqualTo(foreseen.path("dates").get(0).path("planned").asString());
        assertThat(cost(after.path("asPlanned"))).isEqualTo(cost(foreseen));
        assertThat(after.path("asPlanned").path("ownMinutes").asLong())
                .isEqualTo(foreseen.path("ownMinutes").asLong());
        assertThat(after.path("others")).as("the others stay").hasSize(1);
        assertThat(garage.owner()
                        .get("/api/projects/" + project)
                        .ok()
                        .path("aim")
                        .asString())
                .isEqualTo("ROAD_READY");
        JsonNode away =
                garage.owner().get("/api/projects/" + project + "/given-away").ok();
        assertThat(away).as("what is over is not given away").hasSize(1);
        assertThat(away.get(0).path("costMinor").asLong()).isEqualTo(90_000);
        assertThat(garage.owner().get("/api/calendar").ok().path("windows")).hasSize(2);
        assertThat(garage.owner().post(path, map()).status()).isEqualTo(404);
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        JsonNode undone = finished(garage, project);
        assertThat(named(undone, "Weld it elsewhere").path("dates"))
                .as("as it was foreseen before")
                .isEqualTo(foreseen.path("dates"));
        assertThat(cost(undone.path("asPlanned"))).isEqualTo(cost(before.path("asPlanned")));
        assertThat(garage.owner()
                        .get("/api/projects/" + project)
                        .ok()
                        .path("aim")
                        .asString())
                .isNotEqualTo("ROAD_READY");
        assertThat(garage.owner().get("/api/calendar").ok().path("windows")).hasSize(1);
    }

    /** 900.01 over two welds, the paint is not among them; named by itself a weld is not shared for. */
    @Test
    void allOfOneKindAreGivenAwayTogether(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> welds = java.util.stream.Stream.of("Sill", "Floor", "Tail")
                .map(t -> garage.job(project, map("title", t, "operation", "WELD")))
                .toList();
        garage.job(project, map("title", "Paint", "operation", "PAINT"));
        add(
                        garage,
                        project,
                        "Weld it elsewhere",
                        map(
                                "sessionsMore",
                                0,
                                "givenAway",
                                List.of(map("jobId", welds.get(2), "days", 1, "costMinor", 5)),
                                "allOf",
                                List.of(map("operation", "WELD", "days", 15, "costMinor", 90_001))))
                .ok();
        JsonNode given = garage.owner()
                .get("/api/projects/" + project + "/other-ways")
                .ok()
                .path("others")
                .get(0)
                .path("said")
                .path("givenAway");
        assertThat(given.valueStream()
                        .map(g -> g.path("days").asInt() + " "
                                + g.path("costMinor").asLong()))
                .containsExactlyInAnyOrder("1 5", "8 45001", "8 45000");
        assertThat(add(
                                garage,
                                project,
                                "Align it elsewhere",
                                map(
                                        "sessionsMore",
                                        0,
                                        "givenAway",
                                        List.of(),
                                        "allOf",
                                        List.of(map("operation", "ALIGN", "days", 1, "costMinor", 1))))
                        .code())
                .isEqualTo("way.none-of-kind");
    }

    /** Stripped whole instead of here and there: what was foreseen is the plan once it is kept; one undo, and it is as before. */
    @Test
    void aBodyAtBareMetalIsKeptAsItWasForeseen(TestGarage garage) throws Exception {
        UUID project = garage.project();
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 1020));
        for (String place : List.of("door-left", "front-wing-left")) {
            UUID rust = garage.finding(project, place, "SURFACE_RUST");
            garage.decide(rust, "REPAIR");
            garage.chain(rust);
        }
        JsonNode before = ways(garage, project).path("asPlanned");
        add(
                        garage,
                        project,
                        "Bare metal",
                        map(
                                "sessionsMore",
                                0,
                                "givenAway",
                                List.of(),
                                "bareMetal",
                                map("strip", map("days", 14, "costMinor", 180_000))))
                .ok();
        JsonNode foreseen = named(ways(garage, project), "Bare metal");
        JsonNode takes = foreseen.path("bareMetal");
        assertThat(takes.path("stripMinutes").isMissingNode()
                        || takes.path("stripMinutes").isNull())
                .isTrue();
        assertThat(foreseen.path("leftOut").valueStream().map(JsonNode::asString))
                .hasSize(8)
                .allMatch(
                        title -> title.matches("(Clean off the rust|Prime|Filler and surfacer|Colour and lacquer).*"));
        assertThat(cost(foreseen) - cost(before)).isGreaterThan(180_000);
        assertThat(foreseen.path("dates").get(0).path("planned").asString())
                .isGreaterThan(before.path("dates").get(0).path("planned").asString());

        UUID write = UUID.randomUUID();
        String path = "/api/projects/" + project + "/other-ways/"
                + foreseen.path("said").path("id").asString() + "/kept";
        garage.owner().write("POST", path, map(), write).ok();
        JsonNode kept = ways(garage, project).path("asPlanned");
        assertThat(kept.path("ownMinutes").asLong())
                .isEqualTo(foreseen.path("ownMinutes").asLong());
        assertThat((double) cost(kept))
                .as("the paint is bought for the findings that it covers: what of theirs has no price is a lesser part")
                .isCloseTo(cost(foreseen), Percentage.withPercentage(1));
        assertThat(ready(kept))
                .as("no more than a Saturday later, since the paint is fetched first")
                .isBetween(ready(foreseen), ready(foreseen).plusDays(7));
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        assertThat(ready(ways(garage, project).path("asPlanned"))).isEqualTo(ready(before));
    }

    @Test
    void whatMaterialCostsIsNotGuessedWithoutThePriceLevel(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> bare = map("sessionsMore", 0, "givenAway", List.of(), "bareMetal", map());
        assertThat(add(garage, project, "Bare metal", bare).code()).isEqualTo("way.no-price-level");
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        for (Map<String, Object> wrong : List.of(
                map("days", 14, "costMinor", -1), map("days", 731, "costMinor", 1), map("days", -1, "costMinor", 1))) {
            Map<String, Object> others = map("sessionsMore", 0, "givenAway", List.of());
            others.put("bareMetal", map("coat", wrong));
            assertThat(add(garage, project, "Nonsense", others).status())
                    .as(wrong.toString())
                    .isEqualTo(422);
        }
        add(garage, project, "Bare metal", bare).ok();
        Map<String, Object> unsaid = TestGarage.withHour(1, 1);
        unsaid.remove("workshopHourMinor");
        garage.owner().put("/api/garage", unsaid).ok();
        JsonNode takes = named(ways(garage, project), "Bare metal").path("bareMetal");
        assertThat(takes.path("coatMinutes").asInt()).isPositive();
        assertThat(takes.path("materialMinor").isMissingNode()
                        || takes.path("materialMinor").isNull())
                .as("nobody knows any more")
                .isTrue();
    }

    /** A dent that nobody made work of is not for the road; rust through the sill is. */
    @Test
    void whatNobodyMadeWorkOfCountsOnlyWhereTheStandardAsksForIt(TestGarage garage) throws Exception {
        UUID project = garage.project();
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        job(garage, project, "Bleed the brakes", "ROAD_READY");
        garage.finding(project, "sill-left", "RUST_THROUGH");
        add(garage, project, "Only the road", map("standard", "ROAD_READY", "sessionsMore", 0, "givenAway", List.of()))
                .ok();
        JsonNode before = finished(garage, project);
        assertThat(cost(named(before, "Only the road")))
                .as("rust through is for the road")
                .isEqualTo(cost(before.path("asPlanned")));
        garage.finding(project, "door-left", "DENT");
        JsonNode after = finished(garage, project);
        assertThat(cost(after.path("asPlanned"))).isGreaterThan(cost(before.path("asPlanned")));
        assertThat(cost(named(after, "Only the road"))).isEqualTo(cost(named(before, "Only the road")));
    }

    @Test
    void noMoreThanThreeAndNoneThatIsTheSame(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> more = map("sessionsMore", 1, "givenAway", List.of());
        for (int i = 0; i < 3; i++) add(garage, project, "Way " + i, more).ok();
        assertThat(add(garage, project, "Fourth", more).code()).isEqualTo("way.many");
        JsonNode first = garage.owner()
                .get("/api/projects/" + project + "/other-ways")
                .ok()
                .path("others")
                .get(0);
        garage.owner()
                .delete("/api/projects/" + project + "/other-ways/"
                        + first.path("said").path("id").asString())
                .ok();
        assertThat(add(garage, project, "Same", map("sessionsMore", 0, "givenAway", List.of()))
                        .code())
                .isEqualTo("way.same");
        assertThat(add(
                                garage,
                                project,
                                "No brakes",
                                map("standard", "RUNNER", "sessionsMore", 0, "givenAway", List.of()))
                        .code())
                .isEqualTo("way.no-road");
        UUID elsewhere = garage.job(garage.project(), "Of another car");
        assertThat(add(
                                garage,
                                project,
                                "Other car",
                                map(
                                        "sessionsMore",
                                        0,
                                        "givenAway",
                                        List.of(map("jobId", elsewhere, "days", 1, "costMinor", 1))))
                        .status())
                .isEqualTo(404);
    }

    private static UUID job(TestGarage garage, UUID project, String title, String aim) {
        return garage.job(project, map("title", title, "aim", aim, "effort", effort(120, 240, 480)));
    }

    private static Answer add(TestGarage garage, UUID project, String name, Map<String, Object> fields) {
        var way = map("id", UUID.randomUUID(), "name", name);
        way.putAll(fields);
        return garage.owner().post("/api/projects/" + project + "/other-ways", way);
    }

    private static JsonNode ways(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/other-ways").ok();
    }

    private static JsonNode finished(TestGarage garage, UUID project) throws InterruptedException {
        for (int i = 0; i < 300; i++) {
            JsonNode all = ways(garage, project);
            if (all.path("finished").asBoolean()) return all;
            Thread.sleep(100);
        }
        throw new AssertionError("not worked out in half a minute");
    }

    private static JsonNode named(JsonNode all, String name) {
        for (JsonNode way : all.path("others"))
            if (way.path("said").path("name").asString().equals(name)) return way;
        throw new AssertionError("no way " + name);
    }

    private static long cost(JsonNode way) {
        return way.path("cost").path("expectedMinor").asLong();
    }

    private static LocalDate ready(JsonNode way) {
        return LocalDate.parse(way.path("dates").get(0).path("planned").asString());
    }
}
