package ofisino.core.plan.whatif;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.sentout.DaysAway;

/**
 * The whole body taken down to bare metal and painted anew, instead of only where it is bad.
 *
 * @param strip      to bare metal
 * @param shown      what the bare metal shows is put right; empty where all of it was seen
 * @param coat       painted all over
 * @param others     what the other jobs are to it
 * @param byTrade    what the rules of the trade say of the three and of other jobs
 * @param uncovering accesses for which something comes off
 */
public record BareMetal(
        Task strip,
        Optional<Task> shown,
        Task coat,
        BodyJobs others,
        List<Precedence.Link<ActivityId>> byTrade,
        Set<String> uncovering) {
    /** Its jobs, in their order. */
    public enum Part {
        STRIP,
        SHOWN,
        COAT;

        /**
         * What asks for it: what the metal shows may be what the road asks for; the paint is asked for by what the local coats were for.
         *
         * @param open  jobs that may still be left to it
         * @param whole of the vehicle
         */
        public Aim aim(Collection<Open> open, Aim whole) {
            if (this != COAT) return Aim.ROAD_READY;
            return open.stream()
                    .filter(j -> j.isUntouched() && BodyJobs.isLocalCoat(j.nature()))
                    .map(Open::aim)
                    .max(Aim::compareTo)
                    .orElse(whole);
        }
    }

    /** A job that is not over. */
    public record Open(ActivityId id, JobNature nature, Aim aim, boolean begun, boolean givenAway) {
        /** It may still be left to the whole. */
        boolean isUntouched() {
            return !begun && !givenAway;
        }
    }

    /** Of all jobs that are open, each in its place. @param tasks strip and coat, and shown where something is unseen */
    public static BareMetal of(
            Map<Part, Task> tasks,
            Collection<Open> open,
            List<Precedence.Link<ActivityId>> byTrade,
            Set<String> uncovering) {
        return new BareMetal(
                tasks.get(Part.STRIP),
                Optional.ofNullable(tasks.get(Part.SHOWN)),
                tasks.get(Part.COAT),
                BodyJobs.of(open),
                byTrade,
                uncovering);
    }

    /**
     * @param aim       that asks for it
     * @param demand    of light, warmth, quiet neighbours, where one does it oneself
     * @param resources that the demand names
     * @param materialMinor due when one begins it oneself, in minor units of the base currency
     * @param byOthers  who does it; empty for oneself
     */
    public record Task(
            ActivityId id,
            Aim aim,
            int minutes,
            Activity.Demand demand,
            List<Capacity> resources,
            long materialMinor,
            Optional<ByOthers> byOthers) {
        long priceMinor() {
            return byOthers.map(ByOthers::costMinor).orElse(0L);
        }

        /** Of what one does oneself. */
        public long ownMaterialMinor() {
            return byOthers.isPresent() ? 0 : materialMinor;
        }
    }

    /** @param costMinor what they ask, in minor units of the base currency */
    public record ByOthers(DaysAway away, long costMinor) {
        public ByOthers {
            if (costMinor < 0)
                throw InvalidValue.at(
                        "costMinor", "sent-out.cost", "The price cannot be negative.", "Enter 0 if you do not know.");
        }
    }

    public BareMetal {
        byTrade = List.copyOf(byTrade);
        uncovering = Set.copyOf(uncovering);
    }

    /** What is used up for what one does oneself; minor units of the base currency. */
    public long materialMinor() {
        return tasks().stream().mapToLong(Task::ownMaterialMinor).reduce(0, Math::addExact);
    }

    /** Jobs that stripping the whole takes the place of. */
    public Set<ActivityId> localStrips() {
        return others.localStrips();
    }

    /** Jobs that the one coat takes the place of. */
    public Set<ActivityId> localCoats() {
        return others.localCoats();
    }

    /** All that comes on top: the body may not be painted before what is under the paint is done. */
    public List<Task> tasks() {
        return Stream.of(Optional.of(strip), shown, Optional.of(coat))
                .flatMap(Optional::stream)
                .toList();
    }

    /** With all jobs that are there, and those of the whole body; the local coats are still in it. */
    PlanProblem of(PlanProblem problem) {
        List<Activity> activities = new ArrayList<>(problem.activities());
        tasks().forEach(t -> activities.add(activity(t, problem)));
        Map<String, Capacity> resources = new LinkedHashMap<>();
        Stream.concat(problem.resources().stream(), tasks().stream().flatMap(t -> t.resources().stream()))
                .forEach(r -> resources.putIfAbsent(r.id(), r));
        return problem.withResources(List.copyOf(resources.values()))
                .withStripDowns(activities, links(problem, activities), stripDowns(problem), problem.exclusions());
    }

    /** What is done for the whole and not in places, and what would only be ordered for that. */
    Set<ActivityId> spared(PlanProblem problem) {
        Map<ActivityId, List<ActivityId>> serves = problem.links().stream()
                .collect(Collectors.groupingBy(Link::before, Collectors.mapping(Link::after, Collectors.toList())));
        Set<ActivityId> spared = new HashSet<>(localCoats());
        spared.addAll(localStrips());
        Set<ActivityId> jobs = Set.copyOf(spared);
        problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.ORDER && serves.containsKey(a.id()))
                .map(Activity::id)
                .filter(order -> jobs.containsAll(serves.get(order)))
                .forEach(spared::add);
        return spared;
    }

    /** What takes its place; itself where nothing does. */
    private ActivityId inPlaceOf(ActivityId activity) {
        if (localCoats().contains(activity)) return coat.id();
        return localStrips().contains(activity) ? strip.id() : activity;
    }

    private static Activity activity(Task task, PlanProblem problem) {
        List<String> all = problem.people().stream().map(PlanProblem.Person::id).toList();
        int slots = (int) ((task.minutes() + PlanProblem.SLOT.toMinutes() - 1) / PlanProblem.SLOT.toMinutes());
        Activity own = Activity.job(task.id().value(), task.aim(), Math.max(1, slots), new Activity.Crew(1, all))
                .with(task.demand());
        return task.byOthers()
                .map(o -> Sooner.byOthers(own, o.away(), o.costMinor()))
                .orElseGet(() -> task.ownMaterialMinor() == 0
                        ? own
                        : own.with(List.of(new Activity.Due(task.materialMinor(), Activity.Due.When.START))));
    }

    /** Where the body is uncovered for other work on it, by access: the whole is done meanwhile. Of two strip-downs of one access it is in the first alone. */
    public Map<String, StripDown> meanwhile(PlanProblem problem) {
        Map<String, StripDown> found = new LinkedHashMap<>();
        for (StripDown s : problem.stripDowns())
            if (uncovering.contains(s.access())
                    && s.jobs().stream()
                            .anyMatch(j -> others.onMetal().contains(j)
                                    || localStrips().contains(j)
                                    || localCoats().contains(j))) found.putIfAbsent(s.access(), s);
        return found;
    }

    private List<StripDown> stripDowns(PlanProblem problem) {
        Map<String, StripDown> meanwhile = meanwhile(problem);
        return problem.stripDowns().stream()
                .map(s -> s.equals(meanwhile.get(s.access())) ? joined(s) : s)
                .toList();
    }

    private StripDown joined(StripDown s) {
        List<ActivityId> jobs =
                Stream.concat(s.jobs().stream(), tasks().stream().map(Task::id)).toList();
        return new StripDown(s.id(), s.access(), s.strip(), s.refit(), jobs, s.inside());
    }

    private List<Link> links(PlanProblem problem, List<Activity> activities) {
        Set<ActivityId> there = activities.stream().map(Activity::id).collect(Collectors.toSet());
        List<Precedence.Link<ActivityId>> all = Stream.concat(wanted(problem).stream(), byTrade.stream())
                .filter(l -> there.contains(l.before()) && there.contains(l.after()))
                .toList();
        return Stream.concat(
                        problem.links().stream(),
                        straight(problem, all).stream().map(l -> new Link(l.before(), l.after(), Duration.ZERO)))
                .toList();
    }

    /**
     * What comes after what besides: what hangs on it comes off, it is stripped, all work on the metal, one coat, which comes where the local ones
     * came, and what hangs on it goes on again. Closes no circle.
     */
    public List<Precedence.Link<ActivityId>> order(PlanProblem problem) {
        return straight(problem, wanted(problem));
    }

    /** Of these links those that close no circle with what is there and what was taken before. */
    private static List<Precedence.Link<ActivityId>> straight(
            PlanProblem problem, Collection<Precedence.Link<ActivityId>> links) {
        Precedence<ActivityId> order = new Precedence<>(problem.links().stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList());
        List<Precedence.Link<ActivityId>> straight = new ArrayList<>();
        for (Precedence.Link<ActivityId> link : links)
            if (order.circleClosedBy(link.before(), link.after()).isEmpty()) {
                order.add(link);
                straight.add(link);
            }
        return straight;
    }

    private static Stream<ActivityId> inOrder(Set<ActivityId> some, Set<ActivityId> there) {
        return some.stream().filter(there::contains).sorted(Comparator.comparing(ActivityId::value));
    }

    private Set<Precedence.Link<ActivityId>> wanted(PlanProblem problem) {
        Set<ActivityId> there = problem.activities().stream().map(Activity::id).collect(Collectors.toSet());
        Set<Precedence.Link<ActivityId>> wanted = new LinkedHashSet<>();
        wanted.add(new Precedence.Link<>(strip.id(), coat.id()));
        Stream.concat(shown.stream().map(Task::id), inOrder(others.onMetal(), there))
                .forEach(m -> {
                    if (!others.begun().contains(m)) wanted.add(new Precedence.Link<>(strip.id(), m));
                    wanted.add(new Precedence.Link<>(m, coat.id()));
                });
        inOrder(others.off(), there).forEach(o -> wanted.add(new Precedence.Link<>(o, strip.id())));
        inOrder(others.on(), there)
                .filter(o -> !others.begun().contains(o))
                .forEach(o -> wanted.add(new Precedence.Link<>(coat.id(), o)));
        Set<ActivityId> spared = spared(problem);
        for (Link l : problem.links()) {
            var moved = new Precedence.Link<>(inPlaceOf(l.before()), inPlaceOf(l.after()));
            boolean same = moved.before().equals(l.before()) && moved.after().equals(l.after());
            boolean ordered = spared.contains(l.before()) && moved.before().equals(l.before());
            if (!same && !ordered && !moved.before().equals(moved.after())) wanted.add(moved);
        }
        return wanted;
    }
}
