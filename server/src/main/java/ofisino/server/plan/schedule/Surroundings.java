package ofisino.server.plan.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ofisino.core.kernel.Weekdays;
import ofisino.core.plan.calendar.FireWatch;
import ofisino.core.plan.calendar.OpenDays;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.server.parts.Places.WorkPlace;
import ofisino.server.plan.JobConditions.Where;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Subject.Kind;

/** What room there is and on which days, when it is light, and when the doors of others are open. */
final class Surroundings {
    static final String DAYLIGHT = "daylight";
    static final String FIRE_WATCH = "fire-watch";
    /** Parts and send-outs that start late in the plan are fetched after it. */
    private static final int LONGEST_WAIT_DAYS = 365;

    /** Names nothing that is stored. */
    static final UUID NOTHING = new UUID(0, 0);

    private static final int UNLIMITED = 9999;

    private final Instant now;
    private final ZoneId zone;
    private final List<TimeWindow> suppliersOpen;
    private final List<Capacity> places = new ArrayList<>();
    private final List<Capacity> resources = new ArrayList<>();
    private final Map<String, Subject> subjects = new LinkedHashMap<>();

    Surroundings(Instant now, ZoneId zone, Weekdays suppliersOpenOn) {
        this.now = now;
        this.zone = zone;
        this.suppliersOpen = openOn(suppliersOpenOn);
    }

    /** Only places that some job is worked in, and daylight only where some job needs it. */
    Surroundings of(Collection<Where> jobs, List<WorkPlace> workPlaces, Supplier<List<TimeWindow>> daylight) {
        Set<UUID> used =
                jobs.stream().map(Where::placeId).filter(Objects::nonNull).collect(Collectors.toSet());
        for (WorkPlace p : workPlaces) {
            if (!used.contains(p.id())) continue;
            subjects.put(placeKey(p.id()), new Subject(Kind.PLACE, p.id(), p.name()));
            places.add(usable(placeKey(p.id()), p.room(), p.usableOn()));
        }
        if (jobs.stream().anyMatch(w -> w.conditions().outdoors())) {
            subjects.put(DAYLIGHT, new Subject(Kind.DAYLIGHT, NOTHING, ""));
            resources.add(Capacity.onlyIn(DAYLIGHT, UNLIMITED, daylight.get(), wholeTime()));
        }
        return this;
    }

    /** Hot work ends so that somebody is there for the watch after it. */
    Surroundings watched(Collection<Jobs.Job> jobs, Collection<TimeWindow> visits) {
        if (jobs.stream().anyMatch(j -> j.nature().isHot())) {
            subjects.put(FIRE_WATCH, new Subject(Kind.FIRE_WATCH, NOTHING, ""));
            resources.add(Capacity.onlyIn(FIRE_WATCH, UNLIMITED, FireWatch.hotHours(visits), wholeTime()));
        }
        return this;
    }

    private Capacity usable(String key, int room, Weekdays days) {
        return days.coverEveryDay() ? new Capacity(key, room) : Capacity.onlyIn(key, room, openOn(days), wholeTime());
    }

    /** Empty for every day. */
    List<TimeWindow> openOn(Weekdays days) {
        LocalDate today = now.atZone(zone).toLocalDate();
        return days.coverEveryDay()
                ? List.of()
                : OpenDays.between(days, today, today.plusDays(Statement.HORIZON.toDays() + LONGEST_WAIT_DAYS), zone);
    }

    private TimeWindow wholeTime() {
        return new TimeWindow(now, now.plus(Statement.HORIZON));
    }

    List<TimeWindow> suppliersOpen() {
        return suppliersOpen;
    }

    List<Capacity> places() {
        return places;
    }

    List<Capacity> resources() {
        return resources;
    }

    /** Whether one can (still) work there. */
    boolean has(UUID placeId) {
        return subjects.containsKey(placeKey(placeId));
    }

    Map<String, Subject> subjects() {
        return subjects;
    }

    static String placeKey(UUID id) {
        return "place:" + id;
    }
}
