package ofisino.server.identity;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.receipt;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestApplication.Running;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApplication.class)
class SecurityTest {
    @Test
    void withoutSignInThereIsNothingButTheAccess(Running running) {
        Api stranger = new Api(running.port());
        for (String path : List.of(
                "/api/projects",
                "/api/garage",
                "/api/openapi",
                "/api/changes",
                "/api/attachments/" + UUID.randomUUID() + "/file")) {
            Answer answer = stranger.get(path);
            assertThat(answer.status()).as(path).isEqualTo(401);
            assertThat(answer.code()).isEqualTo("sign-in.needed");
        }
        assertThat(stranger.get("/api/session").body().has("me")).isFalse();
        assertThat(stranger.get("/p/anything").status()).isEqualTo(200); // the page itself, which then asks to sign in
        assertThat(stranger.get("/assets/missing.js").status()).isEqualTo(404);
    }

    @Test
    void pagesAllowNoForeignScriptAndTheCookieIsOutOfItsReach(TestGarage garage) {
        var headers = garage.owner().get("/").raw().headers();
        assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'", "script-src 'self'", "frame-ancestors 'none'", "object-src 'none'")
                .doesNotContain("unsafe-inline", "unsafe-eval");
        assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(headers.firstValue("Referrer-Policy")).contains("no-referrer");
        var signIn = new Api(garage.running().port()).post("/api/sign-in", map("name", "nobody", "password", "x"));
        assertThat(signIn.status()).isEqualTo(401);
        UUID account = garage.running()
                .sql()
                .queryForObject("select account_id from member where garage_id = ?", UUID.class, garage.id());
        var right = new Api(garage.running().port())
                .post("/api/sign-in", map("name", account.toString(), "password", "long enough"));
        assertThat(right.raw().headers().allValues("Set-Cookie"))
                .filteredOn(c -> c.startsWith("OFISINO="))
                .singleElement()
                .asString()
                .contains("HttpOnly", "SameSite=Lax");
    }

    @Test
    void aForgedRequestIsRefused(TestGarage garage) {
        Api owner = garage.owner();
        var forged = owner.request("/api/places")
                .header("Content-Type", "application/json")
                .header("Write-Id", UUID.randomUUID().toString())
                .POST(BodyPublishers.ofString("{}"));
        assertThat(owner.send(forged).status()).isEqualTo(403);
    }

    @Test
    void guessingIsSlowedDownButTheRightPasswordIsNotLockedOut(TestGarage garage) {
        Api own = garage.join("OWNER");
        String name = own.signInName();
        own.post("/api/sign-out", "").ok(); // from here on this device is known
        Api stranger = new Api(garage.running().port());
        List<Integer> answers = IntStream.range(0, 12)
                .mapToObj(i -> stranger.post("/api/sign-in", map("name", name, "password", "guess" + i))
                        .status())
                .toList();
        assertThat(answers.subList(0, 10)).containsOnly(401);
        assertThat(answers.subList(10, 12)).containsOnly(429);
        assertThat(stranger.post("/api/sign-in", map("name", name, "password", TestGarage.PASSWORD))
                        .status())
                .as("who guesses does not learn that he guessed right")
                .isEqualTo(429);
        assertThat(own.post("/api/sign-in", map("name", name.toUpperCase(), "password", TestGarage.PASSWORD))
                        .status())
                .as("on a device that is known, the right password is right")
                .isEqualTo(204);
        garage.running().bean(Tries.class).forgive("address 127.0.0.1");
    }

    @Test
    void manyNamesFromOneAddressAreSlowedDownTogether(Running running) {
        Api stranger = new Api(running.port());
        Tries tries = running.bean(Tries.class);
        tries.forgive("address 127.0.0.1");
        for (int i = 0; i < 39; i++) tries.use("address 127.0.0.1", 40);
        List<Integer> answers = IntStream.range(0, 4)
                .mapToObj(i -> stranger.post("/api/sign-in", map("name", UUID.randomUUID(), "password", "x"))
                        .status())
                .toList();
        tries.forgive("address 127.0.0.1");
        assertThat(answers).startsWith(401);
        assertThat(answers)
                .as("the fortieth was the last; a slow machine earns a try or two meanwhile")
                .contains(429);
    }

