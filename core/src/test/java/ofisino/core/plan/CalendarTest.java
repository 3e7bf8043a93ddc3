package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.SetUp;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.core.plan.calendar.WeekWindow;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.tonight.Tonight;
import org.junit.jupiter.api.Test;

class CalendarTest {
    private static final ZoneId VIENNA = ZoneId.of("Europe/Vienna");

    /** By the calendar: clocks went forward on Sunday 29 March 2026 at 2:00, so a night from 0:00 to 4:00 had three hours. */
    @Test
    void followsTheClockOnTheWall() {
        var sunday = new WeekWindow(DayOfWeek.SUNDAY, 0, 4 * 60).on(LocalDate.of(2026, 3, 29), VIENNA);
        assertThat(Duration.between(sunday.from(), sunday.to())).isEqualTo(Duration.ofHours(3));
        var late = new WeekWindow(DayOfWeek.FRIDAY, 22 * 60, 1440).on(LocalDate.of(2026, 3, 27), VIENNA);
        assertThat(late.to()).isEqualTo(Instant.parse("2026-03-27T23:00:00Z"));
    }

    /**
     * By the calendar: on Sunday 28 March 2027 the clock goes from 2:00 to 3:00, on Sunday 31 October 2027 from 3:00 back to 2:00. Each quarter
     * of both nights begins and ends a window, and none ends before it begins.
     */
    @Test
    void aTimeThatTheClockSkipsIsTheInstantAtWhichItDoes() {
        LocalDate forward = LocalDate.of(2027, 3, 28);
        LocalDate back = LocalDate.of(2027, 10, 31);
        for (int from = 0; from < 300; from += 15)
            for (int to = from + 15; to <= 315; to += 15) {
                var window = new WeekWindow(DayOfWeek.SUNDAY, from, to);
                int skipped = Math.max(0, Math.min(to, 180) - Math.max(from, 120));
                assertThat(Duration.between(
                                window.on(forward, VIENNA).from(),
                                window.on(forward, VIENNA).to()))
                        .as("%d to %d, forward", from, to)
                        .isEqualTo(Duration.ofMinutes(to - from - skipped));
                assertThat(window.on(back, VIENNA).to())
                        .isAfter(window.on(back, VIENNA).from());
            }
        var gone = new WeekWindow(DayOfWeek.SUNDAY, 150, 180).on(forward, VIENNA);
        assertThat(gone.from()).isEqualTo(gone.to()).isEqualTo(Instant.parse("2027-03-28T01:00:00Z"));
        assertThat(new WeekWindow(DayOfWeek.SUNDAY, 180, 240).on(back, VIENNA).from())
                .as("three o’clock comes once, after the second two o’clock")
                .isEqualTo(Instant.parse("2027-10-31T02:00:00Z"));
    }

