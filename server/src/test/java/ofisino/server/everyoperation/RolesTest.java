package ofisino.server.everyoperation;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import ofisino.server.everyoperation.Operations.Operation;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who may do what does not hang on how an address is written, and amounts are for owners. */
@ExtendWith(TestApplication.class)
class RolesTest {
    private static final List<String> FROM_MOST = List.of("OWNER", "HELPER", "VIEWER", "ANYBODY");

    @Test
    void everyOperationSaysWhoMayUseIt(TestGarage garage) {
        Operations operations = Operations.of(garage.owner());
        assertThat(operations.all())
                .hasSizeGreaterThan(180)
                .allSatisfy(o -> assertThat(FROM_MOST).as(o.toString()).contains(o.role()));
        assertThat(operations.all().stream().filter(o -> o.role().equals("ANYBODY")))
                .extracting(Operation::toString)
                .as("open without sign-in")
                .containsExactlyInAnyOrder(
                        "GET /api/review",
                        "GET /api/review/photos/{findingId}/{id}",
                        "GET /api/review/picture/{id}",
                        "GET /api/session",
                        "POST /api/first-account",
                        "POST /api/pairing/redemption",
                        "POST /api/review/remarks",
                        "POST /api/sign-in",
                        "POST /api/sign-out");
    }

