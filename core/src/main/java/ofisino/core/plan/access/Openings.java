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
 * Which jobs share which stay of a way in. Every job that needs a way in, directly or because another needs it, is in exactly one stay of it;
 * a stay lies inside one stay of each way in that it needs.
 *
 * @param <J> whatever names a job
 */
public final class Openings<J> {
    private final WaysIn ways;
    private final Map<J, Set<String>> needs = new LinkedHashMap<>();
    /** By way in, by job: the stay. */
    private final Map<String, Map<J, String>> stays = new LinkedHashMap<>();

    private final List<Opening<J>> all;

    /** One stay of a way in in the open state: opened once, used by its jobs, closed once. */
    public record Opening<J>(String id, WayIn wayIn, Set<J> jobs) {}

    /**
     * @param needs  what each job needs to have open, without what those need themselves
     * @param stayOf the stay of a job in a way in; jobs with the same answer share it
     * @throws InvalidValue when a stay would lie inside two stays of what it needs
     */
    public Openings(WaysIn ways, Map<J, Set<String>> needs, BiFunction<J, String, String> stayOf) {
        this.ways = ways;
        needs.forEach((job, wanted) -> {
            Set<String> closure = ways.closure(wanted);
            this.needs.put(job, closure);
            for (String way : closure)
                stays.computeIfAbsent(way, w -> new LinkedHashMap<>()).put(job, stayOf.apply(job, way));
        });
        all = List.copyOf(inOrder());
        mustBeNested();
    }

    /** @param closures what each job needs, with all that those need @param stays shared with others that are like it */
    private Openings(WaysIn ways, Map<J, Set<String>> closures, Map<String, Map<J, String>> stays) {
        this.ways = ways;
        this.needs.putAll(closures);
        this.stays.putAll(stays);
        all = List.copyOf(inOrder());
        mustBeNested();
    }

    /**
     * The same, but what would be torn is joined: where a stay would lie inside two stays of what it needs, those two become one. So a way in may
     * come to need another one after jobs were assigned to it.
     */
    public static <J> Openings<J> joined(WaysIn ways, Map<J, Set<String>> needs, BiFunction<J, String, String> stayOf) {
        Map<String, Map<J, String>> stays = new HashMap<>();
        needs.forEach((job, wanted) -> {
            for (String way : ways.closure(wanted))
                stays.computeIfAbsent(way, w -> new LinkedHashMap<>()).put(job, stayOf.apply(job, way));
        });
        // from the inside outwards: what is joined there may tear what is further out
        List<String> fromInside = new ArrayList<>(stays.keySet());
        fromInside.sort(Comparator.comparingInt((String w) -> ways.closure(w).size())
                .reversed()
                .thenComparing(w -> w));
        for (String way : fromInside)
            for (String outer : ways.closure(way)) {
                Map<J, String> around = stays.get(outer);
                Map<String, String> first = new HashMap<>();
                stays.get(way).forEach((job, stay) -> {
                    String kept = first.putIfAbsent(stay, around.get(job));
                    String other = around.get(job);
                    if (kept != null && !kept.equals(other)) around.replaceAll((j, s) -> s.equals(other) ? kept : s);
                    first.replaceAll((s, k) -> k.equals(other) && kept != null ? kept : k);
                });
            }
        return new Openings<>(ways, needs, (job, way) -> stays.get(way).get(job));
    }

    private void mustBeNested() {
        for (Opening<J> opening : all)
            if (opening.jobs().size() > 1)
                for (String needed : ways.closure(opening.wayIn().id())) mustShare(opening, needed);
    }

    private void mustShare(Opening<J> opening, String needed) {
        Map<J, String> outer = stays.get(needed);
        String shared = null;
        for (J job : opening.jobs()) {
            String stay = outer.get(job);
            if (shared == null) shared = stay;
            else if (!shared.equals(stay))
                throw new InvalidValue(
                        "opening.torn",
                        "“%s” cannot stay open while “%s” is closed and opened again."
                                .formatted(
                                        opening.wayIn().name(),
                                        ways.require(needed).name()));
        }
    }

    private List<Opening<J>> inOrder() {
        List<WayIn> outermostFirst = new ArrayList<>(ways.all());
        outermostFirst.sort(Comparator.comparingInt(w -> ways.closure(w.id()).size()));
        List<Opening<J>> found = new ArrayList<>();
        for (WayIn way : outermostFirst) {
            Map<String, Set<J>> byStay = new LinkedHashMap<>();
            stays.getOrDefault(way.id(), Map.of())
                    .forEach((job, stay) -> byStay.computeIfAbsent(stay, s -> new LinkedHashSet<>())
                            .add(job));
            byStay.forEach((stay, jobs) -> found.add(new Opening<>(stay, way, jobs)));
        }
        return found;
    }

    /** What is opened first comes first. */
    public List<Opening<J>> all() {
        return all;
    }

    public String stay(J job, String way) {
        return stays.get(way).get(job);
    }

