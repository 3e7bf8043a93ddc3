package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
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
    /** The plan opens the gearbox once for both; a person sets them apart, and makes them one again. */
    @Test
    void aJobBringsItsUsualAccessAndThePlanSharesIt(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        UUID seal = job(garage, project, "Renew the gearbox seal", "gearbox", "ASSEMBLE");
        JsonNode shared = access(garage, project);
        assertThat(gearboxOut(shared)).hasSize(1);
        assertThat(shared.path("proposals")).isEmpty();
        int jobs = shared.path("totals").path("jobMinutes").asInt();
        int once = shared.path("totals").path("stripDownMinutes").asInt();
        assertThat(shared.path("totals").path("savedMinutes").asInt()).isEqualTo(once);
        assertThat(shared.path("stripDowns")
                        .valueStream()
                        .mapToInt(o -> minutes(shared, o.path("access").asString()))
                        .sum())
                .as("each once")
                .isEqualTo(once);

        setApart(garage, project, stripDown(shared, "gearbox-out"), seal);
        JsonNode apart = access(garage, project);
        assertThat(gearboxOut(apart)).as("the plan leaves it so").hasSize(2);
        assertThat(apart.path("totals").path("jobMinutes").asInt()).isEqualTo(jobs);
        JsonNode proposal = apart.path("proposals")
                .valueStream()
                .filter(p -> p.path("access").asString().equals("gearbox-out"))
                .findFirst()
                .orElseThrow();
        merge(garage, project, proposal).ok();
        assertThat(gearboxOut(access(garage, project))).hasSize(1);
    }

    /** A way that nothing is left to do behind is opened no more, and is not proposed to be made one with another. */
    @Test
    void whatIsOverIsNotCombined(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        UUID seal = job(garage, project, "Renew the gearbox seal", "gearbox", "ASSEMBLE");
        setApart(garage, project, stripDown(access(garage, project), "gearbox-out"), seal);
        assertThat(access(garage, project).path("proposals")).isNotEmpty();
        garage.move(seal, "DROPPED");
        assertThat(access(garage, project).path("proposals")).isEmpty();
    }

    /** What the plan opens at once is opened at once: the second job may begin. */
    @Test
    void whatThePlanSharesIsOpenForAllOfIt(TestGarage garage) {
        UUID project = garage.project();
        UUID clutch = job(garage, project, "Renew a hose", "heater-hoses", "REPLACE");
        UUID other = job(garage, project, "Renew the radiator", "radiator", "REPLACE");
        JsonNode coolant = stripDown(access(garage, project), "coolant-drained");
        assertThat(coolant.path("jobs").valueStream().map(JsonNode::asString))
                .contains(clutch.toString(), other.toString());
        open(garage, project, coolant.path("stripDown").asString()).ok();
        garage.move(clutch, "BEGUN");
        JsonNode after = stripDown(access(garage, project), "coolant-drained");
        assertThat(after.path("openedOn").isMissingNode()).isFalse();
        assertThat(after.path("jobs")).hasSize(2);
    }

    @Test
    void nothingIsNotMadeOne(TestGarage garage) {
        UUID project = garage.project();
        UUID clutch = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        String merge = "/api/projects/" + project + "/access/merge";
        for (List<UUID> jobs : List.of(List.<UUID>of(), List.of(UUID.randomUUID())))
            assertThat(garage.owner()
                            .post(merge, map("access", "gearbox-out", "jobs", jobs))
                            .code())
                    .isEqualTo("strip-down.merge");
        assertThat(garage.owner()
                        .post(merge, map("access", "no-such", "jobs", List.of(clutch)))
                        .code())
                .isEqualTo("strip-down.merge");
    }

    private static List<JsonNode> gearboxOut(JsonNode access) {
        return access.path("stripDowns")
                .valueStream()
                .filter(o -> o.path("access").asString().equals("gearbox-out"))
                .toList();
    }

    private static void setApart(TestGarage garage, UUID project, JsonNode stripDown, UUID job) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/access/split",
                        map(
                                "access",
                                stripDown.path("access").asString(),
                                "stripDown",
                                stripDown.path("stripDown").asString(),
                                "jobs",
                                List.of(job),
                                "fresh",
                                UUID.randomUUID()))
                .ok();
    }

    @Test
    void stripDownCountsInThePlanAndClosesOnlyWhenItsJobsAreOver(TestGarage garage) {
        UUID project = garage.project();
        UUID job = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        String access = "/api/projects/" + project + "/access/";
        String stripDown = stripDown(access(garage, project), "gearbox-out")
                .path("stripDown")
                .asString();
        garage.open(project, stripDown).ok();
        JsonNode outer = stripDown(access(garage, project), "propshaft-off");
        assertThat(outer.path("openedOn").asString()).isEqualTo(TODAY);
        assertThat(close(garage, project, stripDown, 1).code()).isEqualTo("strip-down.job-open");
        garage.move(job, "BEGUN", "FINISHED", "VERIFIED");
        assertThat(close(garage, project, outer.path("stripDown").asString(), 1).code())
                .isEqualTo("strip-down.inner-open");
        close(garage, project, stripDown, 1).ok();
        assertThat(close(garage, project, stripDown, 1).code()).isEqualTo("strip-down.stale");
        assertThat(stripDown(access(garage, project), "gearbox-out")
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
        String stripDown = stripDown(access(garage, project), "gearbox-out")
                .path("stripDown")
                .asString();
        String ageing = "/api/projects/" + project + "/access/" + stripDown + "/ageing";
        garage.owner()
                .post(ageing, map("jobId", taken, "part", "release-bearing"))
                .ok();
        JsonNode now = stripDown(access(garage, project), "gearbox-out");
        assertThat(now.path("jobs").valueStream().map(JsonNode::asString)).contains(taken.toString());
        assertThat(garage.owner().get("/api/jobs/" + taken).text("cause")).isEqualTo("ACCESS_OPEN");
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
        for (String access : List.of("brake-circuit-open", "coolant-drained")) {
            String stripDown =
                    stripDown(access(garage, project), access).path("stripDown").asString();
            garage.open(project, stripDown).ok();
            Answer closed = garage.owner()
                    .post("/api/projects/" + project + "/access/" + stripDown + "/close-for-now", map("version", 1));
            if (access.startsWith("brake")) assertThat(closed.code()).isEqualTo("strip-down.never-temporary");
            else closed.ok();
        }
        // what is left has a strip-down of its own, and that is owed to the car
        JsonNode again = stripDown(access(garage, project), "coolant-drained");
        assertThat(again.path("openedOn").isMissingNode()).isTrue();
        JsonNode outstanding =
                garage.owner().get("/api/projects/" + project + "/outstanding").ok();
        assertThat(outstanding).hasSize(1);
        assertThat(outstanding.get(0).path("row").path("jobId").asString())
                .isEqualTo(again.path("jobs").get(0).asString());
        // let out a second time: two drains in all
        open(garage, project, again.path("stripDown").asString()).ok();
        assertThat(access(garage, project).path("drains").path("COOLANT").asInt())
                .isEqualTo(2);
    }

    /** An access comes to need another one after jobs share it: what would be torn is joined, and stays so. */
    @Test
    void whatAAccessNeedsMayChangeWhileJobsShareIt(TestGarage garage) {
        UUID project = garage.project();
        UUID clutch = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        UUID seal = job(garage, project, "Renew the gearbox seal", "gearbox", "ASSEMBLE");
        UUID seat = job(garage, project, "Mend the seat", "seat-left", "REPLACE");
        own(garage, project, "gearbox-out", List.of("gearbox-unbolted", "front-seats-out"), 150)
                .ok();
        JsonNode access = access(garage, project);
        assertThat(access.path("stripDowns")
                        .valueStream()
                        .filter(o -> o.path("access").asString().equals("front-seats-out")))
                .as("the plan shares them with the seat")
                .hasSize(1);
        assertThat(stripDown(access, "gearbox-out").path("around").valueStream().count())
                .isEqualTo(6); // battery, stands, propeller shaft, front pipe, gearbox unbolted, seats
        // a job of another piece joins through an access that needs what it has open elsewhere
        garage.owner()
                .put("/api/jobs/" + seat + "/access", map("accesses", List.of("front-seats-out", "gearbox-out")))
                .ok();
        assertThat(access(garage, project)
                        .path("stripDowns")
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
                .isEqualTo("access.itself");
        assertThat(own(mine, project, "my-floor-hatch", List.of("no-such"), 30).code())
                .isEqualTo("access.unknown");
        assertThat(own(mine, project, "my-floor-hatch", List.of(), -30).code()).isEqualTo("access.minutes");
        assertThat(mine.rows("own_access")).isZero();
        own(mine, project, "my-floor-hatch", List.of("carpets-out"), 30).ok();
        mine.owner()
                .put("/api/jobs/" + job + "/access", map("accesses", List.of("my-floor-hatch")))
                .ok();
        assertThat(access(mine, project)
                        .path("stripDowns")
                        .valueStream()
                        .map(o -> o.path("access").asString()))
                .containsExactlyInAnyOrder("front-seats-out", "carpets-out", "my-floor-hatch");
        // a circle through the library's own
        assertThat(own(mine, project, "front-seats-out", List.of("my-floor-hatch"), 20)
                        .code())
                .isEqualTo("access.circle");
        assertThat(other.owner().get("/api/projects/" + project + "/access").status())
                .isEqualTo(404);
        assertThat(mine.owner()
                        .put("/api/jobs/" + job + "/access", map("accesses", List.of("engine-out-rear")))
                        .code())
                .isEqualTo("access.unknown");
    }

    @Test
    void jobsOfWhichNobodySaidAnythingGetTheUsual(TestGarage garage) {
        UUID project = garage.project();
        UUID job = job(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        garage.owner()
                .put("/api/jobs/" + job + "/access", map("accesses", List.of()))
                .ok();
        assertThat(access(garage, project).path("stripDowns")).isEmpty();
        garage.owner().post("/api/projects/" + project + "/access/usual", "{}").ok();
        assertThat(stripDown(access(garage, project), "gearbox-out")
                        .path("direct")
                        .get(0)
                        .asString())
                .isEqualTo(job.toString());
    }

    static UUID job(TestGarage garage, UUID project, String title, String zone, String operation) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(id, "title", title, "zone", zone, "operation", operation))
                .ok();
        return id;
    }

    static JsonNode access(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/access").ok();
    }

    static JsonNode stripDown(JsonNode access, String id) {
        return access.path("stripDowns")
                .valueStream()
                .filter(o -> o.path("access").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static int minutes(JsonNode access, String id) {
        return access.path("accesses")
                .valueStream()
                .filter(w -> w.path("id").asString().equals(id))
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
                                "access",
                                proposal.path("access").asString(),
                                "stripDowns",
                                proposal.path("stripDowns")
                                        .valueStream()
                                        .map(JsonNode::asString)
                                        .toList()));
    }

    static Answer open(TestGarage garage, UUID project, String stripDown) {
        return garage.open(project, stripDown);
    }

    static Answer close(TestGarage garage, UUID project, String stripDown, long version) {
        return garage.owner()
                .post("/api/projects/" + project + "/access/" + stripDown + "/close", map("version", version));
    }

    private static JsonNode whileOpen(TestGarage garage, UUID project, String access) {
        String stripDown =
                stripDown(access(garage, project), access).path("stripDown").asString();
        return garage.owner()
                .get("/api/projects/" + project + "/access/" + stripDown + "/while-open")
                .ok();
    }

    private static JsonNode offer(JsonNode offers, String id) {
        Optional<JsonNode> found = offers.valueStream()
                .filter(o -> o.path("id").asString().equals(id))
                .findFirst();
        return found.orElseThrow();
    }

    private static JsonNode fluid(TestGarage garage, UUID project, String access) {
        LocalDate wednesday = LocalDate.of(2026, 3, 11);
        return garage.owner()
                .get("/api/projects/" + project + "/access/fluid?access=" + access + "&partOn=" + wednesday.plusDays(1)
                        + "&fixedOn=" + wednesday + "&nextOn=" + wednesday.plusDays(9))
                .ok();
    }

    private static Answer own(TestGarage garage, UUID project, String id, List<String> needs, int strip) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/access/own",
                        map(
                                "access",
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
