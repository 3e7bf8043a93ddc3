package ofisino.core.plan.access;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.BiFunction;
import ofisino.core.kernel.InvalidValue;

/**
 * Which jobs share which strip-down of an access. Every job that needs an access, directly or because another needs it, is in exactly one strip-down of it;
 * a strip-down lies inside one strip-down of each access that it needs.
 *
 * @param <J> whatever names a job
 */
public final class StripDowns<J> {
    private final AccessGraph accesses;
    private final Map<J, Set<String>> needs = new LinkedHashMap<>();
    /** By access, by job: the strip-down. */
    private final Map<String, Map<J, String>> stripDowns = new LinkedHashMap<>();

    private final List<StripDown<J>> all;

    /** One strip-down of an access in the open state: opened once, used by its jobs, closed once. */
    public record StripDown<J>(String id, Access access, Set<J> jobs) {}

    /**
     * @param needs  what each job needs to have open, without what those need themselves
     * @param stripDownOf the strip-down of a job in an access; jobs with the same answer share it
     * @throws InvalidValue when a strip-down would lie inside two strip-downs of what it needs
     */
    public StripDowns(AccessGraph accesses, Map<J, Set<String>> needs, BiFunction<J, String, String> stripDownOf) {
        this.accesses = accesses;
        needs.forEach((job, wanted) -> {
            Set<String> closure = accesses.closure(wanted);
            this.needs.put(job, closure);
            for (String access : closure)
                stripDowns.computeIfAbsent(access, w -> new LinkedHashMap<>()).put(job, stripDownOf.apply(job, access));
        });
        all = List.copyOf(inOrder());
        mustBeNested();
    }

    /** @param closures what each job needs, with all that those need @param stripDowns shared with others that are like it */
    private StripDowns(AccessGraph accesses, Map<J, Set<String>> closures, Map<String, Map<J, String>> stripDowns) {
        this.accesses = accesses;
        this.needs.putAll(closures);
        this.stripDowns.putAll(stripDowns);
        all = List.copyOf(inOrder());
        mustBeNested();
    }

    /**
     * The same, but what would be torn is joined: where a strip-down would lie inside two strip-downs of what it needs, those two become one. So an access may
     * come to need another one after jobs were assigned to it.
     */
    public static <J> StripDowns<J> joined(
            AccessGraph accesses, Map<J, Set<String>> needs, BiFunction<J, String, String> stripDownOf) {
        Map<String, Map<J, String>> stripDowns = new HashMap<>();
        needs.forEach((job, wanted) -> {
            for (String access : accesses.closure(wanted))
                stripDowns.computeIfAbsent(access, w -> new LinkedHashMap<>()).put(job, stripDownOf.apply(job, access));
        });
        // from the inside outwards: what is joined there may tear what is further out
        List<String> fromInside = new ArrayList<>(stripDowns.keySet());
        fromInside.sort(
                Comparator.comparingInt((String w) -> accesses.closure(w).size())
                        .reversed()
                        .thenComparing(w -> w));
        for (String access : fromInside)
            for (String outer : accesses.closure(access)) {
                Map<J, String> around = stripDowns.get(outer);
                Map<String, String> first = new HashMap<>();
                stripDowns.get(access).forEach((job, stripDown) -> {
                    String kept = first.putIfAbsent(stripDown, around.get(job));
                    String other = around.get(job);
                    if (kept != null && !kept.equals(other)) around.replaceAll((j, s) -> s.equals(other) ? kept : s);
                    first.replaceAll((s, k) -> k.equals(other) && kept != null ? kept : k);
                });
            }
        return new StripDowns<>(
                accesses, needs, (job, access) -> stripDowns.get(access).get(job));
    }

    private void mustBeNested() {
        for (StripDown<J> stripDown : all)
            if (stripDown.jobs().size() > 1)
                for (String needed : accesses.closure(stripDown.access().id())) mustShare(stripDown, needed);
    }