    /** What a stay lies inside, the outermost first. */
    public List<Opening<J>> around(Opening<J> opening) {
        J any = opening.jobs().iterator().next();
        Set<String> needed = ways.closure(opening.wayIn().id());
        return all.stream()
                .filter(o -> needed.contains(o.wayIn().id())
                        && !o.wayIn().equals(opening.wayIn())
                        && o.id().equals(stay(any, o.wayIn().id())))
                .toList();
    }

    /** What lies inside a stay. */
    public List<Opening<J>> inside(Opening<J> opening) {
        return all().stream()
                .filter(o -> ways.isNeededBy(opening.wayIn().id(), o.wayIn().id())
                        && opening.jobs().containsAll(o.jobs()))
                .toList();
    }

    /** Empty where the job does not need the way in. */
    public Optional<String> find(J job, String way) {
        return Optional.ofNullable(stays.getOrDefault(way, Map.of()).get(job));
    }

    private Set<J> jobsIn(String way, String stay) {
        Set<J> found = new LinkedHashSet<>();
        stays.getOrDefault(way, Map.of()).forEach((job, s) -> {
            if (s.equals(stay)) found.add(job);
        });
        return found;
    }

    /** The two stays become the first; so do those of what the way in needs. */
    public Openings<J> merged(String way, String first, String second) {
        J one = any(way, first);
        J other = any(way, second);
        Map<String, Map<J, String>> joined = new LinkedHashMap<>(stays);
        for (String needed : ways.closure(way)) {
            String gone = stay(other, needed);
            String kept = stay(one, needed);
            Map<J, String> renamed = new LinkedHashMap<>(stays.get(needed));
            renamed.replaceAll((job, stay) -> stay.equals(gone) ? kept : stay);
            joined.put(needed, renamed);
        }
        return new Openings<>(ways, needs, joined);
    }

    private J any(String way, String stay) {
        return jobsIn(way, stay).stream()
                .findFirst()
                .orElseThrow(() -> new InvalidValue(
                        "opening.unknown", "This opening is not there any more. Load the page again."));
    }

    /**
     * The given jobs leave a stay for one of their own; so do those who are with them in whatever needs the way in, and what that needs stays
     * shared.
     */
    public Openings<J> split(String way, String stay, Set<J> leaving, String fresh) {
        Set<J> inside = jobsIn(way, stay);
        if (!inside.containsAll(leaving) || leaving.isEmpty() || leaving.size() == inside.size())
            throw new InvalidValue(
                    "opening.split", "Choose some of the jobs of this opening, and leave at least one in it.");
        return left(way, leaving, fresh);
    }

    /** Like {@link #split}, also when nobody stays behind: what is left to do comes after it was closed. */
    public Openings<J> left(String way, Set<J> leaving, String fresh) {
        return new Openings<>(
                ways,
                needs,
                (job, w) -> leaving.contains(job) && (w.equals(way) || ways.isNeededBy(way, w))
                        ? w.equals(way) ? fresh : named(fresh + stay(job, w))
                        : stay(job, w));
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
        public int savedMinutes() {
            return aloneMinutes - minutes;
        }

        public double savedLitres() {
            return sum(aloneLitres) - sum(litres);
        }

        private static double sum(Map<Circuit, Double> litres) {
            return litres.values().stream().mapToDouble(Double::doubleValue).sum();
        }
    }

    public Totals totals() {
        int minutes = 0;
        Map<Circuit, Double> litres = new EnumMap<>(Circuit.class);
        for (Opening<J> opening : all()) {
            minutes += opening.wayIn().minutes();
            pour(litres, opening.wayIn());
        }
        int alone = 0;
        Map<Circuit, Double> aloneLitres = new EnumMap<>(Circuit.class);
        for (Set<String> closure : needs.values())
            for (String way : closure) {
                alone += ways.require(way).minutes();
                pour(aloneLitres, ways.require(way));
            }
        return new Totals(minutes, alone, litres, aloneLitres);
    }

    private static void pour(Map<Circuit, Double> litres, WayIn way) {
        way.drained().ifPresent(d -> litres.merge(d.circuit(), d.litres(), Double::sum));
    }

    /** What is bought anew because ways in are closed, each as often as it is closed. */
    public Map<String, Integer> usedUp() {
        Map<String, Integer> used = new TreeMap<>();
        for (Opening<J> opening : all())
            for (String thing : opening.wayIn().usesUp()) used.merge(thing, 1, Integer::sum);
        return used;
    }

    /** The stays of a way in, in the order in which their first jobs were given. */
    public List<String> staysOf(String way) {
        return List.copyOf(new LinkedHashSet<>(stays.getOrDefault(way, Map.of()).values()));
    }

    Set<J> together(String way, Collection<String> of) {
        Set<J> found = new LinkedHashSet<>();
        of.forEach(stay -> found.addAll(jobsIn(way, stay)));
        return found;
    }

    WaysIn ways() {
        return ways;
    }
}
