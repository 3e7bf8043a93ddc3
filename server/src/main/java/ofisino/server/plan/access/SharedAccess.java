package ofisino.server.plan.access;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.StripDowns;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.identity.Caller;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.Plans;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Accesses as the plan shares them. Which jobs share a strip-down is the planner's own decision, made anew with every plan; only what a person opened,
 * joined or set apart is stored.
 */
@Service
record SharedAccess(AccessService access, StripDownService stripDowns, Plans plans, Projects projects) {
    Standing standing(Caller caller, UUID projectId) {
        return asPlanned(access.standing(caller, projectId), caller, projectId);
    }

    private Standing asPlanned(Standing stored, Caller caller, UUID projectId) {
        StripDowns<UUID> shared = stored.stripDowns();
        for (PlanProblem.StripDown planned :
                plans.of(caller, projectId).problem().stripDowns()) {
            List<String> its = stored.jobs().keySet().stream()
                    .filter(job -> planned.jobs().contains(ActivityId.job(job)))
                    .flatMap(job -> shared(stored, job, planned.access()).stream())
                    .distinct()
                    .toList();
            String first = its.contains(planned.id())
                    ? planned.id()
                    : its.stream().findFirst().orElse("");
            for (String other : its) shared = merged(shared, planned.access(), first, other);
        }
        return stored.sharing(shared);
    }

    private static Optional<String> shared(Standing stored, UUID job, String access) {
        return stored.stripDowns().find(job, access);
    }

    /** Those that are one already, because what needs them is, stay one. */
    private static StripDowns<UUID> merged(StripDowns<UUID> all, String access, String first, String other) {
        boolean apart = !first.equals(other) && all.stripDownsOf(access).containsAll(List.of(first, other));
        return apart ? all.merged(access, first, other) : all;
    }

    /** A job begins when what it needs to have open is open. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        if (asked.move() != Move.BEGIN) return;
        Standing planned = standing(asked.caller(), asked.job().projectId());
        planned.stripDowns().all().stream()
                .filter(o ->
                        o.jobs().contains(asked.job().id()) && !planned.isOpen(o.id()) && !planned.isClosed(o.id()))
                .forEach(o -> asked.facts().notOpened(o.id(), o.access().name()));
    }

    /** What the plan opens at once is opened at once, with all that it needs. */
    void open(Caller caller, UUID projectId, UUID id, BeforeStripDown.MadeSure made) {
        projects.requireOpen(caller, projectId);
        Standing planned = standing(caller, projectId);
        StripDowns.StripDown<UUID> stripDown = planned.require(id);
        for (String needed : planned.accesses().closure(stripDown.access().id()))
            keep(
                    caller,
                    planned.stripDowns(),
                    needed,
                    stripDown.jobs().iterator().next());
        stripDowns.open(caller, projectId, id, made);
    }

    /** From now on those strip-downs are one, whatever the plan would do. @param jobs instead of strip-downs: whose strip-downs are to become one */
    void merge(Caller caller, UUID projectId, String accessId, @Nullable List<UUID> chosen, @Nullable List<UUID> jobs) {
        projects.requireOpen(caller, projectId);
        Standing planned = standing(caller, projectId);
        List<String> all = jobs == null ? named(chosen) : ofJobs(planned, accessId, jobs);
        if (all.isEmpty() || jobs == null && all.size() < 2)
            throw InvalidValue.at(
                    "stripDowns",
                    "strip-down.merge",
                    "Fewer than two strip-downs are chosen.",
                    "Choose at least two to make one of.");
        all.forEach(planned::mustNotBeClosed);
        StripDowns<UUID> merged = planned.stripDowns();
        for (String other : all.subList(1, all.size())) merged = merged.merged(accessId, all.get(0), other);
        UUID any = planned.stripDowns().jobsOf(accessId, all.get(0)).iterator().next();
        for (String needed : planned.accesses().closure(accessId)) keep(caller, merged, needed, any);
    }

    private static List<String> named(@Nullable List<UUID> chosen) {
        return chosen == null ? List.of() : chosen.stream().map(UUID::toString).toList();
    }

    private static List<String> ofJobs(Standing planned, String accessId, List<UUID> jobs) {
        return jobs.stream()
                .flatMap(job -> shared(planned, job, accessId).stream())
                .distinct()
                .toList();
    }

    /** These jobs get a strip-down of their own, and the plan leaves it so. */
    void split(Caller caller, UUID projectId, String accessId, UUID stripDown, Set<UUID> leaving, UUID fresh) {
        projects.requireOpen(caller, projectId);
        Standing planned = standing(caller, projectId);
        planned.mustNotBeClosed(stripDown.toString());
        access.move(
                caller,
                planned.stripDowns(),
                planned.stripDowns().split(accessId, stripDown.toString(), leaving, fresh.toString()));
    }

    /** Stores who shares the strip-down that a job is in. */
    private void keep(Caller caller, StripDowns<UUID> shared, String accessId, UUID job) {
        String id = shared.stripDown(job, accessId);
        access.keep(caller, shared.jobsOf(accessId, id), accessId, UUID.fromString(id));
    }
}
