package ofisino.server.plan.schedule;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.access.BeforeClosing;
import ofisino.core.plan.grouping.OpenedByWork;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Piece;
import ofisino.core.vehicle.body.Zone;
import ofisino.server.plan.Jobs.Job;

/** Jobs that belong to one piece of work, as a plan has to know them. */
final class Pieces {
    private static final BeforeClosing BEFORE_CLOSING = BeforeClosing.load();

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

    /** Jobs that look for a fault before anything is apart. */
    static Set<ActivityId> thatLook(Collection<Job> open) {
        return open.stream()
                .filter(j -> j.details().contains(Detail.AS_FOUND))
                .map(j -> ActivityId.job(j.id()))
                .collect(Collectors.toSet());
    }

    /** By job, and by what closes an access, other accesses that are not closed before, though it does not need them open. */
    static Map<ActivityId, Set<String>> beforeClosing(Collection<Job> open, PlanProblem problem) {
        Map<ActivityId, Set<String>> found = new LinkedHashMap<>();
        for (Job j : open)
            found.put(
                    ActivityId.job(j.id()),
                    BEFORE_CLOSING.of(j.zone() == null ? "" : Zone.placeOf(j.zone()), j.nature()));
        problem.stripDowns().forEach(s -> found.put(s.refit(), BEFORE_CLOSING.of(s.access())));
        found.values().removeIf(Set::isEmpty);
        return found;
    }

    /** Pieces of work that open an access with their first job and close it with their last, which is still to be done. */
    static List<OpenedByWork> thatOpen(List<Job> jobs, Map<UUID, Set<String>> accesses, PlanProblem problem) {
        if (accesses.isEmpty()) return List.of();
        // what somebody else does is away meanwhile, and nothing is done in it
        Set<ActivityId> there = problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.JOB)
                .map(Activity::id)
                .collect(Collectors.toSet());
        return jobs.stream()
                .filter(j -> accesses.containsKey(j.piece()))
                .sorted(Comparator.comparingInt(Job::position))
                .collect(Collectors.groupingBy(Job::piece, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(piece -> opened(piece, accesses.get(piece.get(0).piece()), there).stream())
                .toList();
    }

    private static Optional<OpenedByWork> opened(List<Job> piece, Set<String> accesses, Set<ActivityId> there) {
        Job first = piece.get(0);
        ActivityId opens = ActivityId.job(first.id());
        ActivityId closes = ActivityId.job(piece.get(piece.size() - 1).id());
        if (piece.size() < 2 || !there.contains(closes)) return Optional.empty();
        if (there.contains(opens)) return Optional.of(new OpenedByWork(accesses, Optional.of(opens), closes));
        return first.state().isDone()
                ? Optional.of(new OpenedByWork(accesses, Optional.empty(), closes))
                : Optional.empty();
    }
}
