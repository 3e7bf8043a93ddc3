package ofisino.core.plan.access;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.plan.job.Precedence;

/**
 * Which strip-downs of an access could be one. They could unless some job between them needs a state that the open access excludes: then it has to
 * be closed in between.
 */
public final class Merging {
    private Merging() {}

    /**
     * @param stripDowns        to become the first of them
     * @param savedMinutes of opening and closing, what the access needs included
     * @param savedLitres  that do not run out twice
     */
    public record Proposal(String access, List<String> stripDowns, int savedMinutes, double savedLitres) {
        public Proposal {
            stripDowns = List.copyOf(stripDowns);
        }
    }

    /**
     * @param started strip-downs that are open or closed already: one that is closed is never merged
     * @param states  what state of the vehicle each job needs
     * @return by what is saved, most first
     */
    public static <J> List<Proposal> propose(
            StripDowns<J> stripDowns,
            Collection<Precedence.Link<J>> links,
            Map<J, Set<CarState>> states,
            Set<String> closed) {
        Precedence<J> order = new Precedence<>(links);
        List<Proposal> found = new ArrayList<>();
        for (Access access : stripDowns.accesses().all()) {
            List<String> ofThisAccess = stripDowns.stripDownsOf(access.id()).stream()
                    .filter(s -> !closed.contains(s))
                    .toList();
            List<String> cluster = new ArrayList<>();
            StripDowns<J> merged = stripDowns;
            for (String stripDown : ofThisAccess) {
                if (cluster.isEmpty()) {
                    cluster.add(stripDown);
                    continue;
                }
                StripDowns<J> further = merged.merged(access.id(), cluster.get(0), stripDown);
                if (!allowed(further, access.id(), cluster.get(0), order, states)) continue;
                cluster.add(stripDown);
                merged = further;
            }
            if (cluster.size() < 2) continue;
            StripDowns.Totals before = stripDowns.totals();
            StripDowns.Totals after = merged.totals();
            if (before.minutes() > after.minutes())
                found.add(new Proposal(
                        access.id(),
                        cluster,
                        before.minutes() - after.minutes(),
                        after.savedLitres() - before.savedLitres()));
        }
        found.sort(Comparator.comparingInt(Proposal::savedMinutes).reversed());
        return found;
    }

    /** Whether nothing forces the access, or anything that it needs, to be closed within the strip-down. */
    static <J> boolean allowed(
            StripDowns<J> stripDowns,
            String access,
            String stripDown,
            Precedence<J> order,
            Map<J, Set<CarState>> states) {
        J any = stripDowns.together(access, List.of(stripDown)).iterator().next();
        for (String open : stripDowns.accesses().closure(access)) {
            Set<J> inside = stripDowns.together(open, List.of(stripDowns.stripDown(any, open)));
            Set<CarState> excluded = stripDowns.accesses().require(open).excludes();
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
