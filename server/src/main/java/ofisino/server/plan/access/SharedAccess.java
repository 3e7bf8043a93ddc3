package ofisino.server.plan.access;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.StripDowns;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.identity.Caller;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.Plans;
import ofisino.server.plan.StripDownsShared;
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
        List<String> open = stored.rounds().openOnes().map(UUID::toString).toList();
        for (PlanProblem.StripDown planned :
                plans.of(caller, projectId).problem().stripDowns()) {
            shared = shared.sharing(
                    planned.access(),
                    stored.jobs().keySet().stream()
                            .filter(job -> isIn(planned, stored, job))
                            .toList(),
                    Stream.concat(open.stream(), Stream.of(planned.id())).toList());
        }
        return stored.sharing(shared);
    }

    /** What was done in what is open is in it too, though nothing of it is left to plan. */
    private static boolean isIn(PlanProblem.StripDown planned, Standing stored, UUID job) {
        return planned.jobs().contains(ActivityId.job(job))
                || planned.strip().isEmpty()
                        && stored.stripDowns()
                                .find(job, planned.access())
                                .filter(stored::isOpen)
                                .isPresent();
    }

    /** A job begins when what it needs to have open is open. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        if (asked.move() != Move.BEGIN) return;
        Standing planned = standing(asked.caller(), asked.job().projectId());
        planned.stripDowns().all().stream()
                .filter(o -> o.jobs().contains(asked.job().id()) && !planned.isOpen(o.id()))
                .forEach(o -> asked.facts().notOpened(o.id(), o.access().name()));
    }

    /** What the plan opens at once is opened at once, with all that it needs. */
    void open(Caller caller, UUID projectId, UUID id, BeforeStripDown.MadeSure made) {
        projects.requireOpen(caller, projectId);
        Standing planned = standing(caller, projectId);
        StripDowns.StripDown<UUID> stripDown = planned.require(id);
        if (planned.isClosed(stripDown.id())) {
            UUID next = inNextRound(caller, planned, stripDown);
            if (!planned.isOpen(next.toString())) open(caller, projectId, next, made);
            return;
        }
        keepAll(caller, planned, stripDown);
        stripDowns.open(caller, projectId, id, made);
    }

    /** What was closed keeps its days; its jobs are in the next one, and so they are in what has to be open around it. */
    private UUID inNextRound(Caller caller, Standing planned, StripDowns.StripDown<UUID> closed) {
        UUID piece = planned.jobs().get(closed.jobs().iterator().next()).piece();
        for (String needed : planned.accesses().closure(closed.access().id()))
            closed.jobs().stream()
                    .filter(job -> planned.isClosed(planned.stripDowns().stripDown(job, needed)))
                    .forEach(job -> access.keep(
                            caller, Set.of(job), needed, planned.rounds().next(piece, needed)));
        return planned.rounds().next(piece, closed.access().id());
    }

    /** What the plan counts on to be open is asked, not only what was known when it was opened. @param again what is not begun opens it again later */
    void close(Caller caller, UUID projectId, UUID id, long version, boolean again) {
        projects.requireOpen(caller, projectId);
        Standing planned = standing(caller, projectId);
        keepAll(caller, planned, planned.require(id));
        stripDowns.close(caller, projectId, id, version, again);
    }

    void closeForNow(Caller caller, UUID projectId, UUID id, long version) {
        projects.requireOpen(caller, projectId);
        Standing planned = standing(caller, projectId);
        keepAll(caller, planned, planned.require(id));
        stripDowns.closeForNow(caller, projectId, id, version);
    }

    private void keepAll(Caller caller, Standing planned, StripDowns.StripDown<UUID> stripDown) {
        UUID any = stripDown.jobs().iterator().next();
        for (String needed : planned.accesses().closure(stripDown.access().id()))
            keep(caller, planned.stripDowns(), needed, any);
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

    @EventListener
    void stripDownsShared(StripDownsShared shared) {
        merge(shared.caller(), shared.projectId(), shared.access(), null, List.copyOf(shared.jobs()));
    }

    private static List<String> named(@Nullable List<UUID> chosen) {
        return chosen == null ? List.of() : chosen.stream().map(UUID::toString).toList();
    }

    private static List<String> ofJobs(Standing planned, String accessId, List<UUID> jobs) {
        return jobs.stream()
                .flatMap(job -> planned.stripDowns().find(job, accessId).stream())
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