    private void mustShare(StripDown<J> stripDown, String needed) {
        Map<J, String> outer = stripDowns.get(needed);
        String shared = null;
        for (J job : stripDown.jobs()) {
            String around = outer.get(job);
            if (shared == null) shared = around;
            else if (!shared.equals(around))
                throw InvalidValue.of(
                        "strip-down.torn",
                        "“%s” cannot stay open while “%s” is closed and opened again.",
                        "Split that one too, or neither.",
                        stripDown.access().name(),
                        accesses.require(needed).name());
        }
    }

    private List<StripDown<J>> inOrder() {
        List<Access> outermostFirst = new ArrayList<>(accesses.all());
        outermostFirst.sort(
                Comparator.comparingInt(w -> accesses.closure(w.id()).size()));
        List<StripDown<J>> found = new ArrayList<>();
        for (Access access : outermostFirst) {
            Map<String, Set<J>> byStripDown = new LinkedHashMap<>();
            stripDowns
                    .getOrDefault(access.id(), Map.of())
                    .forEach((job, stripDown) -> byStripDown
                            .computeIfAbsent(stripDown, s -> new LinkedHashSet<>())
                            .add(job));
            byStripDown.forEach((stripDown, jobs) -> found.add(new StripDown<>(stripDown, access, jobs)));
        }
        return found;
    }

    /** What is opened first comes first. */
    public List<StripDown<J>> all() {
        return all;
    }

    /** The strip-down that a job uses for an access. @throws NullPointerException when the job does not need the access */
    public String stripDown(J job, String access) {
        return stripDowns.get(access).get(job);
    }

    /** What a strip-down lies inside, the outermost first. */
    public List<StripDown<J>> around(StripDown<J> stripDown) {
        J any = stripDown.jobs().iterator().next();
        Set<String> needed = accesses.closure(stripDown.access().id());
        return all.stream()
                .filter(o -> needed.contains(o.access().id())
                        && !o.access().equals(stripDown.access())
                        && o.id().equals(stripDown(any, o.access().id())))
                .toList();
    }

    /** What lies inside a strip-down. */
    public List<StripDown<J>> inside(StripDown<J> stripDown) {
        return all().stream()
                .filter(o ->
                        accesses.isNeededBy(stripDown.access().id(), o.access().id())
                                && stripDown.jobs().containsAll(o.jobs()))
                .toList();
    }

    /** Empty where the job does not need the access. */
    public Optional<String> find(J job, String access) {
        return Optional.ofNullable(stripDowns.getOrDefault(access, Map.of()).get(job));
    }

    /** The jobs of a strip-down; empty where there is none. */
    public Set<J> jobsOf(String access, String stripDown) {
        Set<J> found = new LinkedHashSet<>();
        stripDowns.getOrDefault(access, Map.of()).forEach((job, s) -> {
            if (s.equals(stripDown)) found.add(job);
        });
        return found;
    }

    /** The two strip-downs become the first; so do those of what the access needs. */
    public StripDowns<J> merged(String access, String first, String second) {
        J one = any(access, first);
        J other = any(access, second);
        Map<String, Map<J, String>> joined = new LinkedHashMap<>(stripDowns);
        for (String needed : accesses.closure(access)) {
            String gone = stripDown(other, needed);
            String kept = stripDown(one, needed);
            Map<J, String> renamed = new LinkedHashMap<>(stripDowns.get(needed));
            renamed.replaceAll((job, stripDown) -> stripDown.equals(gone) ? kept : stripDown);
            joined.put(needed, renamed);
        }
        return new StripDowns<>(accesses, needs, joined);
    }

    /**
     * The strip-downs of an access that these jobs are in become one, and with them those of what the access needs.
     *
     * @param preferred whose name it keeps, the first of them that is among them; else the name of the first
     */
    public StripDowns<J> sharing(String access, Collection<J> jobs, Collection<String> preferred) {
        Set<String> its = new LinkedHashSet<>();
        jobs.forEach(job -> find(job, access).ifPresent(its::add));
        if (its.size() < 2) return this;
        String kept = preferred.stream()
                .filter(its::contains)
                .findFirst()
                .orElseGet(() -> its.iterator().next());
        StripDowns<J> shared = this;
        for (String other : its) if (!other.equals(kept)) shared = shared.merged(access, kept, other);
        return shared;
    }

