package ofisino.server.money.otherway;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Side;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.scope.Growth;
import ofisino.core.plan.whatif.BareMetal;
import ofisino.core.plan.whatif.BareMetal.Part;
import ofisino.core.plan.whatif.BareMetal.Task;
import ofisino.core.plan.whatif.BareMetalUsual;
import ofisino.core.plan.whatif.BareMetalUsual.Bought;
import ofisino.core.plan.whatif.BareMetalUsual.PartJob;
import ofisino.server.identity.Caller;
import ofisino.server.money.otherway.OtherWayController.BareMetalFields;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.NewNeed;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** A whole body at bare metal becomes the plan: its jobs, their order, what stays off meanwhile, and what is bought for it. */
@Component
record KeptBareMetal(
        Projects projects,
        BareMetals bareMetals,
        BareMetalUsual usually,
        Jobs jobs,
        GivenAwayJobs givenAwayJobs,
        CarAccess access,
        Needs needs) {
    /** From the shop round the corner. */
    private static final int LEAD_DAYS = 0;

    /** @param problem as it is stated before */
    void keep(Caller caller, UUID projectId, UUID wayId, BareMetalFields said, PlanProblem problem) {
        Projects.Project project = projects.require(caller, projectId);
        BareMetal whole = bareMetals.of(caller, projectId, wayId, said);
        add(caller, project, wayId, Part.STRIP, whole.strip(), whole.localStrips());
        whole.shown().ifPresent(t -> add(caller, project, wayId, Part.SHOWN, t, Set.of()));
        add(caller, project, wayId, Part.COAT, whole.coat(), whole.localCoats());
        Map<ActivityId, UUID> byActivity =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(j -> ActivityId.job(j.id()), Job::id));
        whole.order(problem).stream()
                .filter(l -> byActivity.keySet().containsAll(Set.of(l.before(), l.after())))
                .forEach(l -> jobs.link(caller, byActivity.get(l.before()), byActivity.get(l.after())));
        Map<String, UUID> meanwhile = new HashMap<>();
        for (StripDown s : whole.meanwhile(problem).values())
            s.jobs().stream()
                    .filter(byActivity::containsKey)
                    .findFirst()
                    .ifPresent(job -> meanwhile.put(s.access(), byActivity.get(job)));
        whole.tasks().forEach(t -> access.joinStripDowns(caller, byActivity.get(t.id()), meanwhile));
    }

    /** @param local jobs that it takes the place of */
    private void add(Caller caller, Projects.Project project, UUID wayId, Part part, Task task, Set<ActivityId> local) {
        UUID id = BareMetals.idOf(wayId, part);
        PartJob job = usually.job(part);
        jobs.add(
                caller,
                project.id(),
                new Jobs.NewJob(
                        id,
                        job.title(),
                        job.nature(),
                        task.aim(),
                        bareMetals.own(caller, project, part).effort(),
                        findings(caller, project.id(), local),
                        Growth.Cause.TASTE));
        if (task.byOthers().isEmpty()) job.buys().ifPresent(b -> buy(caller, project, id, b, task.ownMaterialMinor()));
        task.byOthers()
                .ifPresent(o -> givenAwayJobs.give(
                        caller, new GivenAwayJobs.JobGivenAway(id, "", o.away().days(), o.costMinor(), null, 0)));
    }

    /** What these jobs were to deal with. */
    private List<UUID> findings(Caller caller, UUID projectId, Set<ActivityId> local) {
        return jobs.findingsByJob(caller, projectId).entrySet().stream()
                .filter(e -> local.contains(ActivityId.job(e.getKey())))
                .flatMap(e -> e.getValue().stream())
                .distinct()
                .toList();
    }

    /** @param minor what it is thought to cost; 0 where nobody knows */
    private void buy(Caller caller, Projects.Project project, UUID job, Bought what, long minor) {
        UUID id = UUID.nameUUIDFromBytes((job + " " + what.title()).getBytes(StandardCharsets.UTF_8));
        int colour = usually.of(project.bodyStyle()).colourMillilitres();
        needs.add(
                caller,
                project.id(),
                what.of()
                        .map(item -> new NewNeed(
                                id, job, item, what.title(), Side.NONE, colour, AmountUnit.MILLILITRE, LEAD_DAYS))
                        .orElseGet(() ->
                                new NewNeed(id, job, null, what.title(), Side.NONE, 1, AmountUnit.PIECE, LEAD_DAYS)));
        if (minor > 0) needs.save(caller, needs.open(caller, id).thoughtOf(minor, LEAD_DAYS));
    }
}
