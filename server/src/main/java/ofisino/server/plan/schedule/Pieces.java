package ofisino.server.plan.schedule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem.Piece;
import ofisino.server.plan.Jobs.Job;

/** Jobs that belong to one piece of work, as a plan has to know them. */
final class Pieces {
    private Pieces() {}

    /** What is left of each piece of work that has several jobs, or is begun. @param open the jobs that are not over */
    static List<Piece> leftOf(List<Job> jobs, Set<UUID> open) {
        Map<UUID, List<Job>> pieces =
                jobs.stream().collect(Collectors.groupingBy(Job::piece, LinkedHashMap::new, Collectors.toList()));
        return pieces.values().stream()
                .map(piece -> new Piece(
                        piece.stream()
                                .map(Job::id)
                                .filter(open::contains)
                                .map(ActivityId::job)
                                .collect(Collectors.toSet()),
                        piece.stream()
                                .anyMatch(j -> j.state().isInHand() || j.state().isDone())))
                .filter(piece -> piece.left().size() > 1
                        || piece.begun() && !piece.left().isEmpty())
                .toList();
    }
}
