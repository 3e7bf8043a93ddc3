package ofisino.server.plan.access;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.AgeingParts;
import ofisino.core.plan.access.StripDowns;
import ofisino.core.plan.access.WhileOpen;
import ofisino.core.plan.access.WhileOpen.Weighed;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.scope.Growth;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.FindingEstimates;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Inspection;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What else to do while an access is open. */
@Service
record WhileOpenService(
        AccessService access,
        SharedAccess shared,
        Jobs jobs,
        Needs needs,
        Findings findings,
        FindingEstimates estimates,
        Inspection inspection,
        Projects projects,
        AgeingParts ageing,
        Equipments equipments,
        Garages garages,
        Clock clock) {
    record Offer(Weighed weighed, Optional<String> zone) {}

    List<Offer> offers(Caller caller, UUID projectId, UUID id) {
        Standing s = shared.standing(caller, projectId);
        StripDowns.StripDown<UUID> stripDown = s.require(id);
        String access = stripDown.access().id();
        int again = s.accesses().minutesAlone(List.of(access));
        Set<String> reached = new LinkedHashSet<>();
        for (String open : s.accesses().closure(access))
            reached.addAll(s.accesses().require(open).reaches());
        List<Offer> offers = new ArrayList<>();
        ageingParts(caller, projectId, s, stripDown, again, offers);
        openFindings(caller, projectId, reached, again, offers);
        looks(caller, projectId, reached, again, offers);
        otherStripDowns(s, stripDown, again, offers);
        offers.sort(Comparator.comparingInt(
                (Offer o) -> o.weighed().nowMinutes() - o.weighed().laterMinutes()));
        return offers;
    }

    private void ageingParts(
            Caller caller,
            UUID projectId,
            Standing s,
            StripDowns.StripDown<UUID> stripDown,
            int again,
            List<Offer> offers) {
        Projects.Project project = projects.require(caller, projectId);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        Map<String, LocalDate> fitted = fitted(caller, projectId);
        Set<String> taken = new LinkedHashSet<>();
        for (UUID job : stripDown.jobs()) taken.add(s.jobs().get(job).title());
        for (AgeingParts.Part part : ageing.behind(stripDown.access().id(), equipments.of(caller, project))) {
            if (taken.contains(titleOf(part))) continue;
            offers.add(new Offer(
                    WhileOpen.weigh(
                            WhileOpen.ageing(
                                    part,
                                    Optional.of(AgeingParts.Part.age(
                                            Optional.ofNullable(
                                                    fitted.get(part.component().id())),
                                            project.builtYear(),
                                            today))),
                            again),
                    Optional.empty()));
        }
    }

    /** By component, the last day on which a job put a new one in. */
    private Map<String, LocalDate> fitted(Caller caller, UUID projectId) {
        Map<UUID, Jobs.Job> byId = jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, j -> j));
        Map<String, LocalDate> last = new HashMap<>();
        for (Needs.Need n : needs.of(caller, projectId)) {
            Jobs.Job job = n.state().isFitted() && n.jobId() != null ? byId.get(n.jobId()) : null;
            if (job != null && n.item() != null && job.finishedOn() != null)
                last.merge(n.item(), job.finishedOn(), (a, b) -> a.isAfter(b) ? a : b);
        }
        return last;
    }

    private static String titleOf(AgeingParts.Part part) {
        return "Renew: " + part.name().toLowerCase(java.util.Locale.ROOT);
    }

    private void openFindings(Caller caller, UUID projectId, Set<String> reached, int again, List<Offer> offers) {
        Set<UUID> withJobs = jobs.findingsWithJobs(caller, projectId);
        Map<UUID, Integer> likely = estimates.of(caller, projectId).stream()
                .collect(Collectors.toMap(
                        FindingEstimates.FindingEstimate::findingId,
                        e -> e.effort().likelyMinutes()));
        for (Finding f : findings.of(caller, projectId))
            if (!f.state().isOver()
                    && !withJobs.contains(f.id())
                    && reached.contains(Zone.placeOf(f.zone()))
                    && !f.isDecided(Decision.ACCEPT))
                offers.add(new Offer(
                        WhileOpen.weigh(
                                WhileOpen.finding(
                                        f.id().toString(),
                                        f.kind().name(),
                                        likely.getOrDefault(f.id(), 0),
                                        f.isDecided(Decision.DEFER)),
                                again),
                        Optional.of(f.zone())));
    }

    private void looks(Caller caller, UUID projectId, Set<String> reached, int again, List<Offer> offers) {
        inspection.unseen(caller, projectId).byPlace().forEach((zone, unseen) -> {
            if (unseen.open() > 0 && reached.contains(Zone.placeOf(zone)))
                offers.add(new Offer(WhileOpen.weigh(WhileOpen.look(zone, unseen.share()), again), Optional.of(zone)));
        });
    }

    /** Jobs that have a strip-down of their own of the same access. */
    private void otherStripDowns(Standing s, StripDowns.StripDown<UUID> stripDown, int again, List<Offer> offers) {
        for (StripDowns.StripDown<UUID> other : s.stripDowns().all())
            if (other.access().id().equals(stripDown.access().id())
                    && !other.id().equals(stripDown.id())
                    && !s.isClosed(other.id()))
                for (UUID job : other.jobs()) {
                    Jobs.Job j = s.jobs().get(job);
                    if (j.state().isOver()) continue;
                    offers.add(new Offer(
                            WhileOpen.weigh(WhileOpen.laterJob(j.id().toString(), j.title(), j.likelyMinutes()), again),
                            Optional.ofNullable(j.zone())));
                }
    }

    void take(Caller caller, UUID projectId, UUID id, UUID jobId, String partId) {
        projects.requireOpen(caller, projectId);
        Standing s = shared.standing(caller, projectId);
        StripDowns.StripDown<UUID> stripDown = s.require(id);
        AgeingParts.Part part =
                ageing
                        .behind(stripDown.access().id(), equipments.of(caller, projects.require(caller, projectId)))
                        .stream()
                        .filter(p -> p.id().equals(partId))
                        .findFirst()
                        .orElseThrow(() -> InvalidValue.at(
                                "part",
                                "ageing.unknown",
                                "“%s” is not behind this access.",
                                "Reload the page.",
                                partId));
        jobs.add(
                caller,
                projectId,
                new Jobs.NewJob(
                        jobId,
                        titleOf(part),
                        new JobNature(Operation.REPLACE, Optional.empty(), Set.of()),
                        null,
                        new Effort(part.minutes() / 2, part.minutes(), part.minutes() * 2),
                        List.of(),
                        Growth.Cause.ACCESS_OPEN));
        access.joinStripDowns(
                caller,
                jobId,
                Map.of(stripDown.access().id(), stripDown.jobs().iterator().next()));
    }
}
