package ofisino.server.identity;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who is in the garage, what they may do, and where they are signed in. */
@ExtendWith(TestApplication.class)
class MemberTest {
    private static UUID accountOf(Api api) {
        return UUID.fromString(
                api.get("/api/session").body().at("/me/accountId").asString());
    }

    @Test
    void whoIsRemovedIsOutAtOnceAndTheirRecordsStay(TestGarage garage) {
        Api helper = garage.join("HELPER");
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit");
        helper.post("/api/projects/" + project + "/work-sessions", TestGarage.workSession(TestGarage.TODAY, job, 60))
                .ok();
        UUID account = accountOf(helper);
        assertThat(helper.delete("/api/garage/members/" + account).code()).isEqualTo("role.owner");
        garage.owner().delete("/api/garage/members/" + account).ok();
        assertThat(helper.get("/api/projects").status()).isEqualTo(401);
        assertThat(helper.get("/api/session").body().has("me")).isFalse();
        Answer back = new Api(garage.running().port())
                .post("/api/sign-in", map("name", helper.signInName(), "password", TestGarage.PASSWORD));
        assertThat(back.code()).isEqualTo("garage.none");
        assertThat(garage.owner().get("/api/garage").body().get("members")).hasSize(1);
        assertThat(garage.rows("work_session")).isEqualTo(1);

        garage.owner()
                .post(
                        "/api/garage/members",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "name",
                                helper.signInName(),
                                "displayName",
                                "Tess again",
                                "password",
                                "four words are good",
                                "role",
                                "VIEWER"))
                .ok();
        Api again = new Api(garage.running().port()).signIn(helper.signInName(), "four words are good");
        assertThat(accountOf(again)).as("the same person").isEqualTo(account);
    }

    @Test
    void aRoleIsChangedAtOnceAndAGarageKeepsAnOwner(TestGarage garage) {
        Api helper = garage.join("HELPER");
        UUID account = accountOf(helper);
        String role = "/api/garage/members/" + account + "/role";
        assertThat(helper.put(role, map("role", "OWNER")).code()).isEqualTo("role.owner");
        garage.owner().put(role, map("role", "VIEWER")).ok();
        assertThat(helper.post("/api/places", map("id", UUID.randomUUID(), "name", "Shelf", "kind", "SHELF"))
                        .code())
                .isEqualTo("role.viewer");
        UUID own = accountOf(garage.owner());
        assertThat(garage.owner()
                        .put("/api/garage/members/" + own + "/role", map("role", "HELPER"))
                        .code())
                .isEqualTo("member.last-owner");
        assertThat(garage.owner().delete("/api/garage/members/" + own).code()).isEqualTo("member.last-owner");
        garage.owner().put(role, map("role", "OWNER")).ok();
        garage.owner()
                .put("/api/garage/members/" + own + "/role", map("role", "HELPER"))
                .ok();
        assertThat(garage.owner().put(role, map("role", "HELPER")).code()).isEqualTo("role.owner");
    }

    @Test
    void anOwnerSeesAndEndsSignInsAndPhonesOthersTheirOwn(TestGarage garage, TestGarage other) {
        Api helper = garage.join("HELPER");
        String url = garage.owner().post("/api/pairing", "").text("url");
        Api phone = new Api(garage.running().port());
        phone.post("/api/pairing/redemption", map("token", url.substring(url.indexOf('#') + 1)))
                .ok();
        JsonNode all = garage.owner().get("/api/garage/sign-ins").ok();
        assertThat(all)
                .extracting(s -> s.get("by").asString())
                .containsExactlyInAnyOrder("PASSWORD", "PASSWORD", "PHONE");
        assertThat(all).filteredOn(s -> s.get("mine").asBoolean()).hasSize(1);
        assertThat(all).allSatisfy(s -> assertThat(s.get("lastUsed").asString()).startsWith("20"));
        String phones = all.valueStream()
                .filter(s -> s.get("by").asString().equals("PHONE"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        assertThat(helper.get("/api/garage/sign-ins").ok()).hasSize(1);
        assertThat(helper.delete("/api/garage/sign-ins/" + phones).code()).isEqualTo("sign-in.unknown");
        assertThat(other.owner().delete("/api/garage/sign-ins/" + phones).code())
                .isEqualTo("sign-in.unknown");
        garage.owner().delete("/api/garage/sign-ins/" + phones).ok();
        assertThat(phone.get("/api/projects").status()).isEqualTo(401);
        assertThat(helper.get("/api/projects").status()).isEqualTo(200);
    }

    @Test
    void everybodyChangesTheirOwnPasswordAndAnOwnerGivesNewOnes(TestGarage garage) {
        Api viewer = garage.join("VIEWER");
        Api elsewhere = new Api(garage.running().port()).signIn(viewer.signInName(), TestGarage.PASSWORD);
        assertThat(viewer.put(
                                "/api/garage/own-password",
                                map("present", "wrong", "wanted", "five words are better still"))
                        .code())
                .isEqualTo("password.wrong");
        assertThat(viewer.put("/api/garage/own-password", map("present", TestGarage.PASSWORD, "wanted", "short"))
                        .code())
                .isEqualTo("password.short");
        viewer.put(
                        "/api/garage/own-password",
                        map("present", TestGarage.PASSWORD, "wanted", "five words are better still"))
                .ok();
        assertThat(elsewhere.get("/api/projects").status())
                .as("signed out elsewhere")
                .isEqualTo(401);
        assertThat(viewer.get("/api/projects").status()).isEqualTo(200);
        new Api(garage.running().port()).signIn(viewer.signInName(), "five words are better still");

        String path = "/api/garage/members/" + accountOf(viewer) + "/password";
        garage.owner().put(path, map("password", "given by the owner")).ok();
        assertThat(viewer.get("/api/projects").status()).isEqualTo(401);
        new Api(garage.running().port()).signIn(viewer.signInName(), "given by the owner");
        assertThat(garage.owner()
                        .put(
                                "/api/garage/members/" + accountOf(garage.owner()) + "/password",
                                map("password", "given by the owner"))
                        .code())
                .isEqualTo("password.own");
    }
}