    @Test
    void noSpellingOfAnAddressLeadsRoundARole(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "bonnet", "DENT");
        Operations operations = Operations.of(garage.owner());
        Map<String, Api> callers = Map.of(
                "HELPER", garage.join("HELPER"),
                "VIEWER", garage.join("VIEWER"),
                "ANYBODY", new Api(garage.running().port()));
        long before = garage.rows("history");
        int refused = 0;
        for (Operation operation : operations.all()) {
            // all spellings by the one who is refused and may do the most, the address itself by the others
            String most = FROM_MOST.stream()
                    .skip(FROM_MOST.indexOf(operation.role()) + 1L)
                    .filter(callers::containsKey)
                    .findFirst()
                    .orElse("");
            for (var caller : callers.entrySet()) {
                if (FROM_MOST.indexOf(caller.getKey()) <= FROM_MOST.indexOf(operation.role())) continue;
                String path = operation
                        .path()
                        .replace("{projectId}", project.toString())
                        .replace("{findingId}", finding.toString())
                        .replaceAll("\\{[^}]*}", UUID.randomUUID().toString());
                for (String spelling : caller.getKey().equals(most) ? spellings(path) : List.of(path)) {
                    Answer answer = send(caller.getValue(), operation.method(), spelling);
                    assertThat(answer.status())
                            .as("%s by %s as %s: %s", operation, caller.getKey(), spelling, answer.body())
                            .isIn(
                                    spelling.equals(path)
                                            ? List.of(caller.getKey().equals("ANYBODY") ? 401 : 403)
                                            : List.of(400, 401, 403, 404, 405, 415));
                    refused++;
                }
            }
        }
        assertThat(refused).isGreaterThan(2000);
        assertThat(garage.rows("history")).isEqualTo(before);
        assertThat(garage.running()
                        .sql()
                        .queryForObject(
                                "select count(*) from write_receipt r join member m using (garage_id, account_id) where r.garage_id = ? and m.role = 'VIEWER'",
                                Long.class,
                                garage.id()))
                .isZero();
    }

    @Test
    void whatIsWrittenByAnOtherSpellingIsWrittenLikeAllElse(TestGarage garage) {
        Api owner = garage.owner();
        String place = "{\"id\":\"%s\",\"name\":\"Shelf\",\"kind\":\"SHELF\"}";
        UUID write = UUID.randomUUID();
        String body = place.formatted(UUID.randomUUID());
        assertThat(owner.write("POST", "/%61pi/places", body, write).status()).isEqualTo(201);
        assertThat(owner.write("POST", "/api/places", body, write).status())
                .as("the same change, however its address is spelt")
                .isEqualTo(201);
        assertThat(garage.rows("place")).isEqualTo(1);
        assertThat(garage.changesWithoutAnAuthor()).isZero();

        UUID project = garage.project();
        UUID dent = garage.finding(project, "bonnet", "DENT");
        Answer refused = owner.write(
                "POST",
                "/%61pi/projects/" + project + "/decisions",
                map(
                        "decisions",
                        List.of(
                                map("findingId", dent, "decision", "REPAIR", "reason", "once", "version", 0),
                                map("findingId", dent, "decision", "REPAIR", "reason", "twice", "version", 0))),
                UUID.randomUUID());
        assertThat(refused.status()).as("%s", refused.body()).isEqualTo(409);
        assertThat(owner.get("/api/findings/" + dent).text("state"))
                .as("all or none")
                .isEqualTo("OPEN");
        assertThat(owner.send(owner.signed("/%61pi/places")
                                .header("Content-Type", "application/json")
                                .POST(BodyPublishers.ofString(body)))
                        .code())
                .isEqualTo("write.no-id");
    }

    private static Answer send(Api caller, String method, String path) {
        boolean file = path.endsWith("attachments") || path.endsWith("%61ttachments");
        return caller.send(caller.signed(path)
                .header("Content-Type", file ? "image/jpeg" : "application/json")
                .header("Write-Id", UUID.randomUUID().toString())
                .method(method, method.equals("GET") ? BodyPublishers.noBody() : BodyPublishers.ofString("{}")));
    }

    /** The address itself, and seven other ways to write it. */
    private static List<String> spellings(String path) {
        int last = path.lastIndexOf('/') + 1;
        String encoded = "%%%02x".formatted((int) path.charAt(last));
        return List.of(
                path,
                "/%61pi" + path.substring(4),
                path.substring(0, last) + encoded + path.substring(last + 1),
                "/api/%2e" + path.substring(4),
                "/api/." + path.substring(4),
                "//api" + path.substring(4),
                "/api;x=1" + path.substring(4),
                path + "/");
    }

    /** Amounts by other names than …Minor would not be left out of answers. Time, litres and millimetres are saved and spent too. */
    @Test
    void amountsInAnswersThatOthersMayReadAreKnownByTheirNames(TestGarage garage) {
        Operations operations = Operations.of(garage.owner());
        Set<String> seen = new TreeSet<>();
        Set<String> amounts = new TreeSet<>();
        for (Operation operation : operations.all())
            if (!operation.role().equals("OWNER"))
                operations
                        .api()
                        .at("/paths/" + operation.path().replace("/", "~1") + "/"
                                + operation.method().toLowerCase() + "/responses")
                        .forEach(r ->
                                r.path("content").forEach(c -> walk(operations, c.path("schema"), "", seen, amounts)));
        assertThat(seen).hasSizeGreaterThan(80);
        assertThat(amounts)
                .filteredOn(a -> !a.matches(".*(Minutes|Litres|Mm|JudgedResponse.margin)")
                        && !a.toLowerCase().endsWith("minor"))
                .isEmpty();
        assertThat(amounts).as("the test can see amounts").contains("Need.estimateMinor", "Project.budgetMinor");
    }

    private static void walk(
            Operations operations, JsonNode schema, String name, Set<String> seen, Set<String> amounts) {
        String pointer = schema.path("$ref").asString("");
        if (!pointer.isEmpty() && !seen.add(pointer)) return;
        JsonNode whole = operations.resolve(schema);
        String type = pointer.isEmpty() ? name : pointer.substring(pointer.lastIndexOf('/') + 1);
        if (whole.has("items")) walk(operations, whole.get("items"), type, seen, amounts);
        if (whole.path("additionalProperties").isObject())
            walk(operations, whole.get("additionalProperties"), type, seen, amounts);
        whole.path("properties").propertyStream().forEach(p -> {
            String kind = p.getValue().path("type").asString("");
            if ((kind.equals("integer") || kind.equals("number"))
                    && p.getKey()
                            .matches(
                                    "(?i).*(minor|price|cost|amount|money|paid|budget|spent|ceiling|fee|worth|saved|margin|bid).*"))
                amounts.add(type + "." + p.getKey());
            walk(operations, p.getValue(), type + "." + p.getKey(), seen, amounts);
        });
    }

    @Test
    void helpersAndViewersReadNoAmount(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the seal");
        garage.need(project, job, "Seal");
        garage.owner()
                .put(
                        "/api/jobs/" + job + "/fallback",
                        map("what", "Another engine", "leadDays", 7, "costMinor", 90_000))
                .ok();
        assertThat(amountsIn(garage.owner(), project))
                .as("the test can see amounts")
                .contains("estimateMinor", "budgetMinor");
        for (String role : List.of("HELPER", "VIEWER")) {
            Api other = garage.join(role);
            assertThat(amountsIn(other, project)).as(role).isEmpty();
            for (String path : List.of("money", "entries", "buying", "orders", "estimates"))
                assertThat(other.get("/api/projects/" + project + "/" + path).code())
                        .as(role + " " + path)
                        .isEqualTo("role.owner");
            assertThat(other.get("/api/jobs/" + job + "/fallback").body().has("costMinor"))
                    .isFalse();
        }
    }

    private static Set<String> amountsIn(Api caller, UUID project) {
        List<JsonNode> read = new ArrayList<>();
        for (Operation operation : Operations.of(caller).all()) {
            String path = operation
                    .path()
                    .replace("{projectId}", project.toString())
                    .replace("/api/projects/{id}", "/api/projects/" + project);
            if (operation.method().equals("GET") && !path.contains("{"))
                read.add(caller.get(path).body());
        }
        Set<String> amounts = new TreeSet<>();
        read.forEach(node -> collect(node, amounts));
        return amounts;
    }

    private static void collect(JsonNode node, Set<String> amounts) {
        node.propertyStream().forEach(p -> {
            if (p.getKey().toLowerCase().endsWith("minor")) amounts.add(p.getKey());
            collect(p.getValue(), amounts);
        });
        if (node.isArray()) node.forEach(item -> collect(item, amounts));
    }

    /** A plan needs the hours of all who work; they are no setting of the garage. */
    @Test
    void aHelperSaysTheirOwnHoursAndNobodyElses(TestGarage garage) {
        Api helper = garage.join("HELPER");
        var saturday = map("windows", List.of(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 720)));
        helper.put("/api/calendar", saturday).ok();
        assertThat(helper.get("/api/calendar").ok().get("windows")).hasSize(1);
        assertThat(garage.owner().get("/api/calendar").ok().get("windows")).isEmpty();
        assertThat(garage.join("VIEWER").put("/api/calendar", saturday).code()).isEqualTo("role.viewer");
    }

    @Test
    void aHelperWhoChangesAPartLeavesItsPriceAlone(TestGarage garage) {
        UUID project = garage.project();
        UUID need = garage.need(project, garage.job(project, "Fit"), "Seal");
        garage.join("HELPER")
                .put(
                        "/api/needs/" + need,
                        map(
                                "fields",
                                map("title", "Seal, rear", "quantity", 1, "estimateMinor", 0, "leadDays", 7),
                                "version",
                                0))
                .ok();
        assertThat(garage.owner().get("/api/needs/" + need).text("title")).isEqualTo("Seal, rear");
        assertThat(garage.owner().get("/api/needs/" + need).number("estimateMinor"))
                .isEqualTo(1000);
    }
}