    /** Twenty minutes are two quarters of an hour, one at each end; an evening of half an hour leaves nothing. Common practice, no source. */
    @Test
    void leavesTimeToSetUpAndToClearAway() {
        Instant seven = Instant.parse("2026-03-04T18:00:00Z");
        List<TimeWindow> sessions = List.of(
                new TimeWindow(seven, seven.plus(Duration.ofHours(2))),
                new TimeWindow(seven, seven.plus(Duration.ofMinutes(30))));
        assertThat(SetUp.USUAL.workIn(sessions))
                .containsExactly(
                        new TimeWindow(seven.plus(Duration.ofMinutes(15)), seven.plus(Duration.ofMinutes(105))));
        assertThat(new SetUp(0).workIn(sessions)).isEqualTo(sessions);
        for (int minutes = 0; minutes <= 120; minutes++) {
            Duration session = Duration.ofHours(4);
            TimeWindow work = new SetUp(minutes)
                    .workIn(List.of(new TimeWindow(seven, seven.plus(session))))
                    .get(0);
            assertThat(session.minus(Duration.between(work.from(), work.to())).toMinutes())
                    .as("by quarters, and no more than it takes")
                    .isBetween((long) minutes, minutes + 14L);
        }
        for (int wrong : new int[] {-1, 121})
            assertThatThrownBy(() -> new SetUp(wrong)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void listsTheWindowsOfAStretchOfDays() {
        var calendar = new WeekCalendar(
                List.of(new WeekWindow(DayOfWeek.SATURDAY, 540, 780), new WeekWindow(DayOfWeek.WEDNESDAY, 1140, 1260)));
        assertThat(calendar.between(LocalDate.of(2026, 3, 2), LocalDate.of(2026, 3, 8), VIENNA))
                .extracting(TimeWindow::from)
                .containsExactly(Instant.parse("2026-03-04T18:00:00Z"), Instant.parse("2026-03-07T08:00:00Z"));
        assertThat(calendar.minutesPerWeek()).isEqualTo(360);
    }

    @Test
    void moreSessionsComeOnFreeDaysAndFewerLeaveOne() {
        var evening = new WeekWindow(DayOfWeek.WEDNESDAY, 1140, 1260);
        var morning = new WeekWindow(DayOfWeek.SATURDAY, 540, 780);
        var calendar = new WeekCalendar(List.of(morning, evening));
        assertThat(calendar.withSessions(2, DayOfWeek.FRIDAY).windows())
                .as("at the hours of the longest, from Friday on")
                .containsExactly(
                        evening,
                        new WeekWindow(DayOfWeek.FRIDAY, 540, 780),
                        morning,
                        new WeekWindow(DayOfWeek.SUNDAY, 540, 780));
        assertThat(calendar.withSessions(9, DayOfWeek.MONDAY).windows())
                .as("a week has seven days")
                .hasSize(7);
        assertThat(calendar.withSessions(-1, DayOfWeek.MONDAY).windows()).containsExactly(evening);
        assertThat(calendar.withSessions(-5, DayOfWeek.MONDAY).windows()).containsExactly(evening);
        var none = new WeekCalendar(List.of());
        assertThat(none.withSessions(-1, DayOfWeek.MONDAY)).isEqualTo(none);
        assertThat(none.withSessions(1, DayOfWeek.SUNDAY).windows())
                .containsExactly(new WeekWindow(DayOfWeek.SUNDAY, 1080, 1200));
    }

    @Test
    void refusesTimesThatOverlapOrEndBeforeTheyBegin() {
        assertThatThrownBy(() -> new WeekWindow(DayOfWeek.MONDAY, 600, 600))
                .hasMessageContaining("ends before it begins");
        assertThatThrownBy(() -> new WeekWindow(DayOfWeek.MONDAY, 605, 700)).hasMessageContaining("quarters");
        assertThatThrownBy(() -> new WeekWindow(DayOfWeek.MONDAY, 600, 1455)).hasMessageContaining("same day");
        assertThatThrownBy(() -> new WeekCalendar(List.of(
                        new WeekWindow(DayOfWeek.MONDAY, 600, 720), new WeekWindow(DayOfWeek.MONDAY, 705, 810))))
                .hasMessageContaining("overlap");
    }

    /** By hand: at 19:30 on an evening from 19:00 to 21:30, two hours are left, and the jobs stand in the order of their work. */
    @Test
    void tonightIsWhatIsLeftOfTheNextStay() {
        Instant now = Instant.parse("2026-03-04T18:30:00Z");
        var workSession = new TimeWindow(Instant.parse("2026-03-04T18:00:00Z"), Instant.parse("2026-03-04T20:30:00Z"));
        var next = new TimeWindow(Instant.parse("2026-03-07T08:00:00Z"), Instant.parse("2026-03-07T12:00:00Z"));
        var brakes = scheduled("brakes", "2026-03-04T19:30:00Z", "2026-03-04T20:30:00Z");
        var pipe = scheduled("pipe", "2026-03-04T18:30:00Z", "2026-03-04T19:30:00Z");
        var later = scheduled("later", "2026-03-07T08:00:00Z", "2026-03-07T09:00:00Z");
        var plan = new Plan(Map.of(brakes.id(), brakes, pipe.id(), pipe, later.id(), later));
        var tonight = Tonight.next(
                        plan, Set.of(brakes.id(), pipe.id(), later.id()), List.of(workSession, next), now, VIENNA)
                .orElseThrow();
        assertThat(tonight)
                .isEqualTo(new Tonight(
                        LocalDate.of(2026, 3, 4),
                        120,
                        List.of(new Tonight.Planned(pipe.id(), 60), new Tonight.Planned(brakes.id(), 60))));
        assertThat(Tonight.next(plan, Set.of(), List.of(), now, VIENNA)).isEmpty();
        assertThat(Tonight.next(plan, Set.of(later.id()), List.of(workSession, next), workSession.to(), VIENNA)
                        .orElseThrow()
                        .day())
                .isEqualTo(LocalDate.of(2026, 3, 7));
    }

    private static Plan.Scheduled scheduled(String id, String from, String to) {
        var stripDown = new TimeWindow(Instant.parse(from), Instant.parse(to));
        return new Plan.Scheduled(
                new ActivityId(id),
                List.of(stripDown),
                List.of("ines"),
                stripDown.from(),
                stripDown.to(),
                List.of(new Reason(Reason.ReasonKind.NOW, "", stripDown.from())));
    }

    /** By hand: of 18-21, 18-19 and 20-21 are left when something takes 19-20; what touches or lies outside takes nothing. */
    @Test
    void whatAnotherCarTakesIsNotThere() {
        TimeWindow workSession = hours("18", "21");
        assertThat(TimeWindow.without(List.of(workSession), List.of(hours("19", "20"))))
                .containsExactly(hours("18", "19"), hours("20", "21"));
        assertThat(TimeWindow.without(List.of(workSession), List.of(hours("17", "18"), hours("21", "22"))))
                .containsExactly(workSession);
        assertThat(TimeWindow.without(List.of(workSession), List.of(hours("17", "22"))))
                .isEmpty();
        assertThat(TimeWindow.without(List.of(workSession), List.of(hours("20", "22"), hours("17", "19"))))
                .containsExactly(hours("19", "20"));
    }

    private static TimeWindow hours(String from, String to) {
        return new TimeWindow(
                Instant.parse("2026-03-03T" + from + ":00:00Z"), Instant.parse("2026-03-03T" + to + ":00:00Z"));
    }

    /** By hand: Tuesdays 18-20; the 10th is off, the 17th goes on until 21. */
    @Test
    void daysWithOtherTimesReplaceThoseOfTheWeek() {
        var week = new WeekCalendar(List.of(new WeekWindow(DayOfWeek.TUESDAY, 1080, 1200)));
        var days = week.between(
                LocalDate.of(2026, 3, 3),
                LocalDate.of(2026, 3, 17),
                ZoneOffset.UTC,
                Map.of(
                        LocalDate.of(2026, 3, 10),
                        Optional.empty(),
                        LocalDate.of(2026, 3, 17),
                        Optional.of(new WeekWindow(DayOfWeek.TUESDAY, 1080, 1260))));
        assertThat(days)
                .containsExactly(
                        hours("18", "20"),
                        new TimeWindow(Instant.parse("2026-03-17T18:00:00Z"), Instant.parse("2026-03-17T21:00:00Z")));
    }
}
