package ofisino.server.tradebook;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.body.Nearby;
import ofisino.core.vehicle.body.Zone;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestGarage;
import ofisino.server.tradebook.Plan.Bought;
import ofisino.server.tradebook.Plan.Opened;
import ofisino.server.tradebook.Plan.Session;
import ofisino.server.tradebook.Plan.Span;
import ofisino.server.tradebook.Plan.Work;
import tools.jackson.databind.JsonNode;

/** Reads the plan of a project as the pages get it. */
final class PlanReader {
    private static final Anatomy ANATOMY = Anatomy.load();
    private static final Nearby NEARBY = Nearby.load();
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    private final Api api;
    private final String base;
    private final TestGarage garage;
    private final Map<String, JsonNode> activities = new HashMap<>();
    private final Map<String, JsonNode> findings = new HashMap<>();
    private final Map<String, JsonNode> accesses = new HashMap<>();
    private final Map<String, String> systems = new HashMap<>();

    private PlanReader(TestGarage garage, UUID project) {
        this.garage = garage;
        api = garage.owner();
        base = "/api/projects/" + project;
    }

    /** @throws AssertionError when something waits for itself or has no date */
    static Plan read(TestGarage garage, UUID project, boolean motorcycle) {
        return new PlanReader(garage, project).plan(motorcycle);
    }

    private Plan plan(boolean motorcycle) {
        JsonNode plan = api.get(base + "/plan").ok();
        if (!plan.path("circle").isEmpty()) throw new AssertionError("waits for itself: " + plan.path("circle"));
        if (!plan.path("unplaced").isEmpty())
            throw new AssertionError("without a date: " + plan.path("unplaced") + "\n" + open());
        for (JsonNode a : plan.path("activities"))
            activities.put(
                    a.at("/subject/kind").asString() + ":" + a.at("/subject/id").asString(), a);
        for (JsonNode f : api.get(base + "/findings").ok())
            findings.put(f.path("id").asString(), f);
        for (JsonNode z : api.get(base + "/drawing").ok().path("zones"))
            systems.put(z.path("id").asString(), z.path("system").asString());
        JsonNode access = api.get(base + "/access").ok();
        for (JsonNode a : access.path("accesses")) accesses.put(a.path("id").asString(), a);
        Map<String, Integer> waits = waits();
        Map<String, List<String>> holding = holding();
        List<Work> jobs = api.get(base + "/jobs")
                .ok()
                .path("jobs")
                .valueStream()
                .filter(j -> activities.containsKey("JOB:" + j.path("id").asString()))
                .map(j -> work(
                        j,
                        waits.getOrDefault(j.path("id").asString(), 0),
                        holding.getOrDefault(j.path("id").asString(), List.of())))
                .toList();
        return new Plan(
                motorcycle,
                jobs.stream()
                        .map(Work::place)
                        .filter(p -> !p.isEmpty())
                        .distinct()
                        .collect(Collectors.toMap(p -> p, p -> NEARBY.of(p).near())),
                api.get(base + "/anatomy")
                        .ok()
                        .valueStream()
                        .map(c -> ANATOMY.require(c.path("id").asString()))
                        .collect(Collectors.toMap(Component::id, c -> c)),
                jobs,
                access.path("stripDowns")
                        .valueStream()
                        .filter(s -> activities.containsKey(
                                "STRIP:" + s.path("stripDown").asString()))
                        .map(this::opened)
                        .toList(),
                api.get(base + "/needs")
                        .ok()
                        .valueStream()
                        .map(PlanReader::bought)
                        .toList(),
                sessions());
    }

    /** The times that the person set, on the days on which something is done. */
    private List<Session> sessions() {
        List<Span> worked = activities.values().stream()
                .filter(a -> !a.path("people").isEmpty())
                .flatMap(a -> a.path("stretches").valueStream())
                .map(PlanReader::span)
                .toList();
        List<JsonNode> times =
                api.get("/api/calendar").ok().path("windows").valueStream().toList();
        return worked.stream()
                .map(w -> w.from().atZone(ZONE).toLocalDate())
                .distinct()
                .flatMap(day -> times.stream()
                        .filter(t -> t.path("day")
                                .asString()
                                .equals(day.getDayOfWeek().name()))
                        .map(t -> new Span(at(day, t, "fromMinute"), at(day, t, "toMinute"))))
                .map(stay -> new Session(
                        stay,
                        worked.stream()
                                .filter(w -> w.from().isBefore(stay.to())
                                        && stay.from().isBefore(w.to()))
                                .toList()))
                .toList();
    }

