package ofisino.server.plan.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.identity.Caller;

/**
 * The garage as a plan finds it.
 *
 * @param people everybody with time in it, and when they can work
 * @param visits when any of them is there, setting up and clearing away too
 * @param now    the quarter of an hour that begins
 */
record GarageNow(Caller caller, List<PlanProblem.Person> people, List<TimeWindow> visits, ZoneId zone, Instant now) {
    LocalDate today() {
        return now.atZone(zone).toLocalDate();
    }
}
