package ofisino.server.plan.job;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.parts.sourcing.ToBuy;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Progress;
import ofisino.core.plan.job.Standing;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.permit.Obstacle;
import ofisino.core.plan.scope.Growth;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record JobController(
        JobService service,
        ChainService chains,
        JobShaping shaping,
        JobDangers jobDangers,
        OrderOfWork orderOfWork,
        GivenAwayJobs givenAway) {
    record EffortFields(int optimisticMinutes, int likelyMinutes, int pessimisticMinutes) {
        static EffortFields of(Effort e) {
            return new EffortFields(e.optimisticMinutes(), e.likelyMinutes(), e.pessimisticMinutes());
        }

        Effort checked() {
            return new Effort(optimisticMinutes, likelyMinutes, pessimisticMinutes);
        }
    }

    /** A job needs a title; the rest has usual values. {@code findings} counts only for a new job. */
    record JobFields(
            String title,
            @Nullable Operation operation,
            @Nullable String zone,
            @Nullable Aim aim,
            @Nullable EffortFields effort,
            @Nullable String note,
            @Nullable List<UUID> after,
            @Nullable List<UUID> findings,
            @Nullable Set<Detail> details,
            @Nullable Integer pieces,
            Growth.@Nullable Cause cause,
            @Nullable String halfOpen) {
        JobFields {
            after = after == null ? List.of() : List.copyOf(after);
            findings = findings == null ? List.of() : List.copyOf(findings);
            details = details == null ? Set.of() : Set.copyOf(details);
            pieces = pieces == null ? 1 : pieces;
        }
    }

    record NewJobRequest(UUID id, JobFields fields) {}

    record JobChangeRequest(JobFields fields, long version) {}

    record JobStateRequest(JobState state, long version) {}

    /**
     * @param next        the states open from here
     * @param over        nothing of it is left to do
     * @param leftMinutes of its likely effort
     * @param waitsFor    jobs before it that are not over
     * @param lacks       parts that are not here yet
     * @param phase       of the restoration; absent where it is dropped
     * @param toBuyMinor  what its parts that are still to order are thought to cost
     * @param unvalued    how many of these have no price
     */
    record JobResponse(
            @JsonUnwrapped Job job,
            EffortFields effort,
            Set<JobState> next,
            int leftMinutes,
            boolean over,
            List<UUID> after,
            Set<UUID> waitsFor,
            List<String> lacks,
            boolean gated,
            List<UUID> findings,
            Set<Caution> cautions,
            @Nullable Phase phase,
            Standing standing,
            long toBuyMinor,
            int unvalued) {}

    record ProgressResponse(int earnedPercent, long scopeMinutes, int ready, int waitForParts) {}

    /** @param shared work that is done once for all that it serves @param phase in which most of it lies */
    record ChainResponse(
            UUID id, String title, boolean shared, @Nullable Phase phase) {}

    record WorkResponse(List<ChainResponse> chains, List<JobResponse> jobs, ProgressResponse progress) {}

    /** What the jobs of a project are seen with. */
    private final class Around {
        private final List<ChainRow> chainRows;
        private final JobDangers.Of dangers;
        private final List<LinkRow> links;
        private final List<FindingLinkRow> findingLinks;
        private final Map<UUID, Progress.Item<UUID>> items;
        private final Map<UUID, Set<UUID>> waits;
        private final Map<UUID, List<Need>> lacking;
        private final Map<UUID, Phase> phases;

        Around(Caller caller, UUID projectId) {
            chainRows = chains.chains(caller, projectId);
            dangers = jobDangers.of(caller, projectId);
            links = service.linkRows(caller, projectId);
            findingLinks = service.findingLinks(caller, projectId);
            items = service.items(caller, projectId, givenAway.ids(caller, projectId)).stream()
                    .collect(Collectors.toMap(Progress.Item::id, Function.identity()));
            waits = Progress.waits(items.values());
            lacking = service.lacking(caller, projectId);
            phases = orderOfWork.phases(caller, projectId);
        }

        JobResponse response(Job j) {
            ToBuy toBuy = Need.toBuy(lacking.getOrDefault(j.id(), List.of()));
            return new JobResponse(
                    j,
                    new EffortFields(j.optimisticMinutes(), j.likelyMinutes(), j.pessimisticMinutes()),
                    j.state().possible(),
                    items.get(j.id()).work().leftMinutes(),
                    j.state().isOver(),
                    links.stream()
                            .filter(l -> l.afterId().equals(j.id()))
                            .map(LinkRow::beforeId)
                            .toList(),
                    waits.get(j.id()),
                    lacking.getOrDefault(j.id(), List.of()).stream()
                            .map(Need::title)
                            .toList(),
                    items.get(j.id()).gated(),
                    findingLinks.stream()
                            .filter(l -> l.jobId().equals(j.id()))
                            .map(FindingLinkRow::findingId)
                            .toList(),
                    dangers.job(j),
                    phases.get(j.id()),
                    Standing.of(items.get(j.id()), waits.get(j.id())),
                    toBuy.minor(),
                    toBuy.unvalued());
        }

        /** In which most of the work of each piece lies. */
        Map<UUID, Phase> phaseByPiece(List<Job> all) {
            Map<UUID, Map<Phase, Integer>> minutes = new HashMap<>();
            for (Job j : all)
                if (phases.containsKey(j.id()))
                    minutes.computeIfAbsent(j.piece(), p -> new EnumMap<>(Phase.class))
                            .merge(phases.get(j.id()), j.likelyMinutes(), Integer::sum);
            Map<UUID, Phase> found = new HashMap<>();
            minutes.forEach((piece, its) -> Phase.ofMost(its).ifPresent(phase -> found.put(piece, phase)));
            return found;
        }

        ProgressResponse progress() {
            Progress p = Progress.of(items.values());
            return new ProgressResponse(p.far().earnedPercent(), p.far().thoughtMinutes(), p.ready(), p.waitForParts());
        }
    }

    @GetMapping("/projects/{projectId}/jobs")
    WorkResponse list(Caller caller, @PathVariable UUID projectId) {
        Around around = new Around(caller, projectId);
        List<Job> all = service.list(caller, projectId);
        Map<UUID, Phase> phaseOf = around.phaseByPiece(all);
        return new WorkResponse(
                around.chainRows.stream()
                        .map(c -> new ChainResponse(c.id(), c.title(), chains.isShared(c), phaseOf.get(c.id())))
                        .toList(),
                all.stream().map(around::response).toList(),
                around.progress());
    }

    private JobResponse response(Caller caller, Job j) {
        return new Around(caller, j.projectId()).response(j);
    }

    @GetMapping("/jobs/{id}")
    JobResponse find(Caller caller, @PathVariable UUID id) {
        return response(caller, service.find(caller, id));
    }

    @PostMapping("/projects/{projectId}/jobs")
    @ResponseStatus(HttpStatus.CREATED)
    JobResponse add(Caller caller, @PathVariable UUID projectId, @RequestBody NewJobRequest body) {
        return response(caller, service.add(caller, projectId, body.id(), body.fields()));
    }

    @PutMapping("/jobs/{id}")
    JobResponse change(Caller caller, @PathVariable UUID id, @RequestBody JobChangeRequest body) {
        return response(caller, service.change(caller, id, body.fields(), body.version()));
    }

    /** @param minutes empty for what the rules of the trade say */
    record WithinRequest(UUID before, @Nullable Integer minutes) {}

    /** How soon it should begin after one that it follows. */
    @PutMapping("/jobs/{id}/within")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void within(Caller caller, @PathVariable UUID id, @RequestBody WithinRequest body) {
        service.within(caller, id, body.before(), body.minutes());
    }

    record JoinRequest(UUID other) {}

    /** Makes one job of two: the other is dropped, all that hangs on it goes over. */
    @PostMapping("/jobs/{id}/join")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void join(Caller caller, @PathVariable UUID id, @RequestBody JoinRequest body) {
        shaping.join(caller, id, body.other());
    }

    record JobSplitRequest(UUID id, String title, int sharePercent, long version) {}

    @PostMapping("/jobs/{id}/split")
    @ResponseStatus(HttpStatus.CREATED)
    JobResponse split(Caller caller, @PathVariable UUID id, @RequestBody JobSplitRequest body) {
        return response(
                caller, shaping.split(caller, id, body.id(), body.title(), body.sharePercent(), body.version()));
    }

    /** @param begin @param finish @param verify what stands in the way of each; empty when it may */
    record PermitResponse(List<Obstacle> begin, List<Obstacle> finish, List<Obstacle> verify) {}

    @GetMapping("/jobs/{id}/permit")
    PermitResponse permit(Caller caller, @PathVariable UUID id) {
        return new PermitResponse(
                service.obstacles(caller, id, Move.BEGIN),
                service.obstacles(caller, id, Move.FINISH),
                service.obstacles(caller, id, Move.VERIFY));
    }

    @PostMapping("/jobs/{id}/state")
    JobResponse move(Caller caller, @PathVariable UUID id, @RequestBody JobStateRequest body) {
        return response(caller, service.step(caller, id, body.state(), body.version()));
    }
}
