package ofisino.core.plan.access;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.Precedence;

/** The accesses of one vehicle, each with what it needs; no circle among them. */
public final class AccessGraph {
    private final Map<String, Access> byId = new LinkedHashMap<>();
    private final Map<String, Set<String>> closures = new LinkedHashMap<>();

    /** @throws InvalidValue when one needs another that is not there, or they run in a circle */
    public AccessGraph(Collection<Access> all) {
        for (Access w : all)
            if (byId.put(w.id(), w) != null)
                throw InvalidValue.of(
                        "access.twice", "The access “%s” is there twice.", "Give one of them another id.", w.name());
        List<Precedence.Link<String>> links = new ArrayList<>();
        for (Access w : all)
            for (String need : w.needs()) {
                if (!byId.containsKey(need))
                    throw InvalidValue.at(
                            "needs",
                            "access.unknown",
                            "“%s” needs “%s”, which this vehicle does not have.",
                            "Choose what it needs from the list.",
                            w.name(),
                            need);
                links.add(new Precedence.Link<>(need, w.id()));
            }
        Precedence.circleIn(links).ifPresent(circle -> {
            throw InvalidValue.at(
                    "needs",
                    "access.circle",
                    "These would need one another for ever: %s.",
                    "Leave one of them out.",
                    circle.stream().map(id -> "“" + byId.get(id).name() + "”").collect(Collectors.joining(" → ")));
        });
    }

    /** With a person's own: one of the same id takes the place of what was there. */
    public AccessGraph with(Collection<Access> own) {
        Map<String, Access> merged = new LinkedHashMap<>(byId);
        own.forEach(w -> merged.put(w.id(), w));
        return new AccessGraph(merged.values());
    }

    /** In the order in which they were given. */
    public List<Access> all() {
        return List.copyOf(byId.values());
    }

    /** Whether an access has this id. */
    public boolean has(String id) {
        return byId.containsKey(id);
    }

    /** @throws InvalidValue when the vehicle has no such access */
    public Access require(String id) {
        Access found = byId.get(id);
        if (found == null)
            throw InvalidValue.at(
                    "access", "access.unknown", "This vehicle has no access “%s”.", "Choose one from the list.", id);
        return found;
    }

    /** All that has to be open for it, itself last. */
    public Set<String> closure(String id) {
        Set<String> known = closures.get(id);
        if (known != null) return known;
        Set<String> found = new LinkedHashSet<>();
        for (String need : require(id).needs()) found.addAll(closure(need));
        found.add(id);
        closures.put(id, found);
        return found;
    }

    /** These and all that must be open for them, the outermost first. @throws InvalidValue when one is not known */
    public Set<String> closure(Collection<String> ids) {
        Set<String> found = new LinkedHashSet<>();
        for (String id : ids) found.addAll(closure(id));
        return found;
    }

    /** Whether the first has to be open for the second. */
    public boolean isNeededBy(String needed, String by) {
        return !needed.equals(by) && closure(by).contains(needed);
    }

    /** Minutes to open all that it needs and itself, and to close it all again. */
    public int minutesAlone(Collection<String> ids) {
        return closure(ids).stream().mapToInt(id -> require(id).minutes()).sum();
    }
}
