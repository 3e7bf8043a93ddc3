package ofisino.server.testing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication.Running;
import tools.jackson.databind.JsonNode;

/** A garage of its own for one test, with an owner who is signed in, and the steps that many tests begin with. */
public record TestGarage(Running running, UUID id, Api owner) {
    public static final String PASSWORD = "long enough";
    /** Today in the garage, which is not everywhere today. */
    public static final LocalDate DAY = LocalDate.now(TestApplication.CLOCK.withZone(ZoneId.of("Europe/Vienna")));

    public static final String TODAY = DAY.toString();

    static TestGarage fresh(Running running) {
        UUID id = UUID.randomUUID();
        running.sql()
                .update(
                        "insert into garage (id, name, base_currency, zone, locale) values (?, 'test', 'EUR', 'Europe/Vienna', 'en-GB')",
                        id);
        return new TestGarage(running, id, signedIn(running, id, "OWNER"));
    }

    public Api join(String role) {
        return signedIn(running, id, role);
    }

    private static Api signedIn(Running running, UUID garage, String role) {
        UUID account = UUID.randomUUID();
        running.sql()
                .update(
                        "insert into account (id, sign_in_name, display_name, password_hash) values (?, ?, 'Tess', ?)",
                        account,
                        account.toString(),
                        "{noop}" + PASSWORD);
        running.sql()
                .update("insert into member (garage_id, account_id, role) values (?, ?, ?)", garage, account, role);
        return new Api(running.port()).signIn(account.toString(), PASSWORD);
    }

    /** What is sent to add a thing: its id, and what is said of it. */
    public static Map<String, Object> saying(Object id, Object... fields) {
        return map("id", id, "fields", map(fields));
    }

    public static Map<String, Object> effort(int optimistic, int likely, int pessimistic) {
        return map("optimisticMinutes", optimistic, "likelyMinutes", likely, "pessimisticMinutes", pessimistic);
    }

    /** What is said of a receipt of today. */
    public static Map<String, Object> receipt(
            String kind, String what, String currency, long minor, Object rate, Object... more) {
        Map<String, Object> said = map("kind", kind, "paidOn", TODAY, "description", what, "currency", currency);
        said.putAll(map("amountMinor", minor, "rate", rate, "rateOn", TODAY));
        said.putAll(map(more));
        return said;
    }

