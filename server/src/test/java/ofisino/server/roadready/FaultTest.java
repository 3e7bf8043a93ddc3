package ofisino.server.roadready;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class FaultTest {
    @Test
    void aCodeThatComesBackTakesItsJobUpAgainAndStandsInTheWay(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Clean the earth strap");
        scan(garage, project, 3, false, "P0562", "P0301").ok();
        blame(garage, project, "P0562", job, 0).ok();
        garage.move(job, "BEGUN", "FINISHED", "VERIFIED");
        scan(garage, project, 2, false).ok();
        assertThat(state(garage, job)).isEqualTo("VERIFIED");
        assertThat(inTheWay(garage, project)).contains("CODES_NOT_DRIVEN");
        scan(garage, project, 1, true, "P0562").ok();
        assertThat(state(garage, job)).isEqualTo("BEGUN");
        JsonNode faults = faults(garage, project);
        assertThat(faults.path("lines").get(0).path("standing").asString()).isEqualTo("CAME_BACK");
        assertThat(faults.path("left").get(0).path("cause").asString()).isEqualTo("earth strap");
        assertThat(inTheWay(garage, project)).contains("CODES_LEFT");
        garage.move(job, "FINISHED", "VERIFIED");
        scan(garage, project, 0, true).ok();
        assertThat(faults(garage, project).path("clear").asBoolean()).isTrue();
        assertThat(inTheWay(garage, project)).noneMatch(rule -> rule.startsWith("CODES_"));
    }

    @Test
    void nonsenseAndStrangersAreRefusedAndChangeNothing(TestGarage mine, TestGarage other) {
        UUID project = mine.project();
        UUID foreign = other.job(other.project(), "Theirs");
        assertThat(scan(mine, project, 0, true, "P03 01").code()).isEqualTo("fault-code.unreadable");
        assertThat(scan(mine, project, -1, true, "P0301").code()).isEqualTo("fault-code.future");
        assertThat(mine.rows("fault_scan")).isZero();
        assertThat(scan(other, project, 0, true).status()).isEqualTo(404);
        assertThat(blame(mine, project, "P0301", foreign, 0).status()).isEqualTo(404);
        blame(mine, project, "P0301", null, 0).ok();
        assertThat(blame(mine, project, "P0301", null, 7).code()).isEqualTo("cause.stale");
    }

    private static Answer scan(TestGarage garage, UUID project, int daysAgo, boolean afterDrive, String... codes) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/fault-codes",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "scannedOn",
                                LocalDate.parse(TODAY).minusDays(daysAgo).toString(),
                                "afterDrive",
                                afterDrive,
                                "codes",
                                Stream.of(codes)
                                        .map(c -> map("module", "Engine", "code", c))
                                        .toList()));
    }

    private static Answer blame(TestGarage garage, UUID project, String code, UUID job, long version) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/fault-codes/causes",
                        map(
                                "module",
                                "Engine",
                                "code",
                                code,
                                "cause",
                                "earth strap",
                                "jobId",
                                job,
                                "version",
                                version));
    }

    private static JsonNode faults(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/fault-codes").ok();
    }

    private static String state(TestGarage garage, UUID job) {
        return garage.owner().get("/api/jobs/" + job).text("state");
    }

    private static List<String> inTheWay(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/today")
                .ok()
                .path("inTheWay")
                .valueStream()
                .map(b -> b.path("rule").asString())
                .toList();
    }
}
