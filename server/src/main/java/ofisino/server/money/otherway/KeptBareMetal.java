package ofisino.server.money.otherway;

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
import ofisino.core.plan.whatif.BareMetal.Task;
import ofisino.server.identity.Caller;
import ofisino.server.money.otherway.OtherWayController.BareMetalFields;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.NewNeed;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A whole body at bare metal becomes the plan: its jobs, their order, what stays off meanwhile, and what is bought for it. */
@Component
record KeptBareMetal(BareMetals bareMetals, Jobs jobs, GivenAwayJobs givenAwayJobs, CarAccess access, Needs needs) {
    /** From the shop round the corner. */
    private static final int LEAD_DAYS = 0;

    /** As it comes out of a gun for a whole body, in millilitres. Common practice, no source. */
    private static final int COLOUR_MILLILITRES = 4000;

    /** @param problem as it is stated before */
    void keep(Caller caller, UUID projectId, UUID wayId, BareMetalFields said, PlanProblem problem) {
        BareMetal whole = bareMetals.of(caller, projectId, wayId, said);
        add(
                caller,
                projectId,
                wayId,
                BareMetalPart.STRIP,
                whole.strip(),
                findings(caller, projectId, whole.localStrips()));
        whole.shown().ifPresent(t -> add(caller, projectId, wayId, BareMetalPart.SHOWN, t, List.of()));
        add(
                caller,
                projectId,
                wayId,
                BareMetalPart.COAT,
                whole.coat(),
                findings(caller, projectId, whole.localCoats()));
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
        buy(caller, projectId, wayId, whole);
    }

    private void add(Caller caller, UUID projectId, UUID wayId, BareMetalPart part, Task task, List<UUID> findings) {
        jobs.add(
                caller,
                projectId,
                new Jobs.NewJob(
                        part.of(wayId),
                        part.title,
                        part.nature,
                        task.aim(),
                        bareMetals.effort(caller, projectId, part),
                        findings,
                        Growth.Cause.TASTE));
        task.byOthers()
                .ifPresent(o -> givenAwayJobs.give(
                        caller,
                        new GivenAwayJobs.JobGivenAway(
                                part.of(wayId), "", o.away().days(), o.costMinor(), null, 0)));
    }

    /** What these jobs were to deal with. */
    private List<UUID> findings(Caller caller, UUID projectId, Set<ActivityId> local) {
        return jobs.findingsByJob(caller, projectId).entrySet().stream()
                .filter(e -> local.contains(ActivityId.job(e.getKey())))
                .flatMap(e -> e.getValue().stream())
                .distinct()
                .toList();
    }

    private void buy(Caller caller, UUID projectId, UUID wayId, BareMetal whole) {
        UUID strip = BareMetalPart.STRIP.of(wayId);
        UUID coat = BareMetalPart.COAT.of(wayId);
        buy(
                caller,
                projectId,
                need(strip, null, "Discs and cleaner to strip the whole body", 1, AmountUnit.PIECE),
                whole.strip().ownMaterialMinor());
        buy(
                caller,
                projectId,
                need(
                        coat,
                        BareMetals.COLOUR,
                        "Filler, primer and colour for the whole body",
                        COLOUR_MILLILITRES,
                        AmountUnit.MILLILITRE),
                whole.coat().ownMaterialMinor());
    }

    private static NewNeed need(UUID job, @Nullable String item, String title, int quantity, AmountUnit unit) {
        UUID id = new UUID(job.getMostSignificantBits(), ~job.getLeastSignificantBits());
        return new NewNeed(id, job, item, title, Side.NONE, quantity, unit, LEAD_DAYS);
    }

    private void buy(Caller caller, UUID projectId, NewNeed material, long minor) {
        if (minor == 0) return;
        needs.add(caller, projectId, material);
        needs.save(caller, needs.open(caller, material.id()).thoughtOf(minor, LEAD_DAYS));
    }
}
