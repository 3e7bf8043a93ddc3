package ofisino.server.plan.schedule;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.whatif.AtOwnPace;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LoggedDays;
import org.springframework.stereotype.Component;

/** How often the people of a garage come, and by how much their hours differ from what was thought: learned from what they logged. */
@Component
record OwnPaces(Calendars calendars, LoggedDays loggedDays, Jobs jobs) {
    /** Half a year: a habit of years ago says little of today's. */
    private static final int LEARNED_WEEKS = 26;

    /** @param project of whose jobs the factor is learned; without one it is 1 */
    AtOwnPace.Pace of(Caller caller, Optional<UUID> project, LocalDate today, ZoneId zone) {
        return new AtOwnPace.Pace(
                project.map(p -> factor(caller, p).factor()).orElse(1.0),
                turnUps(caller, today, zone).entrySet().stream()
                        .collect(Collectors.toMap(e -> e.getKey().toString(), Map.Entry::getValue)));
    }

    OwnFactor factor(Caller caller, UUID projectId) {
        return Stating.ownFactor(jobs.of(caller, projectId));
    }

    TurnUp turnUp(Caller caller, LocalDate today, ZoneId zone) {
        return turnUps(caller, today, zone).getOrDefault(caller.accountId(), TurnUp.UNKNOWN);
    }

    private Map<UUID, TurnUp> turnUps(Caller caller, LocalDate today, ZoneId zone) {
        LocalDate first = today.minusWeeks(LEARNED_WEEKS);
        Map<UUID, Set<LocalDate>> logged = loggedDays.since(caller, first);
        return calendars.everybody(caller, first, today).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> TurnUp.of(daysOf(e.getValue(), zone), logged.getOrDefault(e.getKey(), Set.of()), today)));
    }

    private static List<LocalDate> daysOf(List<TimeWindow> times, ZoneId zone) {
        return times.stream().map(t -> t.from().atZone(zone).toLocalDate()).toList();
    }
}
