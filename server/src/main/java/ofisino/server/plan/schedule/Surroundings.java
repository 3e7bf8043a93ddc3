package ofisino.server.plan.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ofisino.core.kernel.Weekdays;
import ofisino.core.plan.calendar.FireWatch;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.HiredTool;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.premises.Demands;
import ofisino.core.plan.premises.Premises;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.server.parts.Places.WorkPlace;
import ofisino.server.plan.JobConditions.Where;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Subject.Kind;
import ofisino.server.plan.WorkPremises.Allowed;
import org.jspecify.annotations.Nullable;

/** What room there is and on which days, when it is light, warm or loud, and when the doors of others are open. Only what some job asks for. */
final class Surroundings {
    /** Parts and send-outs that start late in the plan are fetched after it. */
    private static final int LONGEST_WAIT_DAYS = 365;

    /** Names nothing that is stored. */
    static final UUID NOTHING = new UUID(0, 0);

    private static final int UNLIMITED = 9999;

    private final GarageNow garage;
    private final Map<UUID, WorkPlace> workPlaces;
    private final Allowed allowed;
    private final Demands demands;
    private final Supplier<List<TimeWindow>> daylight;
    private final DoorDays openDays;
    private final List<TimeWindow> suppliersOpen;
    private final Map<String, Capacity> places = new LinkedHashMap<>();
    private final Map<String, Capacity> resources = new LinkedHashMap<>();
    private final Map<String, Subject> subjects = new LinkedHashMap<>();

    /** @param daylight asked for only where some job needs it */
    Surroundings(
            GarageNow garage,
            Weekdays suppliersOpenOn,
            List<WorkPlace> workPlaces,
            Allowed allowed,
            Demands demands,
            Supplier<List<TimeWindow>> daylight,
            DoorDays openDays) {
        this.garage = garage;
        this.workPlaces = workPlaces.stream().collect(Collectors.toMap(WorkPlace::id, p -> p));
        this.allowed = allowed;
        this.demands = demands;
        this.daylight = daylight;
        this.openDays = openDays;
        this.suppliersOpen = openOn(suppliersOpenOn);
    }

    /** The name of a place in the plan; empty where one cannot (any longer) work there. */
    Optional<String> place(@Nullable UUID id) {
        return Optional.ofNullable(id).map(workPlaces::get).map(p -> {
            String key = placeKey(p.id());
            if (!places.containsKey(key)) {
                subjects.put(key, new Subject(Kind.PLACE, p.id(), p.name()));
                places.put(key, usable(key, p.room(), p.usableOn()));
            }
            return key;
        });
    }

    /**
     * What some work needs of light, warmth, quiet neighbours and of its session.
     *
     * @param lowest degrees Celsius that what it puts on asks for until it has cured; empty for none
     */
    Map<String, Integer> neededBy(JobNature nature, Where where, OptionalInt lowest) {
        Map<String, Integer> found = new HashMap<>();
        Premises there = allowed.at(where.placeId());
        if (where.conditions().outdoors()) found.put(only(Kind.DAYLIGHT, "", daylight), 1);
        // hot work ends so that somebody is there for the watch after it
        if (nature.isHot()) found.put(only(Kind.FIRE_WATCH, "", () -> FireWatch.hotHours(garage.visits())), 1);
        if (demands.isNoisy(nature))
            there.loud(garage.today(), lastDay(), garage.zone())
                    .ifPresent(loud -> found.put(only(Kind.NOISE, of(where), () -> loud), 1));
        if (lowest.isPresent()) warm(there, where, lowest.getAsInt()).ifPresent(key -> found.put(key, 1));
        demands.leastSession(nature.operation(), garage.visits())
                .ifPresent(least -> found.put(
                        only(Kind.LONG_SESSION, least.toString(), () -> Demands.longEnough(garage.visits(), least)),
                        1));
        return found;
    }

    /** Tools that are hired by the day. */
    Map<String, Integer> hired(List<HiredTool> tools) {
        Map<String, Integer> found = new HashMap<>();
        for (HiredTool tool : tools) {
            String key = key(Kind.HIRED, tool.id().toString());
            resources.computeIfAbsent(key, Capacity::hired);
            subjects.put(key, new Subject(Kind.HIRED, tool.id(), tool.name()));
            found.put(key, 1);
        }
        return found;
    }

    private Optional<String> warm(Premises there, Where where, int lowest) {
        Duration cure = Duration.ofMinutes(where.conditions().dryMinutes());
        return there.warmFor(lowest, cure, garage.today(), lastDay(), garage.zone())
                .map(warm -> only(Kind.WARMTH, "%s %d %s".formatted(of(where), lowest, cure), () -> warm));
    }

    private static String of(Where where) {
        return where.placeId() == null ? "" : where.placeId().toString();
    }

    private LocalDate lastDay() {
        return garage.today().plusDays(Statement.HORIZON.toDays());
    }

    /** What all share that need it, and that there is only at times. */
    private String only(Kind kind, String which, Supplier<List<TimeWindow>> times) {
        String key = key(kind, which);
        resources.computeIfAbsent(key, k -> {
            subjects.put(k, new Subject(kind, NOTHING, ""));
            return Capacity.onlyIn(k, UNLIMITED, times.get(), wholeTime());
        });
        return key;
    }

    private static String key(Kind kind, String which) {
        return kind + " " + which;
    }

    static boolean isOutdoors(Activity a) {
        return a.demand().resources().containsKey(key(Kind.DAYLIGHT, ""));
    }

    static boolean isWatched(Activity a) {
        return a.demand().resources().containsKey(key(Kind.FIRE_WATCH, ""));
    }

    /** The nights are too cold for it, or it is outside the hours for noise. Somebody who is here does not ask the calendar. */
    static boolean isShutNow(Activity a, PlanProblem problem) {
        return problem.resources().stream()
                .filter(r -> a.demand().resources().containsKey(r.id()))
                .filter(r -> r.id().startsWith(key(Kind.WARMTH, "")) || r.id().startsWith(key(Kind.NOISE, "")))
                .anyMatch(r -> r.isShutAt(problem.now()));
    }

    private Capacity usable(String key, int room, Weekdays days) {
        return days.coverEveryDay() ? new Capacity(key, room) : Capacity.onlyIn(key, room, openOn(days), wholeTime());
    }

    /** Empty for every day. */
    List<TimeWindow> openOn(Weekdays days) {
        return days.coverEveryDay()
                ? List.of()
                : openDays.of(days, garage.today(), lastDay().plusDays(LONGEST_WAIT_DAYS), garage.zone());
    }

    private TimeWindow wholeTime() {
        return new TimeWindow(garage.now(), garage.now().plus(Statement.HORIZON));
    }

    Allowed allowed() {
        return allowed;
    }

    List<TimeWindow> suppliersOpen() {
        return suppliersOpen;
    }

    List<Capacity> places() {
        return List.copyOf(places.values());
    }

    List<Capacity> resources() {
        return List.copyOf(resources.values());
    }

    Map<String, Subject> subjects() {
        return subjects;
    }

    static String placeKey(UUID id) {
        return "place:" + id;
    }
}
