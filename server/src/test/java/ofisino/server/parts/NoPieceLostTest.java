package ofisino.server.parts;

import static ofisino.server.parts.Ordering.accept;
import static ofisino.server.parts.Ordering.arrive;
import static ofisino.server.parts.Ordering.lines;
import static ofisino.server.parts.Ordering.money;
import static ofisino.server.parts.Ordering.need;
import static ofisino.server.parts.Ordering.needs;
import static ofisino.server.parts.Ordering.place;
import static ofisino.server.parts.Ordering.post;
import static ofisino.server.parts.Ordering.returning;
import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataAccessException;
import tools.jackson.databind.JsonNode;

/** Needed is always fitted, kept, on its way and open: in the database, and in histories that nobody would think of. */
@ExtendWith(TestApplication.class)
class NoPieceLostTest {
    /** Whatever is pressed in whatever order, no piece is lost or made, each is in one state, and no money counts twice. */
    @Test
    void whateverHappensNoPieceIsLost(TestGarage garage) {
        var random = new Random(Long.getLong("ofisino.seed", 11));
        UUID project = garage.project();
        UUID supplier = returning(garage, 14);
        UUID place = garage.place();
        Map<String, Integer> wanted = new HashMap<>();
        for (String part : List.of("Wheel bolts", "Heater hose", "Grommet")) {
            wanted.put(part, 7);
            need(garage, project, part, 7);
        }
        int done = 0;
        for (int step = 0; step < 200; step++) {
            List<JsonNode> all = needs(garage, project);
            JsonNode n = all.get(random.nextInt(all.size()));
            Answer answer = step(garage, project, supplier, place, random, n, wanted);
            assertThat(answer.status()).as(answer.detail()).isIn(200, 201, 204, 409, 422);
            if (answer.status() < 300) done++;
            Map<String, Integer> there = new HashMap<>();
            for (JsonNode now : needs(garage, project))
                there.merge(now.path("title").asString(), now.path("quantity").asInt(), Integer::sum);
            assertThat(there).as("after step %d".formatted(step)).isEqualTo(wanted);
            if (step % 10 == 0)
                assertThat(money(garage, project, "orderedNotPaid")).isEqualTo(owed(garage, project));
        }
        assertThat(done).as("most is refused, but not all").isGreaterThan(40);
    }

    private static Answer step(
            TestGarage garage,
            UUID project,
            UUID supplier,
            UUID place,
            Random random,
            JsonNode n,
            Map<String, Integer> wanted) {
        UUID id = UUID.fromString(n.path("id").asString());
        boolean usual = random.nextInt(3) > 0;
        return switch (usual ? n.path("state").asString() : "") {
            case "NEEDED", "RETURNED" -> place(garage, project, supplier, 1000 + random.nextInt(99), DAY, DAY, id);
            case "ORDERED" ->
                arrive(
                        garage,
                        id,
                        "pieces",
                        1 + random.nextInt(n.path("quantity").asInt()));
            case "RECEIVED" ->
                accept(garage, id, map("right", random.nextBoolean(), "placeId", place, "reason", "looked at"));
            default ->
                switch (random.nextInt(7)) {
                    case 0 -> post(garage, id, "hold", map("reason", "wait"));
                    case 1 -> post(garage, id, "release", map());
                    case 2 -> post(garage, id, "call-off", map("reason", "no more"));
                    case 3 -> post(garage, id, "new-day", map("expectedOn", DAY.plusDays(random.nextInt(9))));
                    case 4 -> post(garage, id, "trial", map("fits", false, "reason", "too wide"));
                    case 5 -> place(garage, project, supplier, 1000, DAY, DAY, id);
                    default -> more(garage, n, wanted);
                };
        };
    }

    /** One more is needed. */
    private static Answer more(TestGarage garage, JsonNode n, Map<String, Integer> wanted) {
        String title = n.path("title").asString();
        Answer answer = garage.owner()
                .put(
                        "/api/needs/" + n.path("id").asString(),
                        map(
                                "fields",
                                map(
                                        "title",
                                        title,
                                        "quantity",
                                        n.path("quantity").asInt() + 1,
                                        "estimateMinor",
                                        n.path("estimateMinor").asLong(),
                                        "leadDays",
                                        7,
                                        "againWaiver",
                                        "It has to be"),
                                "version",
                                n.path("version").asLong()));
        if (answer.status() == 200) wanted.merge(title, 1, Integer::sum);
        return answer;
    }

    /** Prices of what was not sent back or called off; nothing is paid here, and post is free. */
    private static long owed(TestGarage garage, UUID project) {
        return lines(garage, project).stream()
                .filter(l -> l.path("returnedOn").isMissingNode()
                        || l.path("returnedOn").isNull())
                .mapToLong(l -> l.path("amountMinor").asLong())
                .sum();
    }

    @Test
    void theDatabaseItselfLosesNoPiece(TestGarage garage) {
        UUID project = garage.project();
        UUID bolts = need(garage, project, "Wheel bolts", 8);
        var sql = garage.running().sql();
        assertThatThrownBy(() -> sql.update("update need set quantity = 7 where id = ?", bolts))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("there are 7 pieces, but 8 were needed");
    }
}
