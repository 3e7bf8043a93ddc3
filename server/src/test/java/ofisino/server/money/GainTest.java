package ofisino.server.money;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.Trading.book;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A result measured before and after a job, against what the job cost. */
@ExtendWith(TestApplication.class)
class GainTest {
    /** 240.00 on the job for 20 kg less are 12.00 a kilogram; with the scale moved meanwhile nothing follows. */
    @Test
    void whatTheRunsBearOutHasItsPrice(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Lighter seats");
        book(garage, project, "SERVICE", job, 24_000);
        UUID id = UUID.randomUUID();
        add(garage, project, weight(id, job, true, List.of(949, 950, 951), List.of(930)))
                .ok();
        assertThat(one(garage, project).path("verdict").asString()).isEqualTo("TOO_FEW");
        String runs = "/api/projects/" + project + "/gains/" + id + "/runs";
        garage.owner()
                .post(runs, map("before", List.of(), "after", List.of(929, 931)))
                .ok();
        JsonNode gain = one(garage, project);
        assertThat(gain.path("verdict").asString()).isEqualTo("BETTER");
        assertThat(gain.path("by").asDouble()).isEqualTo(20);
        assertThat(gain.path("paidMinor").asLong()).isEqualTo(24_000);
        assertThat(gain.path("eachMinor").asLong()).isEqualTo(1_200);
        garage.owner().delete("/api/projects/" + project + "/gains/" + id).ok();
        add(garage, project, weight(id, job, false, List.of(949, 950), List.of(930, 931)))
                .ok();
        assertThat(one(garage, project).path("verdict").asString()).isEqualTo("NOT_ALIKE");
        assertThat(one(garage, project).path("eachMinor").isMissingNode()).isTrue();
    }

    @Test
    void whatCannotBeIsRefusedAndOthersAreNotTold(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        UUID elsewhere = garage.job(garage.project(), "Of another car");
        assertThat(add(garage, project, weight(id, elsewhere, true, List.of(1), List.of(2)))
                        .status())
                .isEqualTo(404);
        assertThat(add(garage, project, weight(id, null, true, List.of(), List.of(2)))
                        .text("field"))
                .isEqualTo("before");
        add(garage, project, weight(id, null, true, List.of(1), List.of(2))).ok();
        String runs = "/api/projects/" + project + "/gains/" + id + "/runs";
        assertThat(garage.owner()
                        .post(runs, map("before", List.of(), "after", Collections.nCopies(50, 1)))
                        .text("field"))
                .isEqualTo("after");
        assertThat(one(garage, project).path("after")).hasSize(1);
        assertThat(garage.join("HELPER")
                        .get("/api/projects/" + project + "/gains")
                        .status())
                .isEqualTo(403);
    }

    private static Map<String, Object> weight(
            UUID id, UUID job, boolean alike, List<Integer> before, List<Integer> after) {
        var fields = map("id", id, "title", "Weight", "unit", "kg", "better", "LESS", "alike", alike);
        fields.putAll(map("conditions", "Scale at the mill, tank empty", "before", before, "after", after));
        if (job != null) fields.put("jobId", job);
        return fields;
    }

    private static Answer add(TestGarage garage, UUID project, Map<String, Object> fields) {
        return garage.owner().post("/api/projects/" + project + "/gains", fields);
    }

    private static JsonNode one(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/gains")
                .ok()
                .path("gains")
                .get(0);
    }
}
