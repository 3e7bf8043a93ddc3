package ofisino.server.plan.orderofwork;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.orderofwork.Enablers;
import ofisino.core.plan.orderofwork.OrderOfWorkRule;
import ofisino.core.plan.orderofwork.OrderOfWorkRules;
import ofisino.core.plan.orderofwork.OrderOfWorkRules.Blocked;
import ofisino.core.plan.orderofwork.OrderOfWorkRules.Proposed;
import ofisino.core.plan.orderofwork.OrderOfWorkRules.Waiver;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.orderofwork.Phases;
import ofisino.core.plan.orderofwork.Work;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.orderofwork.OrderOfWorkMapper.WaiverRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** The order that the trade demands: proposed, accepted, excused, and kept when a job begins. */
@Service
record OrderOfWorkService(OrderOfWorkMapper mapper, Jobs jobs, Projects projects, OrderOfWorkRules rules, Phases phases)
        implements OrderOfWork {
    record Ordered(Proposed<UUID> proposed, List<WaiverRow> waivers, List<Enablers.Enabler<UUID>> enablers) {}

    Ordered of(Caller caller, UUID projectId) {
        List<WaiverRow> waivers = mapper.waivers(caller.garageId(), projectId);
        List<Precedence.Link<UUID>> links = links(caller, projectId);
        return new Ordered(
                rules.propose(works(caller, projectId).values(), links, waived(waivers)),
                waivers,
                Enablers.of(
                        jobs.of(caller, projectId).stream()
                                .map(j -> new Enablers.Step<>(
                                        j.id(),
                                        j.operation(),
                                        j.details(),
                                        j.leftMinutes(),
                                        j.state().isOver()))
                                .toList(),
                        links));
    }

    private List<Precedence.Link<UUID>> links(Caller caller, UUID projectId) {
        return jobs.links(caller, projectId).stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList();
    }

    private Map<UUID, Work<UUID>> works(Caller caller, UUID projectId) {
        Map<UUID, Work<UUID>> works = new LinkedHashMap<>();
        for (Jobs.Job j : jobs.of(caller, projectId))
            works.put(
                    j.id(),
                    new Work<>(
                            j.id(),
                            j.operation(),
                            j.details(),
                            Optional.ofNullable(j.zone()),
                            Optional.ofNullable(j.system()),
                            Optional.of(j.piece().toString()),
                            j.state().isInHand() || j.state().isDone(),
                            j.state().isOver(),
                            j.state() != JobState.DROPPED));
        return works;
    }

    @Override
    public List<Soon> soon(Caller caller, UUID projectId) {
        Map<UUID, Work<UUID>> works = works(caller, projectId);
        List<Soon> found = new ArrayList<>();
        for (Jobs.Link link : jobs.links(caller, projectId)) {
            if (link.withinMinutes() != null)
                found.add(new Soon(link.before(), link.after(), Duration.ofMinutes(link.withinMinutes()), false));
            else
                rules.within(works.get(link.before()), works.get(link.after()))
                        .ifPresent(w -> found.add(new Soon(link.before(), link.after(), w, true)));
        }
        return found;
    }

    private static Set<Waiver<UUID>> waived(List<WaiverRow> rows) {
        return rows.stream()
                .map(w -> new Waiver<>(w.rule(), w.beforeId(), w.afterId()))
                .collect(Collectors.toSet());
    }

    /** Takes proposed orders as they are; one that was taken meanwhile stays. */
    void accept(Caller caller, UUID projectId, List<Jobs.Link> edges) {
        projects.requireOpen(caller, projectId);
        for (Jobs.Link edge : edges) jobs.link(caller, edge.before(), edge.after());
    }

    /** A rule that only should hold is excused; one that must hold only where nothing is there to be done first. */
    void waive(Caller caller, UUID projectId, WaiverRow row) {
        projects.requireOpen(caller, projectId);
        OrderOfWorkRule rule = rules.all().stream()
                .filter(r -> r.id().equals(row.rule()))
                .findFirst()
                .orElseThrow(() -> InvalidValue.at(
                        "rule", "order-of-work.unknown", "There is no rule “%s”.", "Reload the page.", row.rule()));
        boolean nothingThere = row.beforeId().equals(row.afterId());
        if (rule.must() && !nothingThere)
            throw Conflict.of(
                    "order-of-work.must",
                    "This order cannot be waived: %s",
                    "Do the first job, or drop it.",
                    rule.reason());
        for (UUID id : List.of(row.beforeId(), row.afterId()))
            if (!jobs.require(caller, id).projectId().equals(projectId)) throw new NotFound("job", id);
        mapper.insertWaiver(
                caller.garageId(),
                new WaiverRow(row.rule(), row.beforeId(), row.afterId(), Texts.line("reason", row.reason())));
    }

    void takeBack(Caller caller, UUID projectId, WaiverRow row) {
        projects.requireOpen(caller, projectId);
        if (mapper.deleteWaiver(caller.garageId(), row) == 0) throw new NotFound("waiver", row.rule());
    }

    @EventListener
    void leaveAsked(LeaveAsked asked) {
        UUID projectId = asked.job().projectId();
        Map<UUID, Work<UUID>> works = works(asked.caller(), projectId);
        Map<UUID, Jobs.Job> byId = jobs.of(asked.caller(), projectId).stream()
                .collect(Collectors.toMap(Jobs.Job::id, Function.identity()));
        for (Blocked<UUID> block : rules.blocks(
                works.get(asked.job().id()),
                works.values(),
                waived(mapper.waivers(asked.caller().garageId(), projectId))))
            asked.facts()
                    .ruleBroken(
                            block.by().map(UUID::toString).orElse(""),
                            block.rule().reason(),
                            block.by()
                                    .map(byId::get)
                                    .map(j -> "Do “%s” (%s) first.".formatted(j.title(), j.code()))
                                    .orElse("Add that job, or say under Order that there is nothing to do."));
    }

    @Override
    public Map<UUID, Phase> phases(Caller caller, UUID projectId) {
        Map<UUID, Phase> found = new LinkedHashMap<>();
        works(caller, projectId).values().stream()
                .filter(Work::exists)
                .forEach(work -> found.put(work.id(), phases.of(work)));
        return found;
    }

    @Override
    public List<Binding> binding(Caller caller, UUID projectId, List<ThoughtOf> more) {
        Map<UUID, Work<UUID>> works = works(caller, projectId);
        for (ThoughtOf job : more)
            works.put(
                    job.id(),
                    new Work<>(
                            job.id(),
                            job.nature().operation(),
                            job.nature().details(),
                            Optional.empty(),
                            job.nature().system(),
                            Optional.of(job.id().toString()),
                            false,
                            false,
                            true));
        return rules
                .binding(works.values(), links(caller, projectId), waived(mapper.waivers(caller.garageId(), projectId)))
                .stream()
                .map(e -> new Binding(e.before(), e.after()))
                .toList();
    }
}
