package ofisino.server.plan.calendar;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.plan.calendar.SetUp;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.core.plan.calendar.WeekWindow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.calendar.CalendarMapper.ExceptionRow;
import ofisino.server.plan.calendar.CalendarMapper.SetUpRow;
import ofisino.server.plan.calendar.CalendarMapper.WindowRow;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** When people have time in the garage. */
@Service
record CalendarService(CalendarMapper mapper, Garages garages, Clock clock) implements Calendars {
    /** A longer absence is written down again after it. */
    private static final int MOST_DAYS = 120;

    WeekCalendar mine(Caller caller) {
        return weeks(caller).getOrDefault(caller.accountId(), new WeekCalendar(List.of()));
    }

    /** @param setUp left as it is where it is not said */
    WeekCalendar change(Caller caller, List<WeekWindow> windows, Optional<SetUp> setUp) {
        var calendar = new WeekCalendar(windows);
        setUp.ifPresent(s -> mapper.putSetUp(caller.garageId(), caller.accountId(), s.minutes()));
        mapper.clear(caller.garageId(), caller.accountId());
        for (WeekWindow w : calendar.windows())
            mapper.insert(caller.garageId(), caller.accountId(), w.day().getValue(), w.fromMinute(), w.toMinute());
        return calendar;
    }

    @Override
    public void comeMore(Caller caller, int sessions) {
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        change(caller, mine(caller).withSessions(sessions, today.getDayOfWeek()).windows(), Optional.empty());
    }

    @Override
    public SetUp setUp(Caller caller) {
        return setUps(caller).getOrDefault(caller.accountId(), SetUp.USUAL);
    }

    private Map<UUID, SetUp> setUps(Caller caller) {
        return mapper.setUps(caller.garageId()).stream()
                .collect(Collectors.toMap(SetUpRow::accountId, r -> new SetUp(r.minutes())));
    }

    List<ExceptionRow> exceptions(Caller caller) {
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        return mapper.exceptions(caller.garageId(), today).stream()
                .filter(e -> e.accountId().equals(caller.accountId()))
                .toList();
    }

    /** A day off, or a day with other times. Several days are several exceptions. */
    /** Days that have times of their own already keep them, unless it is the only one. */
    void except(
            Caller caller,
            UUID id,
            LocalDate day,
            LocalDate until,
            @Nullable Integer from,
            @Nullable Integer to,
            String note) {
        if ((from == null) != (to == null))
            throw InvalidValue.at(
                    "fromMinute",
                    "window.half",
                    "One of the two times is missing.",
                    "Give both, or neither for a day off.");
        if (until.isBefore(day) || until.isAfter(day.plusDays(MOST_DAYS)))
            throw InvalidValue.at(
                    "until",
                    "window.until",
                    "These days end before they begin, or are too many.",
                    "Enter a last day within %d days of the first.",
                    MOST_DAYS);
        if (from != null) new WeekWindow(day.getDayOfWeek(), from, to);
        Set<LocalDate> known = mapper.exceptions(caller.garageId(), day).stream()
                .filter(e -> e.accountId().equals(caller.accountId()))
                .map(ExceptionRow::day)
                .collect(Collectors.toSet());
        if (day.equals(until) && known.contains(day))
            throw Conflict.of("window.twice", "That day has times of its own already.", "Remove them first.");
        day.datesUntil(until.plusDays(1))
                .filter(d -> !known.contains(d))
                .forEach(d -> mapper.insertException(
                        caller.garageId(),
                        new ExceptionRow(
                                d.equals(day) ? id : each(id, d),
                                caller.accountId(),
                                d,
                                from,
                                to,
                                Texts.note("note", note))));
    }

    /** The same day of the same request has the same id, however often it is sent. */
    private static UUID each(UUID request, LocalDate day) {
        return UUID.nameUUIDFromBytes((request + " " + day).getBytes(StandardCharsets.UTF_8));
    }

    void removeException(Caller caller, UUID id) {
        if (mapper.deleteException(caller.garageId(), caller.accountId(), id) == 0) throw new NotFound("day", id);
    }

    @Override
    public Map<UUID, List<TimeWindow>> everybody(Caller caller, LocalDate first, LocalDate last) {
        Map<UUID, Map<LocalDate, Optional<WeekWindow>>> exceptions = new HashMap<>();
        for (ExceptionRow e : mapper.exceptions(caller.garageId(), first))
            exceptions
                    .computeIfAbsent(e.accountId(), a -> new HashMap<>())
                    .put(
                            e.day(),
                            Optional.ofNullable(e.fromMinute())
                                    .map(from -> new WeekWindow(e.day().getDayOfWeek(), from, e.toMinute())));
        Map<UUID, List<TimeWindow>> found = new LinkedHashMap<>();
        weeks(caller)
                .forEach((account, week) -> found.put(
                        account,
                        week.between(first, last, garages.zone(caller), exceptions.getOrDefault(account, Map.of()))));
        return found;
    }

    @Override
    public Map<UUID, List<TimeWindow>> timeToWork(Caller caller, Map<UUID, List<TimeWindow>> sessions) {
        Map<UUID, SetUp> setUps = setUps(caller);
        Map<UUID, List<TimeWindow>> found = new LinkedHashMap<>(sessions);
        found.replaceAll(
                (account, times) -> setUps.getOrDefault(account, SetUp.USUAL).workIn(times));
        return found;
    }

    @Override
    public int minutesPerWeek(Caller caller) {
        return weeks(caller).values().stream()
                .mapToInt(WeekCalendar::minutesPerWeek)
                .sum();
    }

    private Map<UUID, WeekCalendar> weeks(Caller caller) {
        Map<UUID, List<WindowRow>> rows = mapper.all(caller.garageId()).stream()
                .collect(Collectors.groupingBy(WindowRow::accountId, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, WeekCalendar> calendars = new LinkedHashMap<>();
        rows.forEach((account, list) -> calendars.put(
                account,
                new WeekCalendar(list.stream()
                        .map(w -> new WeekWindow(DayOfWeek.of(w.weekday()), w.fromMinute(), w.toMinute()))
                        .toList())));
        return calendars;
    }
}
