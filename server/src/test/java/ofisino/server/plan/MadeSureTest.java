package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Nothing is opened, raised or worked under before somebody made sure of each condition. Common practice, no source. */
@ExtendWith(TestApplication.class)
class MadeSureTest {
    private static final String POINTS = "rear axle tube, both sides";

    private static JsonNode stripDown(TestGarage garage, UUID project, String access) {
        return garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("stripDowns")
                .valueStream()
                .filter(o -> o.path("access").asString().equals(access))
                .findFirst()
                .orElseThrow();
    }

    private static Answer open(
            TestGarage garage, UUID project, JsonNode stripDown, List<String> confirmed, String points) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/access/"
                                + stripDown.path("stripDown").asString() + "/open",
                        map("supportPoints", points, "confirmed", confirmed));
    }

    private static List<String> asks(JsonNode stripDown) {
        return stripDown.path("asks").valueStream().map(JsonNode::asString).toList();
    }

    private static UUID exhaust(TestGarage garage, UUID project) {
        return job(garage, project, "Renew the silencer", "silencer");
    }

    private static UUID job(TestGarage garage, UUID project, String title, String zone) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(id, "title", title, "zone", zone, "operation", "REPLACE"))
                .ok();
        return id;
    }

    private static Answer supported(TestGarage garage, UUID job, String points) {
        return garage.owner()
                .post(
                        "/api/jobs/" + job + "/interlocks",
                        map("id", UUID.randomUUID(), "interlock", "SUPPORTED", "supportPoints", points));
    }

    private static boolean isSupported(TestGarage garage, UUID job) {
        return garage.owner()
                .get("/api/jobs/" + job + "/permit")
                .ok()
                .path("begin")
                .valueStream()
                .noneMatch(o -> o.path("id").asString().equals("SUPPORTED"));
    }

    /** No way round the conditions of an access: who writes a job that takes it off and puts it back is asked the same. */
    @Test
    void whatAJobOpensItselfIsAskedToo(TestGarage garage) {
        UUID project = garage.project();
        UUID job = job(garage, project, "Gearbox back in", "gearbox");
        assertThat(stripDowns(garage, project)).doesNotContain("gearbox-out");
        assertThat(garage.owner()
                        .get("/api/jobs/" + job + "/permit")
                        .ok()
                        .path("begin")
                        .valueStream()
                        .map(o -> o.path("id").asString()))
                .contains("HOIST_RATED", "TWO_PEOPLE", "SUPPORTED");
    }

    private static List<String> stripDowns(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("stripDowns")
                .valueStream()
                .map(o -> o.path("access").asString())
                .toList();
    }

    @Test
    void aAccessIsOpenedWhenEachConditionIsConfirmed(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, "Renew the clutch", "gearbox");
        JsonNode gearbox = stripDown(garage, project, "gearbox-out");
        List<String> asks = asks(gearbox);
        assertThat(asks)
                .as("with all around it that is still closed")
                .contains("ISOLATED", "SUPPORTED", "HOIST_RATED", "TWO_PEOPLE");
        for (String one : asks) {
            List<String> others = new ArrayList<>(asks);
            others.remove(one);
            Answer refused = open(garage, project, gearbox, others, "");
            assertThat(refused.code()).as(one).isEqualTo("strip-down.unconfirmed");
        }
        assertThat(stripDown(garage, project, "on-stands").has("openedOn"))
                .as("nothing was opened half")
                .isFalse();
        JsonNode stands = stripDown(garage, project, "on-stands");
        assertThat(open(garage, project, stands, List.of("SUPPORTED"), "").code())
                .as("nobody has seen that it stands on steel springs")
                .isEqualTo("strip-down.unconfirmed");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/equipment",
                        map(
                                "facts",
                                List.of(map(
                                        "id", UUID.randomUUID(), "item", "springs", "value", "steel", "how", "SEEN"))))
                .ok();
        open(garage, project, stands, List.of("SUPPORTED"), "").ok();
        assertThat(asks(stripDown(garage, project, "on-stands"))).isEmpty();
        open(garage, project, gearbox, asks(stripDown(garage, project, "gearbox-out")), "")
                .ok();
    }

    @Test
    void nothingIsRaisedOnARottenSill(TestGarage garage) {
        UUID project = garage.project();
        UUID job = exhaust(garage, project);
        garage.finding(project, "sill-left", "RUST_THROUGH");
        JsonNode stands = stripDown(garage, project, "on-stands");
        Answer refused = open(garage, project, stands, asks(stands), "the jack");
        assertThat(refused.code()).isEqualTo("strip-down.support");
        assertThat(refused.body().path("detail").asString()).contains("Sill, left");
        assertThat(supported(garage, job, "").code())
                .as("no way round by the job")
                .isEqualTo("strip-down.support");
        supported(garage, job, POINTS).ok();
        assertThat(isSupported(garage, job)).isTrue();
        open(garage, project, stands, asks(stands), POINTS).ok();
        supported(garage, job, "").ok();
        assertThat(isSupported(garage, job)).as("it stands on named points").isTrue();
    }

    /** An access of one's own on which the vehicle does not roll counts as raising until it lies inside one that does. */
    @Test
    void aAccessOfOnesOwnAsksToo(TestGarage garage) {
        UUID project = garage.project();
        garage.finding(project, "sill-left", "RUST_THROUGH");
        UUID job = exhaust(garage, project);
        garage.owner()
                .put(
                        "/api/projects/" + project + "/access/own",
                        map(
                                "access",
                                "own-ramps",
                                "name",
                                "On the ramps",
                                "needs",
                                List.of(),
                                "stripMinutes",
                                15,
                                "refitMinutes",
                                15,
                                "people",
                                1,
                                "rolls",
                                false,
                                "version",
                                0))
                .ok();
        garage.owner()
                .put("/api/jobs/" + job + "/access", map("accesses", List.of("own-ramps")))
                .ok();
        JsonNode ramps = stripDown(garage, project, "own-ramps");
        assertThat(asks(ramps)).containsExactlyInAnyOrder("SUPPORTED", "CANNOT_DROP");
        assertThat(open(garage, project, ramps, asks(ramps), "").code()).isEqualTo("strip-down.support");
        open(garage, project, ramps, asks(ramps), POINTS).ok();
    }

    /** What was made sure of counts while the vehicle stands as it stood: not after a finding in what bears it, nor when a weight has come out. */
    @Test
    void supportsAreLookedAtAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID job = exhaust(garage, project);
        supported(garage, job, "").ok();
        assertThat(isSupported(garage, job)).isTrue();
        garage.finding(project, "sill-left", "RUST_THROUGH");
        assertThat(isSupported(garage, job)).isFalse();
        supported(garage, job, POINTS).ok();
        assertThat(isSupported(garage, job)).isTrue();
        job(garage, project, "Renew the clutch", "gearbox");
        garage.open(
                        project,
                        stripDown(garage, project, "gearbox-out")
                                .path("stripDown")
                                .asString())
                .ok();
        assertThat(isSupported(garage, job)).as("the gearbox came out").isFalse();
        supported(garage, job, "").ok();
        assertThat(isSupported(garage, job)).as("it stands on named points").isTrue();
    }
}
