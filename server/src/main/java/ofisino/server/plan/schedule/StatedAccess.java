package ofisino.server.plan.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Subject.Kind;

/** Accesses in the statement of a plan: what is to be taken apart and put together, for which jobs, and what the vehicle is not meanwhile. */
final class StatedAccess {
    final List<Activity> activities = new ArrayList<>();
    final List<PlanProblem.StripDown> stripDowns = new ArrayList<>();
    final List<PlanProblem.Exclusion> exclusions = new ArrayList<>();
    private final List<Job> jobs;
    private final Map<UUID, Job> open;
    private final Crews crews;
    private final Map<String, Subject> subjects;
    private final Set<String> needed;
    private final BiFunction<String, Activity.Timing, Activity.Timing> pin;
    private final Function<String, Activity.Demand> demand;

    /**
     * @param jobs     all of them, those that are over too
     * @param open     those that are not
     * @param subjects what each name stands for; is added to
     * @param needed   states of the vehicle that every work on it needs
     * @param pin      of a name and its timing, the timing as a person moved it
     * @param demand   by access, what opening and closing it asks for
     */
    StatedAccess(
            List<Job> jobs,
            Map<UUID, Job> open,
            Crews crews,
            Map<String, Subject> subjects,
            Set<String> needed,
            BiFunction<String, Activity.Timing, Activity.Timing> pin,
            Function<String, Activity.Demand> demand) {
        this.jobs = jobs;
        this.open = open;
        this.crews = crews;
        this.subjects = subjects;
        this.needed = needed;
        this.pin = pin;
        this.demand = demand;
    }

    /** Those that something is still to be done in, or that are open. */
    void add(List<CarAccess.Unclosed> unclosed) {
        Set<UUID> there = unclosed.stream()
                .filter(s -> s.open() || s.jobs().stream().anyMatch(open::containsKey))
                .map(CarAccess.Unclosed::id)
                .collect(Collectors.toSet());
        unclosed.stream().filter(s -> there.contains(s.id())).forEach(s -> addStripDown(s, there));
    }

    /** Somebody opened it, or work was done in it that cannot be done while it is closed. */
    private boolean isOpen(CarAccess.Unclosed stripDown) {
        return stripDown.open()
                || jobs.stream()
                        .filter(j -> stripDown.jobs().contains(j.id()))
                        .anyMatch(j -> j.state().isInHand() || j.state().isDone());
    }

    private void addStripDown(CarAccess.Unclosed stripDown, Set<UUID> there) {
        boolean isOpen = isOpen(stripDown);
        List<UUID> left = stripDown.jobs().stream().filter(open::containsKey).toList();
        Aim aim = left.stream().map(j -> open.get(j).aim()).min(Aim::compareTo).orElse(Aim.RUNNER);
        ActivityId strip = ActivityId.strip(stripDown.id());
        ActivityId refit = ActivityId.refit(stripDown.id());
        if (!isOpen) add(strip, Kind.STRIP, stripDown, stripDown.stripName(), aim, stripDown.stripMinutes());
        add(refit, Kind.REFIT, stripDown, stripDown.refitName(), aim, stripDown.refitMinutes());
        List<ActivityId> ids = left.stream().map(j -> ActivityId.job(j)).toList();
        stripDowns.add(new PlanProblem.StripDown(
                stripDown.id().toString(),
                stripDown.access(),
                isOpen ? Optional.empty() : Optional.of(strip),
                refit,
                ids,
                stripDown.inside().stream()
                        .filter(there::contains)
                        .map(UUID::toString)
                        .toList()));
        for (CarState state : stripDown.excludes())
            exclusions.add(new PlanProblem.Exclusion(stripDown.id().toString(), state.name()));
    }

    private void add(ActivityId id, Kind kind, CarAccess.Unclosed stripDown, String name, Aim aim, int minutes) {
        subjects.put(id.value(), new Subject(kind, stripDown.id(), name, stripDown.name()));
        activities.add(new Activity(
                id,
                kind == Kind.STRIP ? Activity.ActivityKind.STRIP : Activity.ActivityKind.REFIT,
                aim,
                Math.max(1, Statement.slots(minutes)),
                crews.atMost(stripDown.people()),
                pin.apply(id.value(), Activity.Timing.FREE),
                demand.apply(stripDown.access()),
                List.of(),
                needed,
                false));
    }
}
