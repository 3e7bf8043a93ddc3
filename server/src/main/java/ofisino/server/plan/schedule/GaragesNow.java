package ofisino.server.plan.schedule;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Calendars;
import org.springframework.stereotype.Component;

/** Who is in the garage from now on, and when. */
@Component
record GaragesNow(Calendars calendars, Garages garages, Clock clock) {
    GarageNow of(Caller caller) {
        ZoneId zone = garages.zone(caller);
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        Map<UUID, List<TimeWindow>> sessions =
                calendars.everybody(caller, today, today.plusDays(Statement.HORIZON.toDays()));
        return new GarageNow(
                caller,
                people(caller, calendars.timeToWork(caller, sessions)),
                sessions.values().stream().flatMap(List::stream).toList(),
                zone,
                nextSlot(clock.instant()));
    }

    /** Plans go by slots; so the same question, asked again within one, is the same. */
    private static Instant nextSlot(Instant now) {
        long slot = PlanProblem.SLOT.toSeconds();
        return Instant.ofEpochSecond(-Math.floorDiv(-now.getEpochSecond(), slot) * slot);
    }

    /** Everybody with time in the garage; where nobody has any, the asking person, who then has none. */
    private static List<PlanProblem.Person> people(Caller caller, Map<UUID, List<TimeWindow>> times) {
        List<PlanProblem.Person> withTime = times.entrySet().stream()
                .map(e -> new PlanProblem.Person(e.getKey().toString(), e.getValue()))
                .toList();
        return withTime.isEmpty()
                ? List.of(new PlanProblem.Person(caller.accountId().toString(), List.of()))
                : withTime;
    }
}