    private J any(String access, String stripDown) {
        return jobsOf(access, stripDown).stream()
                .findFirst()
                .orElseThrow(() -> InvalidValue.of(
                        "strip-down.unknown", "This strip-down is not there any more.", "Load the page again."));
    }

    /**
     * The given jobs leave a strip-down for one of their own; so do those who are with them in whatever needs the access, and what that needs stays
     * shared.
     */
    public StripDowns<J> split(String access, String stripDown, Set<J> leaving, String fresh) {
        Set<J> inside = jobsOf(access, stripDown);
        if (!inside.containsAll(leaving) || leaving.isEmpty() || leaving.size() == inside.size())
            throw InvalidValue.of(
                    "strip-down.split", "Some of its jobs must leave and some must stay.", "Choose some, not all.");
        return left(access, leaving, fresh);
    }

    /** Like {@link #split}, also when nobody stays behind: what is left to do comes after it was closed. */
    public StripDowns<J> left(String access, Set<J> leaving, String fresh) {
        return new StripDowns<>(
                accesses,
                needs,
                (job, w) -> leaving.contains(job) && (w.equals(access) || accesses.isNeededBy(access, w))
                        ? w.equals(access) ? fresh : named(fresh + stripDown(job, w))
                        : stripDown(job, w));
    }

    /** A name that is the same each time it is made of the same text. */
    private static String named(String text) {
        return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /**
     * @param minutes      to open and close all stays once each
     * @param aloneMinutes what the jobs would take if each opened and closed all it needs for itself
     * @param litres       that run out, by circuit
     * @param aloneLitres  that would run out if each job did it alone
     */
    public record Totals(int minutes, int aloneMinutes, Map<Circuit, Double> litres, Map<Circuit, Double> aloneLitres) {
        /** Against each job opening by itself. */
        public int savedMinutes() {
            return aloneMinutes - minutes;
        }

        /** Of fluid, against each job draining by itself. */
        public double savedLitres() {
            return sum(aloneLitres) - sum(litres);
        }

        private static double sum(Map<Circuit, Double> litres) {
            return litres.values().stream().mapToDouble(Double::doubleValue).sum();
        }
    }

    /** What all strip-downs cost together. */
    public Totals totals() {
        int minutes = 0;
        Map<Circuit, Double> litres = new EnumMap<>(Circuit.class);
        for (StripDown<J> stripDown : all()) {
            minutes += stripDown.access().minutes();
            pour(litres, stripDown.access());
        }
        int alone = 0;
        Map<Circuit, Double> aloneLitres = new EnumMap<>(Circuit.class);
        for (Set<String> closure : needs.values())
            for (String access : closure) {
                alone += accesses.require(access).minutes();
                pour(aloneLitres, accesses.require(access));
            }
        return new Totals(minutes, alone, litres, aloneLitres);
    }

    private static void pour(Map<Circuit, Double> litres, Access access) {
        access.drained().ifPresent(d -> litres.merge(d.circuit(), d.litres(), Double::sum));
    }

    /** What is bought anew because accesses are closed, each as often as it is closed. */
    public Map<String, Integer> usedUp() {
        Map<String, Integer> used = new TreeMap<>();
        for (StripDown<J> stripDown : all())
            for (String thing : stripDown.access().usesUp()) used.merge(thing, 1, Integer::sum);
        return used;
    }

    /** The strip-downs of an access, in the order in which their first jobs were given. */
    public List<String> stripDownsOf(String access) {
        return List.copyOf(
                new LinkedHashSet<>(stripDowns.getOrDefault(access, Map.of()).values()));
    }

    Set<J> together(String access, Collection<String> of) {
        Set<J> found = new LinkedHashSet<>();
        of.forEach(stripDown -> found.addAll(jobsOf(access, stripDown)));
        return found;
    }

    AccessGraph accesses() {
        return accesses;
    }
}
