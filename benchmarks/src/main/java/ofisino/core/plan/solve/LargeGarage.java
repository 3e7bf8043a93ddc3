package ofisino.core.plan.solve;

import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Policy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.core.plan.calendar.WeekWindow;

/** A large restoration: so many jobs, a fifth as many accesses, parts, a bay, money and two years of evenings. */
public final class LargeGarage {
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");
    private static final Instant NOW = Instant.parse("2026-03-02T08:00:00Z");

    private LargeGarage() {}

    public static PlanProblem of(int jobs) {
        var dice = new SplittableRandom(5);
        Instant horizon = NOW.plus(Duration.ofDays(730));
        List<PlanProblem.Person> people = List.of(
                person(
                        "ines",
                        horizon,
                        List.of(DayOfWeek.TUESDAY, DayOfWeek.THURSDAY, DayOfWeek.SATURDAY, DayOfWeek.SUNDAY)),
                person("milo", horizon, List.of(DayOfWeek.SATURDAY)));
        List<Activity> activities = new ArrayList<>();
        List<PlanProblem.Link> links = new ArrayList<>();
        for (int j = 0; j < jobs; j++) {
            activities.add(job("j" + j, dice, jobs));
            for (int l = 0; l < 2; l++)
                if (j > 0 && dice.nextInt(3) > 0)
                    links.add(PlanProblem.Link.of("j" + Math.max(0, j - 1 - dice.nextInt(20)), "j" + j));
            if (dice.nextInt(4) == 0) {
                activities.add(Activity.order("n" + j, Aim.ROAD_READY, Duration.ofDays(3 + dice.nextInt(20)))
                        .with(List.of(new Activity.Due(500 + dice.nextInt(6000), Activity.Due.When.START))));
                links.add(PlanProblem.Link.of("n" + j, "j" + j));
            }
        }
        List<PlanProblem.StripDown> stripDowns = new ArrayList<>();
        for (int o = 0; o < jobs / 5; o++) {
            List<ActivityId> inside = new ArrayList<>();
            int from = o * 5;
            for (int j = from; j < from + 4; j++) inside.add(new ActivityId("j" + j));
            activities.add(stripDown("strip" + o, Activity.ActivityKind.STRIP, 1 + dice.nextInt(4)));
            activities.add(stripDown("refit" + o, Activity.ActivityKind.REFIT, 1 + dice.nextInt(6)));
            stripDowns.add(new PlanProblem.StripDown(
                    "o" + o,
                    "w" + o % (jobs / 8 + 1),
                    Optional.of(new ActivityId("strip" + o)),
                    new ActivityId("refit" + o),
                    inside,
                    List.of()));
        }
        List<PlanProblem.Purse.Income> income = new ArrayList<>();
        for (int m = 0; m < 24; m++)
            income.add(new PlanProblem.Purse.Income(LocalDate.of(2026, 4, 1).plusMonths(m), 45_000));
        return new PlanProblem(
                NOW,
                horizon,
                ZONE,
                people,
                List.of(new PlanProblem.Capacity("bay", 1)),
                List.of(),
                activities,
                links,
                stripDowns,
                List.of(),
                Optional.empty(),
                Optional.of(new PlanProblem.Purse(60_000, 0, income)),
                Policy.of(List.of(Aim.RUNNER, Aim.ROAD_READY, Aim.DRIVER)),
                Optional.empty(), List.of(),
                Optional.empty());
    }

    private static PlanProblem.Person person(String id, Instant horizon, List<DayOfWeek> days) {
        var week = new WeekCalendar(days.stream()
                .map(d -> d.getValue() > 5 ? new WeekWindow(d, 9 * 60, 14 * 60) : new WeekWindow(d, 18 * 60, 21 * 60))
                .toList());
        LocalDate today = NOW.atZone(ZONE).toLocalDate();
        return new PlanProblem.Person(
                id, week.between(today, horizon.atZone(ZONE).toLocalDate().minusDays(1), ZONE));
    }

    private static Activity job(String id, SplittableRandom dice, int jobs) {
        int slots = Math.max(1, (1 + dice.nextInt(16)) * 300 / Math.max(300, jobs));
        Activity job = Activity.job(
                id,
                Aim.values()[dice.nextInt(3)],
                slots,
                new Activity.Crew(dice.nextInt(12) == 0 ? 2 : 1, List.of("ines", "milo")));
        if (dice.nextInt(6) == 0) job = job.with(Activity.Timing.FREE.waiting(Duration.ofHours(24)));
        if (dice.nextInt(5) == 0)
            job = job.with(new Activity.Demand(Optional.of("bay"), Map.of(), true, dice.nextBoolean()));
        return job;
    }

    private static Activity stripDown(String id, Activity.ActivityKind kind, int slots) {
        return new Activity(
                new ActivityId(id),
                kind,
                Aim.ROAD_READY,
                slots,
                new Activity.Crew(1, List.of("ines", "milo")),
                Activity.Timing.FREE,
                Activity.Demand.NONE,
                List.of(),
                Set.of(),
                false);
    }
}