    @Test
    void onlyTheNamesOfThisMachineAreAnswered(Running running) throws Exception {
        assertThat(hostAnswer(running, "evil.example")).startsWith("HTTP/1.1 421");
        assertThat(hostAnswer(running, "evil.example:80")).startsWith("HTTP/1.1 421");
        for (String own : List.of("localhost:8470", "127.0.0.1", "192.168.1.7:8470", "[::1]:8470"))
            assertThat(hostAnswer(running, own)).as(own).startsWith("HTTP/1.1 200");
    }

    private static String hostAnswer(Running running, String host) throws java.io.IOException {
        try (var socket = new java.net.Socket("127.0.0.1", running.port())) {
            socket.getOutputStream()
                    .write("GET /api/session HTTP/1.1\r\nHost: %s\r\nConnection: close\r\n\r\n"
                            .formatted(host)
                            .getBytes());
            return new String(socket.getInputStream().readAllBytes());
        }
    }

    @Test
    void anAddressThatIsNoneIsAnsweredAsAProblem(TestGarage garage) {
        for (String path : List.of("/api%2Fplaces", "/api/places/%zz".replace("%zz", "%00"), "/error")) {
            Answer answer = garage.owner().get(path);
            assertThat(answer.status()).as(path).isBetween(400, 404);
            assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
                    .as(path)
                    .contains("application/problem+json");
        }
    }

