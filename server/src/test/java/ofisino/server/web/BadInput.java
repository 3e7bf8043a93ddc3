package ofisino.server.web;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.receipt;
import static ofisino.server.testing.TestGarage.saying;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.TestGarage;

/** What nobody should send, and how it is refused. */
final class BadInput {
    /** @param field that the answer names; empty where it names none */
    record Case(String what, String path, Object body, int status, String code, String field) {}

    private final UUID id = UUID.randomUUID();
    private final UUID project;
    private final UUID job;
    private final UUID need;
    private final UUID supplier;
    private final String findings;
    private final String jobs;
    private final String orders;
    private final String workSessions;

    BadInput(TestGarage garage) {
        project = garage.project();
        job = garage.job(project, "Fit");
        need = garage.need(project, job, "Seal");
        supplier = garage.supplier("EUR");
        findings = "/api/projects/" + project + "/findings";
        jobs = "/api/projects/" + project + "/jobs";
        orders = "/api/projects/" + project + "/orders";
        workSessions = "/api/projects/" + project + "/work-sessions";
    }

    Stream<Case> cases() {
        return Stream.of(
                        ofRequestsAndFindings(),
                        ofJobs(),
                        new BadMoney(project, need, supplier).cases(),
                        ofWhatIsSaid(),
                        ofTheRest())
                .flatMap(List::stream);
    }

    /** What cannot be read, and what no finding is. */
    private List<Case> ofRequestsAndFindings() {
        return List.of(
                new Case("no JSON", findings, "{", 400, "request.unreadable", ""),
                new Case("nothing", findings, "{}", 400, "request.unreadable", ""),
                new Case(
                        "unknown field",
                        findings,
                        map("id", id, "fields", finding("bonnet", "DENT"), "surprise", 1),
                        400,
                        "request.unreadable",
                        "surprise"),
                new Case(
                        "unknown kind",
                        findings,
                        map("id", id, "fields", finding("bonnet", "WOBBLY")),
                        400,
                        "request.unreadable",
                        "fields.kind"),
                new Case("no id", findings, map("fields", finding("bonnet", "DENT")), 400, "request.unreadable", ""),
                new Case(
                        "id is no UUID",
                        findings,
                        map("id", "7", "fields", finding("bonnet", "DENT")),
                        400,
                        "request.unreadable",
                        "id"),
                new Case(
                        "NaN",
                        findings,
                        "{\"id\":\"" + id
                                + "\",\"fields\":{\"zone\":\"bonnet\",\"kind\":\"DENT\",\"severity\":NaN,\"covered\":false,\"foundOn\":\""
                                + TODAY + "\"}}",
                        400,
                        "request.unreadable",
                        ""),
                new Case(
                        "a fraction for a whole",
                        findings,
                        map("id", id, "fields", with(finding("bonnet", "DENT"), "severity", 1.5)),
                        400,
                        "request.unreadable",
                        "fields.severity"),
                new Case(
                        "severity 5",
                        findings,
                        map("id", id, "fields", with(finding("bonnet", "DENT"), "severity", 5)),
                        422,
                        "severity.range",
                        "severity"),
                new Case(
                        "unknown zone",
                        findings,
                        map("id", id, "fields", finding("wing-mirror", "DENT")),
                        422,
                        "zone.unknown",
                        "zone"),
                new Case(
                        "no such date",
                        findings,
                        map("id", id, "fields", with(finding("bonnet", "DENT"), "foundOn", "2026-02-30")),
                        400,
                        "request.unreadable",
                        "fields.foundOn"),
                new Case(
                        "note too long",
                        findings,
                        map("id", id, "fields", with(finding("bonnet", "DENT"), "note", "x".repeat(4001))),
                        422,
                        "note.too-long",
                        "note"),
                new Case(
                        "a null character",
                        findings,
                        map("id", id, "fields", with(finding("bonnet", "DENT"), "note", "a\u0000b")),
                        422,
                        "note.unreadable",
                        "note"),
                new Case(
                        "half a megabyte of text",
                        findings,
                        map("id", id, "fields", with(finding("bonnet", "DENT"), "note", "x".repeat(500_000))),
                        413,
                        "request.too-large",
                        ""),
                new Case(
                        "other project",
                        "/api/projects/" + id + "/findings",
                        map("id", id, "fields", finding("bonnet", "DENT")),
                        404,
                        "project.unknown",
                        ""));
    }

    /** Titles, effort, order. */
    private List<Case> ofJobs() {
        return List.of(
                new Case("job without title", jobs, saying(id, "title", "  "), 422, "title.missing", "title"),
                new Case("title too long", jobs, saying(id, "title", "x".repeat(121)), 422, "title.too-long", "title"),
                new Case(
                        "negative effort",
                        jobs,
                        saying(id, "title", "x", "effort", effort(-1, 1, 2)),
                        422,
                        "effort.negative",
                        "effort"),
                new Case(
                        "swapped effort",
                        jobs,
                        saying(id, "title", "x", "effort", effort(9, 1, 2)),
                        422,
                        "effort.order",
                        "effort"),
                new Case(
                        "after a job that is not",
                        jobs,
                        saying(id, "title", "x", "after", List.of(id)),
                        409,
                        "job.circle",
                        "after"));
    }

