package ofisino.core.plan.schedule;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongFunction;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.schedule.PlanProblem.Capacity;
import ofisino.core.plan.schedule.PlanProblem.Person;
import ofisino.core.plan.schedule.PlanProblem.Purse;
import ofisino.core.plan.schedule.Planner.Budget;

/** What is the least that would make a plan possible which is not: of each kind one change, the smallest that works, found by bisection. */
public final class Relaxing {
    private static final Budget EACH = new Budget(40, 1);
    private static final long MOST_DAYS = 365;
    private static final long MOST_EVENINGS = 6;
    private static final long MOST_QUARTERS = 24;
    private static final long MOST_ROOM = 3;

    private Relaxing() {}

    public enum Kind {
        /** Days by which fixed starts and deadlines are later. */
        DATE,
        /** More evenings a week, each as long as the longest of the person. */
        EVENINGS,
        /** Minor units more in the purse now. */
        MONEY,
        /** One more in each place. */
        PLACE,
        /** Minutes by which each evening is longer. */
        SESSION
    }

    /** @param amount in the unit of the kind */
    public record Relaxation(Kind kind, long amount) {}

    /** Those that work, in the order of the kinds; empty where none alone does. */
    public static List<Relaxation> least(PlanProblem problem) {
        long dues = problem.activities().stream()
                .flatMap(a -> a.dues().stream())
                .mapToLong(Activity.Due::minor)
                .sum();
        long missing = problem.purse()
                .map(p -> dues + Math.max(0, p.floorMinor() - p.openingMinor()))
                .orElse(0L);
        List<Relaxation> found = new ArrayList<>();
        least(Kind.DATE, MOST_DAYS, 1, k -> later(problem, k)).ifPresent(found::add);
        least(Kind.EVENINGS, MOST_EVENINGS, 1, k -> moreEvenings(problem, (int) k))
                .ifPresent(found::add);
        if (missing > 0) least(Kind.MONEY, missing, 1, k -> richer(problem, k)).ifPresent(found::add);
        least(Kind.PLACE, MOST_ROOM, 1, k -> roomier(problem, (int) k)).ifPresent(found::add);
        least(Kind.SESSION, MOST_QUARTERS, 15, k -> longer(problem, k)).ifPresent(found::add);
        return found;
    }

    private static Optional<Relaxation> least(Kind kind, long most, long unit, LongFunction<PlanProblem> relaxed) {
        if (!isPossible(relaxed.apply(most))) return Optional.empty();
        long no = 0;
        long yes = most;
        while (yes - no > 1) {
            long middle = no + (yes - no) / 2;
            if (isPossible(relaxed.apply(middle))) yes = middle;
            else no = middle;
        }
        return Optional.of(new Relaxation(kind, yes * unit));
    }

    private static boolean isPossible(PlanProblem problem) {
        return Planner.plan(problem, EACH) instanceof PlanOutcome.Planned;
    }

    private static PlanProblem later(PlanProblem p, long days) {
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

    private static PlanProblem richer(PlanProblem p, long minor) {
        return p.purse()
                .map(purse -> p.withPurse(new Purse(purse.openingMinor() + minor, purse.floorMinor(), purse.income())))
                .orElse(p);
    }

    private static PlanProblem roomier(PlanProblem p, int more) {
        return p.withPlaces(p.places().stream()
                .map(c -> new Capacity(c.id(), c.units() + more, c.taken()))
                .toList());
    }

    private static PlanProblem longer(PlanProblem p, long quarters) {
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

    /** On the first days of each week on which the person has no time yet, at the hour of his longest evening. */
    private static PlanProblem moreEvenings(PlanProblem p, int more) {
        return p.withPeople(p.people().stream()
                .map(person -> new Person(person.id(), moreEvenings(p, person.windows(), more)))
                .toList());
    }

    private static List<TimeWindow> moreEvenings(PlanProblem p, List<TimeWindow> windows, int more) {
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
