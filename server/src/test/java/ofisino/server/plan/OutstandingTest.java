package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What works for now and is done properly later. */
@ExtendWith(TestApplication.class)
class OutstandingTest {
    /** Scenario 6: seven works wait for the end of the trip; on the day of the return they come up together. */
    @Test
    void whatIsOwedComesUpAfterTheTrip(TestGarage garage) {
        UUID project = garage.project();
        String today = TODAY;
        String later = LocalDate.parse(today).plusDays(20).toString();
        for (int i = 0; i < 7; i++)
            owe(
                            garage,
                            project,
                            "Work " + i,
                            "side-glass-left",
                            map("when", "EVENT", "event", "after the trip", "dueOn", later))
                    .ok();
        assertThat(outstandingItems(garage, project)
                        .valueStream()
                        .noneMatch(d -> d.path("due").asBoolean()))
                .isTrue();
        // the brakes and a fume seal are never owed
        assertThat(owe(garage, project, "Hose tied", "brake-pipes", map("when", "DATE", "dueOn", later))
                        .code())
                .isEqualTo("outstanding.never-temporary");
        Map<String, Object> fumes = map("when", "DATE", "dueOn", later);
        fumes.put("gas", true);
        assertThat(owe(garage, project, "Fume seal taped", "bulkhead", fumes).code())
                .isEqualTo("outstanding.never-temporary");
        assertThat(owe(garage, project, "Seal", "tailgate", map("when", "EVENT", "event", ""))
                        .code())
                .isEqualTo("outstanding.event");
        JsonNode first = outstandingItems(garage, project).get(0).path("row");
        garage.owner()
                .post("/api/outstanding/" + first.path("id").asString() + "/happened", map("version", 1))
                .ok();
        assertThat(outstandingItems(garage, project)
                        .valueStream()
                        .filter(d -> d.path("due").asBoolean()))
                .hasSize(7);
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/today")
                        .ok()
                        .path("outstandingDue")
                        .asInt())
                .isEqualTo(7);
        garage.owner()
                .post("/api/outstanding/" + first.path("id").asString() + "/settle", map("version", 2))
                .ok();
        assertThat(outstandingItems(garage, project)
                        .valueStream()
                        .filter(d -> d.path("due").asBoolean()))
                .hasSize(6);
    }

    /** Nothing goes on the road with a part of another car, until it is given back. */
    @Test
    void whatIsOnLoanStandsBeforeTheRoad(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> back = map("when", "DATE", "dueOn", TestGarage.DAY.plusDays(30));
        back.put("kind", "LOAN");
        owe(garage, project, "Caliper of the second car", "front-brakes", back).ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/road")
                        .ok()
                        .path("blockers")
                        .valueStream()
                        .filter(b -> b.path("rule").asString().equals("ON_LOAN"))
                        .map(b -> b.path("title").asString()))
                .containsExactly("Caliper of the second car");
        JsonNode loan = outstandingItems(garage, project).get(0).path("row");
        garage.owner()
                .post("/api/outstanding/" + loan.path("id").asString() + "/settle", map("version", 1))
                .ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/road")
                        .ok()
                        .path("blockers")
                        .valueStream())
                .noneMatch(b -> b.path("rule").asString().equals("ON_LOAN"));
    }

    /** Scenario 7: a starter borrowed from a second car is owed there, until either side says that it is back. */
    @Test
    void whatIsBorrowedFromAnotherCarIsOwedThere(TestGarage garage) {
        UUID borrower = garage.project();
        UUID lender = garage.project();
        Map<String, Object> loan =
                map("kind", "LOAN", "lenderId", lender, "when", "EVENT", "event", "the new one is here");
        assertThat(owe(garage, lender, "Starter motor", null, map("kind", "LENT", "when", "DATE", "dueOn", TODAY))
                        .code())
                .isEqualTo("outstanding.lent");
        assertThat(owe(garage, borrower, "Starter motor", null, map("lenderId", lender, "when", "DATE", "dueOn", TODAY))
                        .code())
                .as("a repair for the time being comes from no car")
                .isEqualTo("outstanding.lender");
        owe(garage, borrower, "Starter motor", null, loan).ok();
        assertThat(rules(garage, borrower)).contains("ON_LOAN").doesNotContain("LENT_OUT");
        assertThat(rules(garage, lender)).contains("LENT_OUT").doesNotContain("ON_LOAN");
        JsonNode owed = outstandingItems(garage, lender).get(0).path("row");
        garage.owner()
                .post(
                        "/api/outstanding/" + owed.path("id").asString() + "/settle",
                        map("version", owed.path("version").asLong()))
                .ok();
        assertThat(rules(garage, borrower)).doesNotContain("ON_LOAN");
        assertThat(rules(garage, lender)).doesNotContain("LENT_OUT");
    }

    private static List<String> rules(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/road")
                .ok()
                .path("blockers")
                .valueStream()
                .map(b -> b.path("rule").asString())
                .toList();
    }

    private static JsonNode outstandingItems(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/outstanding").ok();
    }

    private static Answer owe(TestGarage garage, UUID project, String what, String zone, Map<String, Object> trigger) {
        Map<String, Object> body = map("id", UUID.randomUUID(), "zone", zone, "what", what, "later", "Do it rightly");
        body.putAll(trigger);
        body.putIfAbsent("gas", false);
        return garage.owner().post("/api/projects/" + project + "/outstanding", body);
    }
}
