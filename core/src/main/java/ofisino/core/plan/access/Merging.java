package ofisino.core.plan.access;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.plan.job.Precedence;

/**
 * Which openings of a way in could be one. They could unless some job between them needs a state that the open way in excludes: then it has to
 * be closed in between.
 */
public final class Merging {
    private Merging() {}

    /**
     * @param stays        to become the first of them
     * @param savedMinutes of opening and closing, what the way in needs included
     * @param savedLitres  that do not run out twice
     */
    public record Proposal(String wayIn, List<String> stays, int savedMinutes, double savedLitres) {
        public Proposal {
            stays = List.copyOf(stays);
        }
    }

    /**
     * @param started stays that are open or closed already: one that is closed is never merged
     * @param states  what state of the vehicle each job needs
     * @return by what is saved, most first
     */
    public static <J> List<Proposal> propose(
            Openings<J> openings,
            Collection<Precedence.Link<J>> links,
            Map<J, Set<CarState>> states,
            Set<String> closed) {
        Precedence<J> order = new Precedence<>(links);
        List<Proposal> found = new ArrayList<>();
        for (WayIn way : openings.ways().all()) {
            List<String> stays = openings.staysOf(way.id()).stream()
                    .filter(s -> !closed.contains(s))
                    .toList();
            List<String> cluster = new ArrayList<>();
            Openings<J> merged = openings;
            for (String stay : stays) {
                if (cluster.isEmpty()) {
                    cluster.add(stay);
                    continue;
                }
                Openings<J> further = merged.merged(way.id(), cluster.get(0), stay);
                if (!allowed(further, way.id(), cluster.get(0), order, states)) continue;
                cluster.add(stay);
                merged = further;
            }
            if (cluster.size() < 2) continue;
            Openings.Totals before = openings.totals();
            Openings.Totals after = merged.totals();
            if (before.minutes() > after.minutes())
                found.add(new Proposal(
                        way.id(),
                        cluster,
                        before.minutes() - after.minutes(),
                        after.savedLitres() - before.savedLitres()));
        }
        found.sort(Comparator.comparingInt(Proposal::savedMinutes).reversed());
        return found;
    }

    /** Whether nothing forces the way in, or anything that it needs, to be closed within the stay. */
    static <J> boolean allowed(
            Openings<J> openings, String way, String stay, Precedence<J> order, Map<J, Set<CarState>> states) {
        J any = openings.together(way, List.of(stay)).iterator().next();
        for (String open : openings.ways().closure(way)) {
            Set<J> inside = openings.together(open, List.of(openings.stay(any, open)));
            Set<CarState> excluded = openings.ways().require(open).excludes();
            for (Map.Entry<J, Set<CarState>> other : states.entrySet()) {
                if (other.getValue().stream().noneMatch(excluded::contains)) continue;
                J job = other.getKey();
                if (inside.contains(job)) return false;
                if (inside.stream().anyMatch(j -> order.isBefore(j, job))
                        && inside.stream().anyMatch(j -> order.isBefore(job, j))) return false;
            }
        }
        return true;
    }
}
