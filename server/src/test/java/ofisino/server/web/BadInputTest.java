package ofisino.server.web;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;

/** Bad input of every kind gets a clear answer and changes nothing. */
@ExtendWith(TestApplication.class)
class BadInputTest {
    /** Each case by itself, so that one that fails hides no other. */
    @TestFactory
    Stream<DynamicTest> isRefusedInASentenceAndChangesNothing(TestGarage garage) {
        BadInput bad = new BadInput(garage);
        long before = garage.rows("history");
        return bad.cases()
                .map(c -> DynamicTest.dynamicTest(c.what(), () -> {
                    Answer answer = garage.owner().post(c.path(), c.body());
                    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(c.status());
                    assertThat(answer.code()).isEqualTo(c.code());
                    if (!c.field().isEmpty()) assertThat(answer.text("field")).isEqualTo(c.field());
                    assertThat(answer.detail())
                            .matches("(?s).{20,}[.]")
                            .doesNotContain("Exception", "java.", "null", "sql");
                    assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
                            .startsWith("application/problem+json");
                    assertThat(garage.rows("history")).isEqualTo(before);
                }));
    }

    @Test
    void aFinishedProjectStaysAsItIs(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit");
        UUID finding = garage.finding(project, "bonnet", "DENT");
        garage.owner()
                .put("/api/projects/" + project, map("fields", TestGarage.projectFields("SOLD"), "version", 0))
                .ok();
        assertThat(List.of(
                        garage.owner()
                                .post(
                                        "/api/projects/" + project + "/findings",
                                        map("id", UUID.randomUUID(), "fields", BadInput.finding("bonnet", "DENT"))),
                        garage.owner().post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", 0)),
                        garage.owner()
                                .post(
                                        "/api/findings/" + finding + "/decision",
                                        map("decision", "ACCEPT", "reason", "x", "version", 0)),
                        garage.owner()
                                .post(
                                        "/api/projects/" + project + "/entries",
                                        map("id", UUID.randomUUID(), "fields", BadInput.entry("EUR", 5, 1)))))
                .extracting(Answer::code)
                .containsOnly("project.over");
        garage.owner()
                .put("/api/projects/" + project, map("fields", TestGarage.projectFields("ACTIVE"), "version", 1))
                .ok();
        garage.move(job, "BEGUN");
    }

    @Test
    void odditiesOfAddressesGetAClearAnswer(TestGarage garage) {
        assertThat(garage.owner().get("/api/findings/not-a-uuid").status()).isEqualTo(400);
        assertThat(garage.owner().get("/api/nothing").status()).isEqualTo(404);
        assertThat(garage.owner().get("/api/labels/O1I").code()).isEqualTo("code.unreadable");
        assertThat(garage.owner().get("/api/labels/D6H").status()).isEqualTo(404);
        assertThat(garage.owner().post("/api/session", "{}").status()).isEqualTo(405);
    }
}