    public static Map<String, Object> map(Object... keysAndValues) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) map.put(keysAndValues[i].toString(), keysAndValues[i + 1]);
        return map;
    }

    public static Map<String, Object> projectFields(String state) {
        return map(
                "vehicleName",
                "Halvern Pipit 1200",
                "builtYear",
                1969,
                "layout",
                "FRONT_ENGINE_REAR_DRIVE",
                "driverSide",
                "LEFT",
                "identity",
                "HP12-E-04417",
                "aim",
                "DRIVER",
                "state",
                state,
                "budgetMinor",
                950_000,
                "monthlyMinor",
                45_000,
                "targetOn",
                DAY.plusDays(200).toString());
    }

    public UUID project() {
        return project("ESTATE");
    }

    public UUID project(String body) {
        Map<String, Object> fields = projectFields("ACTIVE");
        if (body.equals("MOTORCYCLE")) fields.put("layout", "MOTORCYCLE");
        return project(body, fields, List.of());
    }

    /** @param equipment what is known of it from the start */
    public UUID project(String body, Map<String, Object> fields, List<Map<String, Object>> equipment) {
        UUID project = UUID.randomUUID();
        owner.post(
                        "/api/projects",
                        map(
                                "id",
                                project,
                                "vehicleId",
                                UUID.randomUUID(),
                                "bodyStyle",
                                body,
                                "begunOn",
                                TODAY,
                                "fields",
                                fields,
                                "equipment",
                                equipment))
                .ok();
        return project;
    }

    public UUID finding(UUID project, String zone, String kind) {
        UUID id = UUID.randomUUID();
        owner.post(
                        "/api/projects/" + project + "/findings",
                        map("id", id, "fields", map("zone", zone, "kind", kind, "covered", false, "foundOn", TODAY)))
                .ok();
        return id;
    }

    /** Of a thing that somebody named. */
    public UUID finding(UUID project, String zone, String component, String kind) {
        UUID id = UUID.randomUUID();
        owner.post("/api/projects/" + project + "/findings", map("id", id, "fields", named(zone, component, kind)))
                .ok();
        return id;
    }

    /** What a person says of a finding about a thing. */
    public static Map<String, Object> named(String zone, String component, String kind) {
        return map("zone", zone, "component", component, "kind", kind, "covered", false, "foundOn", TODAY);
    }

    public void decide(UUID finding, String decision) {
        owner.post(
                        "/api/findings/" + finding + "/decision",
                        map("decision", decision, "reason", "because", "version", version("findings", finding)))
                .ok();
    }

    public List<UUID> chain(UUID finding) {
        JsonNode jobs = owner.post("/api/findings/" + finding + "/chain", map("chainId", UUID.randomUUID()))
                .ok();
        return jobs.valueStream().map(j -> UUID.fromString(j.asString())).toList();
    }

    public UUID job(UUID project, String title, UUID... after) {
        UUID id = UUID.randomUUID();
        owner.post(
                        "/api/projects/" + project + "/jobs",
                        map("id", id, "fields", map("title", title, "after", List.of(after))))
                .ok();
        return id;
    }

    /** A job as it is said. */
    public UUID job(UUID project, Map<String, Object> fields) {
        UUID id = UUID.randomUUID();
        owner.post("/api/projects/" + project + "/jobs", map("id", id, "fields", fields))
                .ok();
        return id;
    }

    /** A check answered with what was taken apart for it. */
    public static Map<String, Object> answer(String check, String place, String seen) {
        var answer = map("id", UUID.randomUUID(), "checkId", check, "place", place, "seen", seen);
        answer.putAll(map("howSeen", "OPENED", "covered", false, "another", false));
        return map("answers", List.of(answer));
    }

    /** An order of today that comes today. */
    public static Map<String, Object> order(
            UUID id, UUID supplier, String currency, Number rate, long post, List<?> lines) {
        var order = map("id", id, "supplierId", supplier, "currency", currency, "rate", rate, "rateOn", TODAY);
        order.putAll(map("postMinor", post, "orderedOn", TODAY, "expectedOn", TODAY, "lines", lines));
        return order;
    }

    /** The garage with what an hour at a workshop costs. */
    public static Map<String, Object> withHour(long minor, long version) {
        var garage = map("name", "test", "zone", "Europe/Vienna", "locale", "en-GB");
        garage.putAll(map("workshopHourMinor", minor, "version", version));
        return garage;
    }

    /** Time in the garage on those days, all of it for work. */
    public void free(Map<?, ?>... windows) {
        free(0, List.of(windows));
    }

    private void free(int setUpMinutes, List<?> windows) {
        owner.put("/api/calendar", map("windows", windows, "setUpMinutes", setUpMinutes))
                .ok();
    }

    public long changesWithoutAnAuthor() {
        return running.sql()
                .queryForObject(
                        "select count(*) from history where garage_id = ? and (account_id is null or write_id is null)",
                        Long.class,
                        id);
    }

    public UUID need(UUID project, UUID job, String title) {
        UUID id = UUID.randomUUID();
        owner.post(
                        "/api/projects/" + project + "/needs",
                        map(
                                "id",
                                id,
                                "fields",
                                map("jobId", job, "title", title, "quantity", 1, "estimateMinor", 1000, "leadDays", 7)))
                .ok();
        return id;
    }

    public UUID supplier(String currency) {
        UUID id = UUID.randomUUID();
        owner.post("/api/suppliers", map("id", id, "name", "Alder & Finch", "currency", currency))
                .ok();
        return id;
    }

    public UUID place() {
        UUID id = UUID.randomUUID();
        owner.post("/api/places", map("id", id, "name", "Long bench", "kind", "BENCH"))
                .ok();
        return id;
    }

    /** Makes sure of all that has to be so before the first step. */
    public void confirmInterlocks(UUID job) {
        String path = "/api/jobs/" + job + "/interlocks";
        for (JsonNode asked : owner.get(path).ok())
            owner.post(
                            path,
                            map(
                                    "id",
                                    UUID.randomUUID(),
                                    "interlock",
                                    asked.path("interlock").asString(),
                                    "supportPoints",
                                    "rear axle tube, both sides"))
                    .ok();
    }

    /** Clears whatever can be cleared before a job begins: parts, strip-downs, conditions. */
    public void clear(UUID job) {
        for (JsonNode o : owner.get("/api/jobs/" + job + "/permit").ok().path("begin")) {
            String id = o.path("id").asString();
            switch (o.path("kind").asString()) {
                case "PART" -> accept(UUID.fromString(id));
                case "STRIP_DOWN" -> open(projectOf(job), id).ok();
                default -> {}
            }
        }
        confirmInterlocks(job);
    }

    /** Makes sure of all that it asks for, then opens it. */
    public Answer open(Object project, String id) {
        String access = "/api/projects/" + project + "/access";
        JsonNode stripDown = owner.get(access)
                .ok()
                .path("stripDowns")
                .valueStream()
                .filter(o -> o.path("stripDown").asString().equals(id))
                .findFirst()
                .orElseThrow();
        List<String> asks =
                stripDown.path("asks").valueStream().map(JsonNode::asString).toList();
        return owner.post(
                access + "/" + id + "/open", map("supportPoints", "rear axle tube, both sides", "confirmed", asks));
    }

    private String projectOf(UUID job) {
        return owner.get("/api/jobs/" + job).text("projectId");
    }

    /** Three mornings a week, all of them for work. */
    public void workSessions() {
        workSessions(0);
    }

    /** Three mornings a week. */
    public void workSessions(int setUpMinutes) {
        free(
                setUpMinutes,
                List.of("TUESDAY", "THURSDAY", "SATURDAY").stream()
                        .map(day -> map("day", day, "fromMinute", 540, "toMinute", 780))
                        .toList());
    }

    /** What is sent to log so many minutes on a job that day. */
    public static Map<String, Object> workSession(String day, UUID job, int minutes) {
        return workSession(day, job, minutes, "");
    }

    public static Map<String, Object> workSession(String day, UUID job, int minutes, String noteToSelf) {
        return map(
                "id",
                UUID.randomUUID(),
                "fields",
                map(
                        "workedOn",
                        day,
                        "done",
                        "",
                        "learned",
                        "",
                        "noteToSelf",
                        noteToSelf,
                        "work",
                        List.of(map("jobId", job, "minutes", minutes))));
    }

    public UUID log(UUID project, UUID job, int minutes) {
        return UUID.fromString(
                owner.post("/api/projects/" + project + "/work-sessions", workSession(TODAY, job, minutes))
                        .text("id"));
    }

    /** It was in the garage all along. */
    public void accept(UUID need) {
        owner.post(
                        "/api/needs/" + need + "/acceptance",
                        map("right", true, "placeId", place(), "version", version("needs", need)))
                .ok();
    }

    /** Moves it on; what must not be verified by who finished it is verified by another person. */
    public void move(UUID job, String... states) {
        clear(job);
        for (String state : states) {
            if (state.equals("VERIFIED")) tighten(job);
            (state.equals("VERIFIED") ? join("HELPER") : owner)
                    .post("/api/jobs/" + job + "/state", map("state", state, "version", version("jobs", job)))
                    .ok();
        }
    }

    private void tighten(UUID job) {
        owner.put(
                        "/api/projects/" + projectOf(job) + "/fasteners",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "jobId",
                                job,
                                "title",
                                "Its bolts",
                                "system",
                                "BRAKES",
                                "tightness",
                                "FIGURE",
                                "newtonMetres",
                                50,
                                "source",
                                "Manual, page 7",
                                "version",
                                0))
                .ok();
    }

    /** {@code things}: findings, jobs, needs, entries, projects. */
    public long version(String things, UUID id) {
        return owner.get("/api/" + things + "/" + id).ok().path("version").asLong();
    }

    public long rows(String table) {
        return running.sql().queryForObject("select count(*) from " + table + " where garage_id = ?", Long.class, id);
    }
}
