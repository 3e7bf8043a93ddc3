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

    /** Over a history by chance: the cars and the workshop together have spent what was paid, and nothing else. */
    @Test
    void allCarsAndTheWorkshopTogetherHaveSpentWhatWasPaid(TestGarage garage) {
        UUID[] cars = {garage.project(), garage.project(), garage.project()};
        var luck = new Random(19_69);
        long paid = 0;
        for (int i = 0; i < 40; i++) {
            int from = luck.nextInt(cars.length);
            long minor = 1 + luck.nextInt(100_000);
            if (luck.nextInt(3) == 0) {
                booked(garage, cars[from], minor, DAY, map("destination", "TOOLS", "baseMinor", minor));
                paid += minor;
                keep(garage, cars[from], 1 + luck.nextLong(minor)).ok();
            } else {
                JsonNode moved = move(garage, cars[from], cars[(from + 1) % cars.length], minor, null, null)
                        .ok();
                if (luck.nextInt(4) == 0)
                    reverse(garage, moved.path("id").asString()).ok();
            }
        }
        assertThat(Stream.of(cars).mapToLong(c -> spent(garage, c)).sum()
                        + workshop(garage).path("sumMinor").asLong())
                .isEqualTo(paid);
    }

    @Test
    void aToolOfTheWorkshopIsBorneByNoCar(TestGarage garage) {
        UUID car = garage.project();
        booked(garage, car, 9_000, DAY, map("destination", "TOOLS", "baseMinor", 9_000));
        assertThat(keep(garage, car, 9_001).code()).isEqualTo("tool.not-borne");
        assertThat(keep(garage, car, 0).text("field")).isEqualTo("minor");
        String entry = keep(garage, car, 6_000).ok().path("id").asString();
        assertThat(spent(garage, car)).isEqualTo(3_000);
        assertThat(keep(garage, car, 3_001).code()).isEqualTo("tool.not-borne");
        JsonNode kept = workshop(garage);
        assertThat(kept.path("sumMinor").asLong()).isEqualTo(6_000);
        assertThat(kept.at("/tools/0/description").asString()).isEqualTo("Spring compressor");

        reverse(garage, entry).ok();
        assertThat(spent(garage, car)).isEqualTo(9_000);
        assertThat(workshop(garage).path("tools").isEmpty()).isTrue();
        assertThat(reverse(garage, entry).code()).isEqualTo("entry.reversed");
    }

    private static Answer keep(TestGarage garage, UUID car, long minor) {
        return garage.owner()
                .post(
                        "/api/projects/" + car + "/workshop-tools",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "description",
                                "Spring compressor",
                                "minor",
                                minor,
                                "movedOn",
                                TODAY));
    }

    private static JsonNode workshop(TestGarage garage) {
        return garage.owner().get("/api/workshop-tools").ok();
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
