package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Scenario 5, the Brannick hauler, flooded to the sills: its tour, its reviewer, and what the flood brings under suspicion. */
@ExtendWith(TestApplication.class)
class TourTest {
    private record Step(String checkId, String place) {}

    @Test
    void nineZonesFortyOneItemsTwoRemarks(TestGarage garage) {
        UUID project = van(garage);
        String base = "/api/projects/" + project;
        garage.owner()
                .post(base + "/events", map("id", UUID.randomUUID(), "event", "FLOODED", "note", "to the sills"))
                .ok();
        List<Step> tour = nineZones(garage, base);
        assertThat(tour).hasSize(41);

        List<Map<String, Object>> answers = new ArrayList<>();
        for (int i = 0; i < tour.size(); i++)
            answers.add(map(
                    "id",
                    UUID.randomUUID(),
                    "checkId",
                    tour.get(i).checkId,
                    "place",
                    tour.get(i).place,
                    "seen",
                    i < 29 ? "BAD" : i < 37 ? "GOOD" : i < 40 ? "NOT_OPENED" : "NO_REACH",
                    "howSeen",
                    "OPENED",
                    "covered",
                    false,
                    "another",
                    false));
        garage.owner().post(base + "/answers", map("answers", answers)).ok();
        List<UUID> made = garage.owner()
                .get(base + "/findings")
                .ok()
                .valueStream()
                .map(f -> UUID.fromString(f.path("id").asString()))
                .toList();
        assertThat(made).as("each failed check made its finding").hasSize(29);
        for (int i = 0; i < 29; i++) garage.decide(made.get(i), i < 23 ? "REPLACE" : "REPAIR");
        JsonNode tally = garage.owner().get(base + "/checks").ok().path("tally");
        assertThat(List.of("replace", "repair", "sound", "notOpened", "notSeen", "waiting", "other"))
                .extracting(key -> tally.path(key).asInt())
                .containsExactly(23, 6, 8, 3, 1, 0, 0);

        reviewerAddsTwoOfWhichTheOwnerAcceptsOne(garage, base);
        assertThat(garage.owner().get(base + "/findings").ok()).hasSize(30);

        JsonNode suspects = garage.owner().get(base + "/events").ok().get(0).path("suspects");
        assertThat(suspects.valueStream().map(s -> s.path("checkId").asString()))
                .contains(
                        "wheel-bearing-front",
                        "belt-buckle",
                        "pretensioner-length",
                        "control-unit-water",
                        "starter-engages");
    }

    private static UUID van(TestGarage garage) {
        Map<String, Object> fields = TestGarage.projectFields("ACTIVE");
        fields.putAll(map("vehicleName", "Brannick hauler", "builtYear", 2011));
        return garage.project("VAN", fields, List.of());
    }

    /** Five items at each of the eight fullest zones, and one at the ninth. */
    private static List<Step> nineZones(TestGarage garage, String base) {
        Map<String, List<Step>> byZone = new LinkedHashMap<>();
        JsonNode walk = garage.owner().get(base + "/checks").ok();
        Set<String> onlyLookedInto = walk.path("checks")
                .valueStream()
                .filter(c -> c.path("findings").path("BAD").asString().equals("SYMPTOM"))
                .map(c -> c.path("id").asString())
                .collect(Collectors.toSet());
        for (JsonNode s : walk.path("steps"))
            if (s.has("zone") && !onlyLookedInto.contains(s.path("checkId").asString()))
                byZone.computeIfAbsent(s.path("place").asString(), z -> new ArrayList<>())
                        .add(new Step(
                                s.path("checkId").asString(), s.path("place").asString()));
        List<Step> tour = byZone.values().stream()
                .sorted((a, b) -> b.size() - a.size())
                .limit(9)
                .flatMap(zone -> zone.stream().limit(5))
                .limit(41)
                .toList();
        assertThat(tour.stream().map(Step::place).distinct()).hasSize(9);
        return tour;
    }

    private static void reviewerAddsTwoOfWhichTheOwnerAcceptsOne(TestGarage garage, String base) {
        String token = garage.owner()
                .post(base + "/links", map("id", UUID.randomUUID(), "days", 7))
                .text("path")
                .split("#")[1];
        Api outside = new Api(garage.running().port());
        for (String zone : List.of("belts", "seat-left")) {
            var remark = map("id", UUID.randomUUID(), "zone", zone, "author", "Reviewer", "words", "Look under it.");
            outside.send(outside.signed("/api/review/remarks")
                            .header("Review-Token", token)
                            .header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(Api.JSON.writeValueAsString(remark))))
                    .ok();
        }
        int accepted = 0;
        for (JsonNode r : garage.owner().get(base + "/remarks").ok())
            garage.owner()
                    .post(
                            "/api/remarks/" + r.path("id").asString() + "/decision",
                            map(
                                    "accept",
                                    accepted++ == 0,
                                    "reason",
                                    "looked",
                                    "findingId",
                                    UUID.randomUUID(),
                                    "version",
                                    0))
                    .ok();
        assertThat(garage.owner()
                        .get(base + "/remarks")
                        .ok()
                        .valueStream()
                        .map(r -> r.path("state").asString()))
                .containsExactlyInAnyOrder("ACCEPTED", "REJECTED");
    }
}