    private static Instant at(LocalDate day, JsonNode time, String field) {
        return day.atStartOfDay()
                .plusMinutes(time.path(field).asInt())
                .atZone(ZONE)
                .toInstant();
    }

    private static Span span(JsonNode s) {
        return new Span(
                Instant.parse(s.path("from").asString()),
                Instant.parse(s.path("to").asString()));
    }

    /** What each strip-down is for, to see what waits for what. */
    private String open() {
        Map<String, String> titles = api.get(base + "/jobs")
                .ok()
                .path("jobs")
                .valueStream()
                .collect(Collectors.toMap(
                        j -> j.path("id").asString(), j -> j.path("title").asString()));
        return api.get(base + "/access")
                .ok()
                .path("stripDowns")
                .valueStream()
                .map(s ->
                        s.path("stripDown").asString() + " " + s.path("access").asString() + ": "
                                + s.path("jobs")
                                        .valueStream()
                                        .map(j -> titles.get(j.asString()))
                                        .toList())
                .collect(Collectors.joining("\n"));
    }

    private Map<String, Integer> waits() {
        return garage
                .running()
                .sql()
                .queryForList("select job_id, dry_minutes from job_condition where garage_id = ?", garage.id())
                .stream()
                .collect(Collectors.toMap(r -> r.get("job_id").toString(), r -> (Integer) r.get("dry_minutes")));
    }

    private Map<String, List<String>> holding() {
        return garage
                .running()
                .sql()
                .queryForList(
                        "select job_id, array_to_string(fasteners, '|') as held from job_to_hand where garage_id = ? and fasteners <> '{}'",
                        garage.id())
                .stream()
                .collect(Collectors.toMap(
                        r -> r.get("job_id").toString(),
                        r -> List.of(r.get("held").toString().split("\\|"))));
    }

    private Work work(JsonNode j, int waitMinutes, List<String> holding) {
        String id = j.path("id").asString();
        Set<String> its =
                j.path("findings").valueStream().map(JsonNode::asString).collect(Collectors.toSet());
        String zone = j.path("zone").asString("");
        String system = j.path("system").asString("");
        return new Work(
                id,
                j.path("title").asString(),
                Operation.valueOf(j.path("operation").asString()),
                j.path("details")
                        .valueStream()
                        .map(d -> Detail.valueOf(d.asString()))
                        .collect(Collectors.toSet()),
                zone.isEmpty() ? "" : Zone.placeOf(zone),
                zone,
                system.isEmpty() ? systems.getOrDefault(zone, "") : system,
                j.path("chainId").asString(id),
                j.path("position").asInt(),
                its,
                its.stream()
                        .map(findings::get)
                        .map(f -> f.path("component").asString(""))
                        .flatMap(c -> ANATOMY.find(c).stream())
                        .map(Component.class::cast)
                        .toList(),
                its.stream().map(f -> findings.get(f).path("kind").asString()).collect(Collectors.toSet()),
                stretches(activities.get("JOB:" + id)),
                Duration.ofMinutes(waitMinutes),
                j.path("cautions").valueStream().map(JsonNode::asString).toList(),
                holding);
    }

    /** What somebody else does has no session here: it takes all the time that it is given. */
    private static List<Span> stretches(JsonNode activity) {
        List<Span> own =
                activity.path("stretches").valueStream().map(PlanReader::span).toList();
        return own.isEmpty() ? List.of(new Span(time(activity, "start"), time(activity, "end"))) : own;
    }

    private Opened opened(JsonNode s) {
        String id = s.path("stripDown").asString();
        JsonNode access = accesses.get(s.path("access").asString());
        JsonNode strip = activities.get("STRIP:" + id);
        JsonNode refit = activities.get("REFIT:" + id);
        return new Opened(
                id,
                access.path("id").asString(),
                refit.at("/subject/title").asString(),
                access.path("stripMinutes").asInt()
                        + access.path("refitMinutes").asInt(),
                access.path("excludes").valueStream().map(JsonNode::asString).collect(Collectors.toSet()),
                !access.path("drained").isMissingNode(),
                s.path("jobs").valueStream().map(JsonNode::asString).collect(Collectors.toSet()),
                time(strip, "start"),
                time(strip, "end"),
                time(refit, "start"),
                time(refit, "end"));
    }

    private static Instant time(JsonNode activity, String field) {
        return Instant.parse(activity.path(field).asString());
    }

    private static Bought bought(JsonNode n) {
        return new Bought(
                n.path("jobId").asString(""),
                Optional.of(n.path("item").asString("")).filter(i -> !i.isEmpty()),
                n.path("title").asString(),
                n.path("quantity").asInt());
    }
}