    @Test
    void aBodyIsRefusedByItsSizeOnEveryPath(TestGarage garage) {
        Api stranger = new Api(garage.running().port());
        String tooLong = "{\"name\":\"" + "a".repeat(300_000) + "\"}";
        for (String path : List.of("/api/sign-in", "/api/first-account", "/api/pairing/redemption", "/api/places"))
            assertThat(stranger.write("POST", path, tooLong, UUID.randomUUID()).status())
                    .as(path)
                    .isEqualTo(413);
        assertThat(stranger.send(stranger.signed("/api/sign-in")
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(BodyPublishers.ofString("name=a")))
                        .status())
                .isEqualTo(415);
        var chunked = stranger.signed("/api/sign-in")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(tooLong.getBytes())));
        assertThat(stranger.send(chunked).status()).as("of unknown length").isEqualTo(413);
    }

    @Test
    void theTokenAgainstForgeryGoesNowhereElse(Running running) {
        var cookies =
                new Api(running.port()).get("/api/session").raw().headers().allValues("Set-Cookie");
        assertThat(cookies)
                .filteredOn(c -> c.startsWith("XSRF-TOKEN="))
                .allSatisfy(c -> assertThat(c).contains("SameSite=Lax"));
    }

    @Test
    void rolesAreKept(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit");
        Map<String, Object> finding =
                saying(UUID.randomUUID(), "zone", "bonnet", "kind", "DENT", "covered", false, "foundOn", TODAY);
        Api viewer = garage.join("VIEWER");
        assertThat(viewer.get("/api/projects/" + project + "/findings").status())
                .isEqualTo(200);
        assertThat(viewer.post("/api/projects/" + project + "/findings", finding)
                        .code())
                .isEqualTo("role.viewer");
        Api helper = garage.join("HELPER");
        helper.post("/api/projects/" + project + "/findings", finding).ok();
        helper.post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", 0))
                .ok();
        Map<String, Object> entry = receipt("FEE", "x", "EUR", 1, 1);
        assertThat(helper.post("/api/projects/" + project + "/entries", map("id", UUID.randomUUID(), "fields", entry))
                        .code())
                .isEqualTo("role.owner");
        assertThat(helper.put(
                                "/api/projects/" + project,
                                map("fields", TestGarage.projectFields("ACTIVE"), "version", 0))
                        .code())
                .isEqualTo("role.owner");
        assertThat(helper.post("/api/suppliers", map("id", UUID.randomUUID(), "name", "x", "currency", "EUR"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void anOwnerLetsSomebodyIn(TestGarage garage) {
        String name = "Tomas " + UUID.randomUUID();
        Map<String, Object> member = map(
                "id",
                UUID.randomUUID(),
                "name",
                name,
                "displayName",
                "Tomas",
                "password",
                "four words are good",
                "role",
                "HELPER");
        assertThat(garage.join("HELPER").post("/api/garage/members", member).status())
                .isEqualTo(403);
        assertThat(garage.owner()
                        .post(
                                "/api/garage/members",
                                map(
                                        "id",
                                        UUID.randomUUID(),
                                        "name",
                                        "x",
                                        "displayName",
                                        "x",
                                        "password",
                                        "short",
                                        "role",
                                        "HELPER"))
                        .code())
                .isEqualTo("password.short");
        garage.owner().post("/api/garage/members", member).ok();
        Api helper = new Api(garage.running().port()).signIn(name.toUpperCase(), "four words are good");
        assertThat(helper.get("/api/session").body().get("me").get("role").asString())
                .isEqualTo("HELPER");
        assertThat(garage.owner().post("/api/garage/members", member).code()).isEqualTo("account.taken");
    }

    @Test
    void nobodySeesIntoAnotherGarage(TestGarage mine, TestGarage other) {
        UUID project = other.project();
        UUID finding = other.finding(project, "bonnet", "DENT");
        UUID job = other.job(project, "Fit");
        UUID need = other.need(project, job, "Seal");
        for (String path : List.of(
                "/api/projects/" + project,
                "/api/projects/" + project + "/findings",
                "/api/projects/" + project + "/plan",
                "/api/projects/" + project + "/today",
                "/api/projects/" + project + "/money",
                "/api/findings/" + finding,
                "/api/jobs/" + job,
                "/api/needs/" + need))
            assertThat(mine.owner().get(path).status()).as(path).isEqualTo(404);
        assertThat(mine.owner()
                        .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", 0))
                        .status())
                .isEqualTo(404);
        // not even by pointing at it from an own row
        UUID own = mine.project();
        assertThat(mine.owner()
                        .post(
                                "/api/projects/" + own + "/needs",
                                saying(
                                        UUID.randomUUID(),
                                        "jobId",
                                        job,
                                        "title",
                                        "x",
                                        "quantity",
                                        1,
                                        "estimateMinor",
                                        0,
                                        "leadDays",
                                        1))
                        .code())
                .isEqualTo("job.unknown");
    }

    @Test
    void aPhoneIsPairedOnce(TestGarage garage) {
        Answer pairing = garage.owner().post("/api/pairing", "");
        String url = pairing.text("url");
        assertThat(url).startsWith("https://192.0.2.7:8470/pair#");
        assertThat(pairing.body().get("modules"))
                .hasSizeGreaterThan(28)
                .allSatisfy(row -> assertThat(row.asString()).matches("[01]+"));
        String token = url.substring(url.indexOf('#') + 1);
        Api phone = new Api(garage.running().port());
        assertThat(phone.post("/api/pairing/redemption", map("token", token)).status())
                .isEqualTo(204);
        assertThat(phone.get("/api/session").body().get("me").get("garageId").asString())
                .isEqualTo(garage.id().toString());
        assertThat(new Api(garage.running().port())
                        .post("/api/pairing/redemption", map("token", token))
                        .code())
                .isEqualTo("pairing.used");
        garage.running()
                .sql()
                .update(
                        "update pairing set used_at = null, expires_at = now() - interval '1 second' where garage_id = ?",
                        garage.id());
        assertThat(new Api(garage.running().port())
                        .post("/api/pairing/redemption", map("token", token))
                        .code())
                .isEqualTo("pairing.used");
    }

    @Test
    void signingOutEndsTheSession(TestGarage garage) {
        Answer out = garage.owner().post("/api/sign-out", "");
        assertThat(out.raw().headers().firstValue("Clear-Site-Data")).contains("\"cache\"");
        assertThat(garage.owner().get("/api/projects").status()).isEqualTo(401);
    }

    @Test
    void theFirstAccountNeedsItsCodeAndIsOnlyOnce(TestGarage garage) {
        Map<String, Object> body = map(
                "code",
                "D6H-D6H",
                "accountId",
                UUID.randomUUID(),
                "garageId",
                UUID.randomUUID(),
                "name",
                "eve",
                "displayName",
                "Eve",
                "password",
                "long enough",
                "garageName",
                "x",
                "baseCurrency",
                "EUR",
                "zone",
                "Europe/Vienna",
                "locale",
                "en-GB");
        Answer refused = new Api(garage.running().port()).post("/api/first-account", body);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.code()).isEqualTo("first-account.done");
    }
}
