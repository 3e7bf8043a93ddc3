package ofisino.server.plan.schedule;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.server.plan.schedule.PlanMapper.FollowedRow;

/** The plan that is followed, as rows. */
final class Followed {
    private Followed() {}

    static List<FollowedRow> rows(Plan plan, Instant at) {
        List<FollowedRow> rows = new ArrayList<>();
        for (Scheduled s : plan.activities().values())
            rows.add(new FollowedRow(
                    rows.size(),
                    s.id().value(),
                    s.start(),
                    s.end(),
                    s.people(),
                    s.stretches().stream()
                            .flatMap(w -> List.of(w.from().toString(), w.to().toString()).stream())
                            .toList(),
                    at));
        return rows;
    }

    static Plan plan(List<FollowedRow> rows) {
        Map<ActivityId, Scheduled> found = new LinkedHashMap<>();
        for (FollowedRow r : rows) {
            List<TimeWindow> stretches = new ArrayList<>();
            for (int i = 0; i + 1 < r.stretches().size(); i += 2)
                stretches.add(new TimeWindow(
                        Instant.parse(r.stretches().get(i)),
                        Instant.parse(r.stretches().get(i + 1))));
            var id = new ActivityId(r.activity());
            found.put(id, new Scheduled(id, stretches, r.people(), r.startsAt(), r.endsAt(), List.of()));
        }
        return new Plan(found);
    }
}
