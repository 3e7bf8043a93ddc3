package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class AccessTest {
    @Test
    void aJobBringsItsUsualWaysInAndMergingSavesThemOnce(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        job(garage, project, "Renew the gearbox seal", "gearbox", "ASSEMBLE");
        JsonNode before = access(garage, project);
        JsonNode proposal = before.path("proposals").get(0);
        assertThat(proposal.path("wayIn").asString()).isEqualTo("gearbox-out");
        int jobs = before.path("totals").path("jobMinutes").asInt();
        int apart = before.path("totals").path("openingMinutes").asInt();
        assertThat(before.path("totals").path("savedMinutes").asInt()).isZero();
        merge(garage, project, proposal).ok();
        JsonNode after = access(garage, project);
        assertThat(after.path("totals").path("savedMinutes").asInt())
                .isEqualTo(proposal.path("savedMinutes").asInt())
                .isEqualTo(apart / 2);
        // hours in scope: jobs and openings, each once
        assertThat(after.path("totals").path("jobMinutes").asInt()).isEqualTo(jobs);
        assertThat(after.path("openings")
                        .valueStream()
                        .mapToInt(o -> minutes(after, o.path("wayIn").asString()))
                        .sum())
                .isEqualTo(after.path("totals").path("openingMinutes").asInt());
        assertThat(after.path("proposals")
                        .valueStream()
                        .noneMatch(p -> p.path("wayIn").asString().equals("gearbox-out")))
                .isTrue();
        // and apart again
        JsonNode opening = opening(after, "gearbox-out");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/access/split",
                        map(
                                "wayIn",
                                "gearbox-out",
                                "stay",
                                opening.path("stay").asString(),
                                "jobs",
                                List.of(opening.path("jobs").get(0).asString()),
                                "fresh",
                                UUID.randomUUID()))
                .ok();
        assertThat(access(garage, project)
                        .path("openings")
                        .valueStream()
                        .filter(o -> o.path("wayIn").asString().equals("gearbox-out")))
                .hasSize(2);
    }

    @Test
    void openingCountsInThePlanAndClosesOnlyWhenItsJobsAreOver(TestGarage garage) {
        UUID project = garage.project();
        UUID job = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        String access = "/api/projects/" + project + "/access/";
        String stay =
                opening(access(garage, project), "gearbox-out").path("stay").asString();
        garage.open(project, stay).ok();
        JsonNode outer = opening(access(garage, project), "propshaft-off");
        assertThat(outer.path("openedOn").asString()).isEqualTo(TODAY);
        assertThat(close(garage, project, stay, 1).code()).isEqualTo("opening.job-open");
        garage.move(job, "BEGUN", "FINISHED", "VERIFIED");
        assertThat(close(garage, project, outer.path("stay").asString(), 1).code())
                .isEqualTo("opening.inner-open");
        close(garage, project, stay, 1).ok();
        assertThat(close(garage, project, stay, 1).code()).isEqualTo("opening.stale");
        assertThat(opening(access(garage, project), "gearbox-out")
                        .path("closedOn")
                        .asString())
                .isEqualTo(TODAY);
    }

    @Test
    void whileItIsOpenCheapPartsPayAndMuchOftenWaits(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        job(garage, project, "Mend the seat", "seat-left", "REPLACE");
        JsonNode gearbox = whileOpen(garage, project, "gearbox-out");
        assertThat(offer(gearbox, "release-bearing").path("doNow").asBoolean()).isTrue();
        assertThat(offer(gearbox, "release-bearing").path("laterMinutes").asInt())
                .isGreaterThan(
                        offer(gearbox, "release-bearing").path("nowMinutes").asInt());
        UUID taken = UUID.randomUUID();
        String stay =
                opening(access(garage, project), "gearbox-out").path("stay").asString();
        String ageing = "/api/projects/" + project + "/access/" + stay + "/ageing";
        garage.owner()
                .post(ageing, map("jobId", taken, "part", "release-bearing"))
                .ok();
        JsonNode opening = opening(access(garage, project), "gearbox-out");
        assertThat(opening.path("jobs").valueStream().map(JsonNode::asString)).contains(taken.toString());
        assertThat(garage.owner().get("/api/jobs/" + taken).text("cause")).isEqualTo("WAY_IN_OPEN");
        assertThat(whileOpen(garage, project, "gearbox-out")
                        .valueStream()
                        .noneMatch(o -> o.path("id").asString().equals("release-bearing")))
                .isTrue();
        assertThat(garage.owner()
                        .post(ageing, map("jobId", UUID.randomUUID(), "part", "timing-belt"))
                        .code())
                .isEqualTo("ageing.unknown");
    }

    /** Scenario 7, through the door: brakes move the day, coolant may be closed with the old filling. */
    @Test
    void aFixedDayBetweenDrainingAndFilling(TestGarage garage) {
        UUID project = garage.project();
        assertThat(fluid(garage, project, "brake-circuit-open")
                        .valueStream()
                        .map(c -> c.path("kind").asString()))
                .containsExactly("MOVE_THE_DAY");
        JsonNode coolant = fluid(garage, project, "coolant-drained").get(0);
        assertThat(coolant.path("kind").asString()).isEqualTo("CLOSE_WITH_THE_OLD");
        assertThat(coolant.path("drains").asInt()).isEqualTo(2);
        assertThat(coolant.path("wastedLitres").asDouble()).isZero();
        assertThat(coolant.path("newLitres").asDouble()).isEqualTo(5.2);
    }

    @Test
    void brakesAreNeverClosedForTheTimeBeing(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, "Renew the pipes", "brake-pipes", "REPLACE");
        job(garage, project, "Renew a hose", "heater-hoses", "REPLACE");
        for (String way : List.of("brake-circuit-open", "coolant-drained")) {
            String stay = opening(access(garage, project), way).path("stay").asString();
            garage.open(project, stay).ok();
            Answer closed = garage.owner()
                    .post("/api/projects/" + project + "/access/" + stay + "/close-for-now", map("version", 1));
            if (way.startsWith("brake")) assertThat(closed.code()).isEqualTo("opening.never-temporary");
            else closed.ok();
        }
        // what is left has an opening of its own, and that is owed to the car
        JsonNode again = opening(access(garage, project), "coolant-drained");
        assertThat(again.path("openedOn").isMissingNode()).isTrue();
        JsonNode outstanding =
                garage.owner().get("/api/projects/" + project + "/outstanding").ok();
        assertThat(outstanding).hasSize(1);
        assertThat(outstanding.get(0).path("row").path("jobId").asString())
                .isEqualTo(again.path("jobs").get(0).asString());
        // let out a second time: two drains in all
        open(garage, project, again.path("stay").asString()).ok();
        assertThat(access(garage, project).path("drains").path("COOLANT").asInt())
                .isEqualTo(2);
    }

    @Test
    void whatIsClosedIsNotOpenedAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID job = job(garage, project, "Renew a hose", "heater-hoses", "REPLACE");
        String stay =
                opening(access(garage, project), "coolant-drained").path("stay").asString();
        open(garage, project, stay).ok();
        garage.move(job, "BEGUN", "FINISHED");
        close(garage, project, stay, 1).ok();
        assertThat(open(garage, project, stay).code()).isEqualTo("opening.closed");
    }

    /** A way in comes to need another one after jobs share it: what would be torn is joined, and stays so. */
    @Test
    void whatAWayInNeedsMayChangeWhileJobsShareIt(TestGarage garage) {
        UUID project = garage.project();
        UUID clutch = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        UUID seal = job(garage, project, "Renew the gearbox seal", "gearbox", "ASSEMBLE");
        UUID seat = job(garage, project, "Mend the seat", "seat-left", "REPLACE");
        merge(garage, project, access(garage, project).path("proposals").get(0)).ok();
        own(garage, project, "gearbox-out", List.of("gearbox-unbolted", "front-seats-out"), 150)
                .ok();
        JsonNode access = access(garage, project);
        assertThat(access.path("openings")
                        .valueStream()
                        .filter(o -> o.path("wayIn").asString().equals("front-seats-out")))
                .hasSize(2);
        assertThat(opening(access, "gearbox-out").path("around").valueStream().count())
                .isEqualTo(4); // stands, propeller shaft, gearbox unbolted, seats
        // a job of another piece joins through a way in that needs what it has open elsewhere
        garage.owner()
                .put("/api/jobs/" + seat + "/ways-in", map("ways", List.of("front-seats-out", "gearbox-out")))
                .ok();
        assertThat(access(garage, project)
                        .path("openings")
                        .valueStream()
                        .flatMap(o -> o.path("jobs").valueStream())
                        .map(JsonNode::asString))
                .contains(clutch.toString(), seal.toString(), seat.toString());
    }

    @Test
    void aPersonAddsTheirOwnAndNonsenseChangesNothing(TestGarage mine, TestGarage other) {
        UUID project = mine.project();
        UUID job = job(mine, project, "Renew the clutch", "gearbox", "REPLACE");
        assertThat(own(mine, project, "my-floor-hatch", List.of("my-floor-hatch"), 30)
                        .code())
                .isEqualTo("way-in.itself");
        assertThat(own(mine, project, "my-floor-hatch", List.of("no-such"), 30).code())
                .isEqualTo("way-in.unknown");
        assertThat(own(mine, project, "my-floor-hatch", List.of(), -30).code()).isEqualTo("way-in.minutes");
        assertThat(mine.rows("own_way_in")).isZero();
        own(mine, project, "my-floor-hatch", List.of("carpets-out"), 30).ok();
        mine.owner()
                .put("/api/jobs/" + job + "/ways-in", map("ways", List.of("my-floor-hatch")))
                .ok();
        assertThat(access(mine, project)
                        .path("openings")
                        .valueStream()
                        .map(o -> o.path("wayIn").asString()))
                .containsExactlyInAnyOrder("front-seats-out", "carpets-out", "my-floor-hatch");
        // a circle through the library's own
        assertThat(own(mine, project, "front-seats-out", List.of("my-floor-hatch"), 20)
                        .code())
                .isEqualTo("way-in.circle");
        assertThat(other.owner().get("/api/projects/" + project + "/access").status())
                .isEqualTo(404);
        assertThat(mine.owner()
                        .put("/api/jobs/" + job + "/ways-in", map("ways", List.of("engine-out-rear")))
                        .code())
                .isEqualTo("way-in.unknown");
    }

    @Test
    void jobsOfWhichNobodySaidAnythingGetTheUsual(TestGarage garage) {
        UUID project = garage.project();
        UUID job = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        garage.owner()
                .put("/api/jobs/" + job + "/ways-in", map("ways", List.of()))
                .ok();
        assertThat(access(garage, project).path("openings")).isEmpty();
        garage.owner().post("/api/projects/" + project + "/access/usual", "{}").ok();
        assertThat(opening(access(garage, project), "gearbox-out")
                        .path("direct")
                        .get(0)
                        .asString())
                .isEqualTo(job.toString());
    }

    private static UUID job(TestGarage garage, UUID project, String title, String zone, String operation) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        map("id", id, "fields", map("title", title, "zone", zone, "operation", operation)))
                .ok();
        return id;
    }

    private static JsonNode access(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/access").ok();
    }

    private static JsonNode opening(JsonNode access, String way) {
        return access.path("openings")
                .valueStream()
                .filter(o -> o.path("wayIn").asString().equals(way))
                .findFirst()
                .orElseThrow();
    }

    private static int minutes(JsonNode access, String way) {
        return access.path("ways")
                .valueStream()
                .filter(w -> w.path("id").asString().equals(way))
                .mapToInt(w ->
                        w.path("stripMinutes").asInt() + w.path("refitMinutes").asInt())
                .findFirst()
                .orElseThrow();
    }

    private static Answer merge(TestGarage garage, UUID project, JsonNode proposal) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/access/merge",
                        map(
                                "wayIn",
                                proposal.path("wayIn").asString(),
                                "stays",
                                proposal.path("stays")
                                        .valueStream()
                                        .map(JsonNode::asString)
                                        .toList()));
    }

    private static Answer open(TestGarage garage, UUID project, String stay) {
        return garage.open(project, stay);
    }

    private static Answer close(TestGarage garage, UUID project, String stay, long version) {
        return garage.owner().post("/api/projects/" + project + "/access/" + stay + "/close", map("version", version));
    }

    private static JsonNode whileOpen(TestGarage garage, UUID project, String way) {
        String stay = opening(access(garage, project), way).path("stay").asString();
        return garage.owner()
                .get("/api/projects/" + project + "/access/" + stay + "/while-open")
                .ok();
    }

    private static JsonNode offer(JsonNode offers, String id) {
        Optional<JsonNode> found = offers.valueStream()
                .filter(o -> o.path("id").asString().equals(id))
                .findFirst();
        return found.orElseThrow();
    }

    private static JsonNode fluid(TestGarage garage, UUID project, String way) {
        LocalDate wednesday = LocalDate.of(2026, 3, 11);
        return garage.owner()
                .get("/api/projects/" + project + "/access/fluid?wayIn=" + way + "&partOn=" + wednesday.plusDays(1)
                        + "&fixedOn=" + wednesday + "&nextOn=" + wednesday.plusDays(9))
                .ok();
    }

    private static Answer own(TestGarage garage, UUID project, String id, List<String> needs, int strip) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/access/ways",
                        map(
                                "wayIn",
                                id,
                                "name",
                                "Hatch in the floor",
                                "needs",
                                needs,
                                "stripMinutes",
                                strip,
                                "refitMinutes",
                                30,
                                "people",
                                1,
                                "rolls",
                                true,
                                "version",
                                0));
    }
}
