package ofisino.server.money;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestMoney.booked;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What goes from car to car is booked on both: one never drains another unseen. */
@ExtendWith(TestApplication.class)
class MovesTest {
    @Test
    void whatOneCarGainsTheOtherLoses(TestGarage garage) {
        UUID from = garage.project();
        UUID to = garage.project();
        UUID engine = garage.job(from, "Engine");
        UUID other = garage.job(to, "Engine of the other");
        booked(garage, from, 10_000, DAY, map("destination", "JOB", "jobId", engine, "baseMinor", 10_000));
        JsonNode moved = move(garage, from, to, 4_000, engine, other).ok();
        assertThat(spent(garage, from)).isEqualTo(6_000);
        assertThat(spent(garage, to)).isEqualTo(4_000);
        assertThat(moved.path("kind").asString()).isEqualTo("MOVED_OUT");
        assertThat(moved.path("splits").get(0).path("jobId").asString()).isEqualTo(engine.toString());
    }

    /** From either side; a second time neither. */
    @Test
    void itIsTakenBackOnBothOrOnNeither(TestGarage garage) {
        UUID from = garage.project();
        UUID to = garage.project();
        JsonNode moved = move(garage, from, to, 4_000, null, null).ok();
        reverse(garage, moved.path("twinId").asString()).ok();
        assertThat(spent(garage, from)).isZero();
        assertThat(spent(garage, to)).isZero();
        assertThat(reverse(garage, moved.path("id").asString()).code()).isEqualTo("entry.reversed");
    }

    @Test
    void whatIsNoMoveIsRefused(TestGarage garage) {
        UUID from = garage.project();
        UUID to = garage.project();
        assertThat(move(garage, from, from, 1, null, null).code()).isEqualTo("move.same");
        assertThat(move(garage, from, to, 0, null, null).text("field")).isEqualTo("minor");
        assertThat(move(garage, from, to, 1, garage.job(to, "Of the other"), null)
                        .status())
                .isEqualTo(404);
        assertThat(move(garage, from, UUID.randomUUID(), 1, null, null).status())
                .isEqualTo(404);
        assertThat(spent(garage, from)).as("nothing of it stays").isZero();
        var half = TestGarage.receipt("MOVED_IN", "From nowhere", "EUR", 100, 1);
        assertThat(garage.owner()
                        .post("/api/projects/" + to + "/entries", map("id", UUID.randomUUID(), "fields", half))
                        .code())
                .isEqualTo("entry.move");
    }

    /** Over a history by chance: the cars together have spent what was paid, and nothing else. */
    @Test
    void allCarsTogetherHaveSpentWhatWasPaid(TestGarage garage) {
        UUID[] cars = {garage.project(), garage.project(), garage.project()};
        var luck = new Random(19_69);
        long paid = 0;
        for (int i = 0; i < 40; i++) {
            int from = luck.nextInt(cars.length);
            long minor = 1 + luck.nextInt(100_000);
            if (luck.nextInt(3) == 0) {
                booked(garage, cars[from], minor, DAY);
                paid += minor;
            } else {
                JsonNode moved = move(garage, cars[from], cars[(from + 1) % cars.length], minor, null, null)
                        .ok();
                if (luck.nextInt(4) == 0)
                    reverse(garage, moved.path("id").asString()).ok();
            }
        }
        assertThat(Stream.of(cars).mapToLong(c -> spent(garage, c)).sum()).isEqualTo(paid);
    }

    private static Answer move(TestGarage garage, UUID from, UUID to, long minor, UUID fromJob, UUID toJob) {
        Map<String, Object> said = map("id", UUID.randomUUID(), "twinId", UUID.randomUUID(), "toProject", to);
        said.putAll(map("description", "Gearbox", "minor", minor, "movedOn", TODAY));
        if (fromJob != null) said.put("fromJob", fromJob);
        if (toJob != null) said.put("toJob", toJob);
        return garage.owner().post("/api/projects/" + from + "/moves", said);
    }

    private static Answer reverse(TestGarage garage, String entry) {
        return garage.owner().post("/api/entries/" + entry + "/reversal", map("reversalId", UUID.randomUUID()));
    }

    private static long spent(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/money")
                .ok()
                .at("/position/spent")
                .asLong();
    }
}
