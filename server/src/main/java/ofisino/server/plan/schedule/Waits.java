package ofisino.server.plan.schedule;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.whatif.Undated;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Waiting;
import ofisino.server.plan.Plans.Waiting.WaitsBecause;

/** Jobs that wait for something of which the date is not known, or only promised. */
final class Waits {
    private final LocalDate today;
    private final BinaryOperator<Need> theLater;
    private final Set<ActivityId> shut = new LinkedHashSet<>();
    private final Set<ActivityId> unseen = new LinkedHashSet<>();
    private final Map<ActivityId, Need> held = new LinkedHashMap<>();

    Waits(LocalDate today) {
        this.today = today;
        this.theLater = BinaryOperator.maxBy(
                Comparator.comparing(n -> n.waitsWithoutADate(today) ? LocalDate.MAX : n.answerBy()));
    }

    void shut(ActivityId job) {
        shut.add(job);
    }

    void unseen(ActivityId job) {
        unseen.add(job);
    }

    void forAnswer(ActivityId job, Need need) {
        held.merge(job, need, theLater);
    }

    Undated.Rest rest(PlanProblem all) {
        return Undated.leaveOut(
                all,
                shut,
                held.entrySet().stream()
                        .filter(e -> e.getValue().waitsWithoutADate(today))
                        .map(Map.Entry::getKey)
                        .collect(Collectors.toSet()));
    }

    List<Waiting> named(PlanProblem all, Set<ActivityId> leftOut, Map<String, Subject> subjects) {
        return all.activities().stream()
                .filter(a -> leftOut.contains(a.id()) || held.containsKey(a.id()) || unseen.contains(a.id()))
                .map(a -> waiting(a, leftOut.contains(a.id()), subjects))
                .toList();
    }

    private Waiting waiting(Activity a, boolean leftOut, Map<String, Subject> subjects) {
        Subject subject = subjects.get(a.id().value());
        if (shut.contains(a.id())) return new Waiting(subject, a.aim(), WaitsBecause.GATE_SHUT, null, null, leftOut);
        Need need = held.get(a.id());
        if (need == null) {
            WaitsBecause why = leftOut ? WaitsBecause.AFTER : WaitsBecause.UNSEEN;
            return new Waiting(subject, a.aim(), why, null, null, leftOut);
        }
        return new Waiting(
                subject,
                a.aim(),
                WaitsBecause.ANSWER,
                subjects.get(ActivityId.need(need.id()).value()),
                need.waitsWithoutADate(today) ? null : need.answerBy(),
                leftOut);
    }
}
