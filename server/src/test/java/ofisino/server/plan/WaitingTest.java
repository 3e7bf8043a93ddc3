package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Waiting.WaitsBecause;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What waits for something without a date has none in the plan, is named with why, and no milestone is said to be sure over it. */
@ExtendWith(TestApplication.class)
class WaitingTest {
    private static JsonNode plan(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/plan").ok();
    }

    private static Optional<JsonNode> waiting(JsonNode plan, UUID job) {
        return plan.path("waiting")
                .valueStream()
                .filter(w -> w.at("/subject/id").asString().equals(job.toString()))
                .findFirst();
    }

    private static Optional<LocalDate> starts(JsonNode plan, UUID job) {
        return plan.path("activities")
                .valueStream()
                .filter(a -> a.at("/subject/id").asString().equals(job.toString()))
                .findFirst()
                .map(a -> Instant.parse(a.path("start").asString())
                        .atZone(ZoneId.of("Europe/Vienna"))
                        .toLocalDate());
    }

    private static Answer hold(TestGarage garage, UUID need, Map<String, Object> fields) {
        return garage.owner().post("/api/needs/" + need + "/hold", fields);
    }

    @Test
    void aHeldPartLeavesItsJobOutAndAPromisedAnswerPlansIt(TestGarage garage) {
        UUID project = garage.project();
        garage.workSessions();
        UUID sand = garage.job(project, "Sand the wing");
        UUID seat = garage.job(project, "New seat cover");
        UUID belt = garage.job(project, "Fit the belt", seat);
        UUID cover = garage.need(project, seat, "Seat cover");
        assertThat(plan(garage, project).path("waiting")).isEmpty();
        hold(garage, cover, map("reason", "which pattern?", "version", 0)).ok();
        JsonNode without = plan(garage, project);
        assertThat(starts(without, sand)).isPresent();
        assertThat(starts(without, seat)).isEmpty();
        assertThat(starts(without, belt)).isEmpty();
        assertThat(without.path("unplaced")).as("the rest has its dates").isEmpty();
        JsonNode why = waiting(without, seat).orElseThrow();
        assertThat(why.path("why").asString()).isEqualTo("ANSWER");
        assertThat(why.at("/because/title").asString()).isEqualTo("Seat cover");
        assertThat(waiting(without, belt).orElseThrow().path("why").asString()).isEqualTo("AFTER");
        garage.owner()
                .post("/api/needs/" + cover + "/release", map("version", 1))
                .ok();
        LocalDate answer = DAY.plusDays(40);
        hold(garage, cover, map("reason", "which pattern?", "answerBy", answer, "version", 2))
                .ok();
        JsonNode promised = plan(garage, project);
        assertThat(starts(promised, seat).orElseThrow())
                .as("the answer, then seven days of delivery")
                .isAfterOrEqualTo(answer.plusDays(7));
        assertThat(waiting(promised, seat).orElseThrow().path("answerBy").asString())
                .isEqualTo(answer.toString());
        garage.running()
                .sql()
                .update(
                        "update need set answer_by = current_date - 9 where garage_id = ? and id = ?",
                        garage.id(),
                        cover);
        assertThat(starts(plan(garage, project), seat))
                .as("the promised day has passed: nobody knows")
                .isEmpty();
        garage.owner()
                .post("/api/needs/" + cover + "/release", map("version", 3))
                .ok();
        JsonNode free = plan(garage, project);
        assertThat(free.path("waiting")).isEmpty();
        assertThat(starts(free, seat)).isPresent();
    }

    /** What waits for an answer makes the days beyond it hopes, and so does what nobody made work of or looked at; others stay as sure as they were. */
    @Test
    void aDayBeyondADoubtIsTheEarliestPossible() {
        var seat = new Subject(Subject.Kind.JOB, UUID.randomUUID(), "New seat cover");
        var waits = new Plans.Waiting(seat, Aim.DRIVER, WaitsBecause.ANSWER, null, DAY.plusDays(40), false);
        var doubts = new Plans.Doubts(List.of(waits), Set.of(Aim.RUNNER));
        assertThat(Arrays.stream(Aim.values()).filter(doubts::about)).containsExactly(Aim.RUNNER, Aim.DRIVER, Aim.SHOW);
    }

    /** The plan and the front page speak of one date: both say that it is the earliest, for nobody has walked round the car. */
    @Test
    void thePlanAndTheFrontPageDoubtTheSameDay(TestGarage garage) {
        UUID project = garage.project();
        garage.workSessions();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(UUID.randomUUID(), "title", "Fit the hose", "aim", "ROAD_READY"))
                .ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/today")
                        .ok()
                        .at("/road/notBefore")
                        .asBoolean())
                .isTrue();
        assertThat(plan(garage, project)
                        .path("milestones")
                        .valueStream()
                        .map(m -> m.path("aim").asString() + " "
                                + m.path("notBefore").asBoolean()))
                .contains("ROAD_READY true")
                .noneMatch(m -> m.endsWith("false"));
    }

    @Test
    void aDayInThePastIsNoPromise(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "New seat cover"), "Seat cover");
        for (LocalDate wrong : List.of(DAY.minusDays(1), DAY.plusYears(3)))
            assertThat(hold(garage, need, map("reason", "?", "answerBy", wrong, "version", 0))
                            .code())
                    .isEqualTo("need.answer-by");
        assertThat(garage.owner().get("/api/needs/" + need).text("state")).isEqualTo("NEEDED");
    }

    /** A leak in the brakes that nobody plans to mend: the drive has no date, not even a late one; planned, it comes after the repair, on a day that is hoped for. */
    @Test
    void noDriveHasADateWhileNobodyPlansTheRepair(TestGarage garage) {
        UUID project = garage.project();
        garage.workSessions();
        UUID leak = garage.finding(project, "brake-pipes", "LEAK");
        UUID drive = garage.job(project, "First drive round the yard");
        UUID polish = garage.job(project, "Polish");
        JsonNode plan = plan(garage, project);
        assertThat(starts(plan, drive)).isEmpty();
        assertThat(waiting(plan, drive).orElseThrow().path("why").asString()).isEqualTo("GATE_SHUT");
        assertThat(starts(plan, polish)).isPresent();
        garage.decide(leak, "REPLACE");
        List<UUID> repair = garage.chain(leak);
        JsonNode repaired = plan(garage, project);
        JsonNode hoped = waiting(repaired, drive).orElseThrow();
        assertThat(hoped.path("why").asString())
                .as("nobody has walked round the car yet: its day is the earliest possible")
                .isEqualTo("UNSEEN");
        assertThat(hoped.path("leftOut").asBoolean()).isFalse();
        LocalDate last = repair.stream()
                .map(job -> starts(repaired, job).orElseThrow())
                .max(LocalDate::compareTo)
                .orElseThrow();
        assertThat(starts(repaired, drive).orElseThrow()).isAfterOrEqualTo(last);
    }
}
