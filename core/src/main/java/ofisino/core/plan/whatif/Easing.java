package ofisino.core.plan.whatif;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.Purse;

/** The same problem made easier in one way. */
final class Easing {
    private Easing() {}

    /** Fixed starts and deadlines so many days later. */
    static PlanProblem later(PlanProblem p, long days) {
        Duration by = Duration.ofDays(days);
        return p.withActivities(p.activities().stream()
                .map(a -> {
                    Activity.Timing t = a.timing();
                    return a.with(new Activity.Timing(
                            t.waitAfter(),
                            t.inOneGo(),
                            t.notBefore(),
                            t.fixedStart().map(i -> i.plus(by)),
                            t.deadline().map(i -> i.plus(by)),
                            t.open()));
                })
                .toList());
    }

    static PlanProblem richer(PlanProblem p, long minor) {
        return p.purse()
                .map(purse -> p.withPurse(new Purse(purse.openingMinor() + minor, purse.floorMinor(), purse.income())))
                .orElse(p);
    }

    static PlanProblem roomier(PlanProblem p, int more) {
        return p.withPlaces(
                p.places().stream().map(c -> c.with(c.units() + more)).toList());
    }

    /** A place for one more, at any time: a bay that somebody lends. */
    static PlanProblem roomier(PlanProblem p, String place) {
        return p.withPlaces(p.places().stream()
                .map(c -> c.id().equals(place) ? c.with(c.units() + 1) : c)
                .toList());
    }

    static PlanProblem longer(PlanProblem p, long quarters) {
        return p.withPeople(p.people().stream()
                .map(person -> new Person(person.id(), longer(person.windows(), Duration.ofMinutes(15 * quarters))))
                .toList());
    }

    private static List<TimeWindow> longer(List<TimeWindow> windows, Duration by) {
        List<TimeWindow> found = new ArrayList<>();
        for (int i = 0; i < windows.size(); i++) {
            Instant to = windows.get(i).to().plus(by);
            boolean meetsNext =
                    i + 1 < windows.size() && to.isAfter(windows.get(i + 1).from());
            found.add(new TimeWindow(
                    windows.get(i).from(), meetsNext ? windows.get(i + 1).from() : to));
        }
        return found;
    }

    /**
     * On the first days of each week on which the person has no time yet, at the hour of his longest evening. Who has no time at all gets some only
     * where nobody has any.
     */
    static PlanProblem moreWorkSessions(PlanProblem p, int more) {
        boolean nobody = p.people().stream().allMatch(Easing::isMissing);
        return p.withPeople(p.people().stream()
                .map(person -> isMissing(person) && !nobody
                        ? person
                        : new Person(person.id(), moreWorkSessions(p, person.windows(), more)))
                .toList());
    }

    /** The last times of each week are given up, but for one that is left. */
    static PlanProblem fewerWorkSessions(PlanProblem p, int fewer) {
        return p.withPeople(p.people().stream()
                .map(person -> new Person(
                        person.id(),
                        person.windows().stream()
                                .collect(Collectors.groupingBy(
                                        w -> w.from()
                                                .atZone(p.zone())
                                                .toLocalDate()
                                                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)),
                                        TreeMap::new,
                                        Collectors.toList()))
                                .values()
                                .stream()
                                .flatMap(week -> week.stream().limit(Math.max(1, week.size() - fewer)))
                                .toList()))
                .toList());
    }

    static boolean isMissing(Person person) {
        return person.windows().isEmpty();
    }

    /** Those who have no time at all come on so many evenings of each week of the one who has the most. */
    static PlanProblem helped(PlanProblem p, int workSessions) {
        List<TimeWindow> most = p.people().stream()
                .map(Person::windows)
                .max(Comparator.comparing(List::size))
                .orElse(List.of());
        List<TimeWindow> some = new ArrayList<>();
        LocalDate monday = null;
        int inWeek = 0;
        for (TimeWindow w : most) {
            LocalDate week = w.from().atZone(p.zone()).toLocalDate().with(DayOfWeek.MONDAY);
            inWeek = week.equals(monday) ? inWeek + 1 : 1;
            monday = week;
            if (inWeek <= workSessions) some.add(w);
        }
        return p.withPeople(p.people().stream()
                .map(person -> isMissing(person) ? new Person(person.id(), some) : person)
                .toList());
    }

    private static List<TimeWindow> moreWorkSessions(PlanProblem p, List<TimeWindow> windows, int more) {
        ZonedDateTime now = p.now().atZone(p.zone());
        TimeWindow longest = windows.stream()
                .max(Comparator.comparing(w -> Duration.between(w.from(), w.to())))
                .orElse(new TimeWindow(
                        now.toLocalDate().atTime(18, 0).atZone(p.zone()).toInstant(),
                        now.toLocalDate().atTime(20, 0).atZone(p.zone()).toInstant()));
        Duration length = Duration.between(longest.from(), longest.to());
        Set<LocalDate> taken = new HashSet<>();
        for (TimeWindow w : windows) taken.add(w.from().atZone(p.zone()).toLocalDate());
        List<TimeWindow> found = new ArrayList<>(windows);
        int inWeek = 0;
        for (LocalDate day = now.toLocalDate();
                day.isBefore(p.horizon().atZone(p.zone()).toLocalDate());
                day = day.plusDays(1)) {
            if (day.getDayOfWeek() == now.getDayOfWeek()) inWeek = 0;
            if (taken.contains(day) || inWeek >= more) continue;
            inWeek++;
            Instant from = day.atTime(longest.from().atZone(p.zone()).toLocalTime())
                    .atZone(p.zone())
                    .toInstant();
            found.add(new TimeWindow(from, from.plus(length)));
        }
        found.sort(Comparator.comparing(TimeWindow::from));
        return found;
    }
}
