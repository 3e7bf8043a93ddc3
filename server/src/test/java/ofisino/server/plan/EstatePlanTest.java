package ofisino.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * The plan of an ordinary estate with 22 findings, each made into work as it was decided. Before the plan itself chose what shares a strip-down it went
 * on stands eleven times, its brake circuit was opened five times, its tank came off three times.
 */
@ExtendWith(TestApplication.class)
class EstatePlanTest {
    @Test
    void whatIsOpenedIsOpenedOnceForAllThatNeedIt(TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project();
        for (String finding : SharedWorkTest.FINDINGS) {
            String[] parts = finding.split(" ");
            UUID id = garage.finding(project, parts[0], parts[1]);
            garage.decide(id, "REPAIR");
            garage.chain(id);
        }
        Map<String, Long> opened = garage.owner()
                .get("/api/projects/" + project + "/plan")
                .ok()
                .path("activities")
                .valueStream()
                .filter(a -> a.path("subject").path("kind").asString().equals("STRIP"))
                .map(a -> a.path("subject").path("title").asString())
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        assertThat(opened.get("Raise it on stands")).isLessThanOrEqualTo(3);
        for (String once : new String[] {
            "Take the front seats out",
            "Drain the fuel",
            "Drain the coolant",
            "Open the brake circuit",
            "Take the fuel tank off",
            "Take the carpets out"
        }) assertThat(opened).containsEntry(once, 1L);
        assertThat(minutesOfAccess(garage, project))
                .isLessThanOrEqualTo(60 * minutesByPieceOfWork(garage, project) / 100);
    }

    /** Whoever worked on it had it open, whether he wrote that down or not: it is put together again, not taken apart. */
    @Test
    void whatWasWorkedInIsNotTakenApartAgain(TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project();
        UUID finding = garage.finding(project, "radiator", "LEAK");
        garage.decide(finding, "REPAIR");
        UUID first = garage.chain(finding).get(0);
        assertThat(accessInPlan(garage, project))
                .contains("STRIP Drain the coolant", "REFIT Close the cooling, still to be filled");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/work-sessions",
                        TestGarage.workSession(TestGarage.TODAY, first, 30))
                .ok();
        assertThat(accessInPlan(garage, project))
                .contains("REFIT Close the cooling, still to be filled")
                .doesNotContain("STRIP Drain the coolant");
    }

    /** The gearbox comes out past the exhaust: while that is renewed it is off anyway. */
    @Test
    void whatIsOffAnywayIsNotPutOnToBeTakenOffAgain(TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project();
        UUID gearbox = garage.finding(project, "gearbox", "LEAK");
        garage.decide(gearbox, "REPAIR");
        garage.chain(gearbox);
        assertThat(accessInPlan(garage, project))
                .contains("STRIP Take the front exhaust pipe off", "REFIT Put the front exhaust pipe back on");
        UUID silencer = garage.finding(project, "silencer", "RUST_THROUGH");
        garage.decide(silencer, "REPLACE");
        garage.chain(silencer);
        assertThat(accessInPlan(garage, project))
                .as("for a silencer it stays on")
                .contains("STRIP Take the front exhaust pipe off");
        UUID exhaust = garage.finding(project, "exhaust", "RUST_THROUGH");
        garage.decide(exhaust, "REPLACE");
        List<UUID> renewed = garage.chain(exhaust);
        assertThat(accessInPlan(garage, project))
                .contains("STRIP Take the gearbox out")
                .doesNotContain("STRIP Take the front exhaust pipe off", "REFIT Put the front exhaust pipe back on");
        garage.move(renewed.get(0), "BEGUN", "FINISHED");
        assertThat(accessInPlan(garage, project))
                .as("once the old one is off")
                .contains("STRIP Take the gearbox out")
                .doesNotContain("STRIP Take the front exhaust pipe off");
    }

    private static List<String> accessInPlan(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/plan")
                .ok()
                .path("activities")
                .valueStream()
                .map(a -> a.path("subject"))
                .map(a -> a.path("kind").asString() + " " + a.path("title").asString())
                .toList();
    }

    private static int minutesOfAccess(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("totals")
                .path("stripDownMinutes")
                .asInt();
    }

    /** As it was: each piece of work for itself. */
    private static int minutesByPieceOfWork(TestGarage garage, UUID project) {
        Map<String, Integer> minutes = garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("accesses")
                .valueStream()
                .collect(Collectors.toMap(a -> a.path("id").asString(), EstatePlanTest::minutes));
        return garage
                .running()
                .sql()
                .queryForList(
                        "select access from (select distinct strip_down, access from job_access where garage_id = ?) o",
                        String.class,
                        garage.id())
                .stream()
                .mapToInt(minutes::get)
                .sum();
    }

    private static int minutes(JsonNode access) {
        return access.path("stripMinutes").asInt() + access.path("refitMinutes").asInt();
    }
}