    /** Sessions, parts, vehicles. */
    private List<Case> ofTheRest() {
        return List.of(
                new Case(
                        "a session in the future",
                        workSessions,
                        saying(id, "workedOn", "2099-01-01", "work", List.of()),
                        422,
                        "work-session.future",
                        "workedOn"),
                new Case(
                        "25 hours",
                        workSessions,
                        saying(id, "workedOn", TODAY, "work", List.of(map("jobId", job, "minutes", 1500))),
                        422,
                        "work-session.too-long",
                        "work"),
                new Case(
                        "no minutes",
                        workSessions,
                        saying(id, "workedOn", TODAY, "work", List.of(map("jobId", job, "minutes", 0))),
                        422,
                        "work-session.minutes",
                        "work"),
                new Case(
                        "quantity 0",
                        "/api/projects/" + project + "/needs",
                        saying(id, "title", "x", "quantity", 0, "estimateMinor", 0, "leadDays", 1),
                        422,
                        "quantity.range",
                        "quantity"),
                new Case(
                        "lead time of 3 years",
                        "/api/projects/" + project + "/needs",
                        saying(id, "title", "x", "quantity", 1, "estimateMinor", 0, "leadDays", 1095),
                        422,
                        "lead.range",
                        "leadDays"),
                new Case(
                        "the year 1066",
                        "/api/projects",
                        project(id, 1066, "ESTATE"),
                        422,
                        "vehicle.year",
                        "builtYear"),
                new Case(
                        "a body that nobody draws",
                        "/api/projects",
                        project(id, 1977, "SUBMARINE"),
                        400,
                        "request.unreadable",
                        "bodyStyle"),
                new Case(
                        "half a label",
                        "/api/needs/" + need + "/acceptance",
                        map("right", true, "placeId", UUID.randomUUID(), "version", 0),
                        409,
                        "still-used",
                        ""));
    }

    /** What is said of a thing is one record, unwrapped in its request: its fields are named as the sender knows them. */
    private List<Case> ofWhatIsSaid() {
        String sentOut = "/api/projects/" + project + "/sent-out";
        String proofs = "/api/projects/" + project + "/proofs";
        Map<String, Object> bore = map("id", id, "title", "Block", "pieces", 1, "awayDays", 7, "carGoes", false);
        Map<String, Object> order = order(id, supplier, List.of(map("needId", need, "amountMinor", 1)), TODAY);
        return List.of(
                new Case("send-out without aim", sentOut, bore, 400, "request.unreadable", "aim"),
                new Case(
                        "send-out with a surprise",
                        sentOut,
                        with(with(bore, "aim", "RUNNER"), "surprise", 1),
                        400,
                        "request.unreadable",
                        "surprise"),
                new Case(
                        "order without currency",
                        orders,
                        without(order, "currency"),
                        400,
                        "request.unreadable",
                        "currency"),
                new Case("order without day", orders, without(order, "rateOn"), 400, "request.unreadable", "rateOn"),
                new Case(
                        "proof of nothing", proofs, map("id", id, "doneOn", TODAY), 400, "request.unreadable", "proof"),
                new Case(
                        "proof on no day",
                        proofs,
                        map("id", id, "proof", "brake-measured", "doneOn", "soon"),
                        400,
                        "request.unreadable",
                        "doneOn"),
                new Case(
                        "offer by nobody",
                        sentOut + "/" + id + "/offers",
                        map("id", id, "priceMinor", 1, "km", 1, "minutes", 1, "days", 1, "seen", true, "refused", ""),
                        422,
                        "carrier.missing",
                        "carrier"),
                new Case(
                        "offer that pays",
                        sentOut + "/" + id + "/offers",
                        map(
                                "id",
                                id,
                                "carrier",
                                "A & F",
                                "priceMinor",
                                -1,
                                "km",
                                1,
                                "minutes",
                                1,
                                "days",
                                1,
                                "seen",
                                true,
                                "refused",
                                ""),
                        422,
                        "offer.price",
                        "priceMinor"));
    }

    private static Map<String, Object> without(Map<String, Object> all, String key) {
        Map<String, Object> less = map();
        less.putAll(all);
        less.remove(key);
        return less;
    }

    static Map<String, Object> finding(String zone, String kind) {
        return map("zone", zone, "kind", kind, "covered", false, "foundOn", TODAY);
    }

    static Map<String, Object> entry(String currency, long minor, double rate) {
        return receipt("PURCHASE", "Receipt", currency, minor, rate);
    }

    static Map<String, Object> order(UUID id, UUID supplier, List<Map<String, Object>> lines, String expected) {
        Map<String, Object> order = TestGarage.order(id, supplier, "EUR", 1, 0, lines);
        order.put("expectedOn", expected);
        return order;
    }

    private static Map<String, Object> project(UUID id, int year, String body) {
        var fields = TestGarage.projectFields("ACTIVE");
        fields.put("builtYear", year);
        return map("id", id, "vehicleId", UUID.randomUUID(), "bodyStyle", body, "begunOn", TODAY, "fields", fields);
    }

    static Map<String, Object> with(Map<String, Object> map, String key, Object value) {
        Map<String, Object> more = without(map, key);
        more.put(key, value);
        return more;
    }
}
