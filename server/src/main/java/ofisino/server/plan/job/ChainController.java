package ofisino.server.plan.job;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Caution;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Rung;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.ChainService.ChainToMake;
import ofisino.server.plan.job.ChainService.OfferedChain;
import ofisino.server.plan.job.ChainService.OfferedShared;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record ChainController(ChainService service, StuckService stuck, ApartService apart) {
    record ChainRequest(UUID chainId) {}

    record ChainsRequest(List<ChainToMake> chains) {}

    record RecheckRequest(boolean good, @Nullable String note, long version) {}

    record StepResponse(String title, Operation operation, int likelyMinutes, List<String> needs) {}

    record RecipeResponse(String title, List<StepResponse> steps, List<OfferedShared> then, List<Caution> cautions) {
        static RecipeResponse of(Recipe recipe, List<OfferedShared> then) {
            return new RecipeResponse(
                    recipe.title(),
                    recipe.steps().stream()
                            .map(s -> new StepResponse(
                                    s.title(),
                                    s.operation(),
                                    s.effort().likelyMinutes(),
                                    s.needs().stream()
                                            .map(Recipe.NeedTemplate::title)
                                            .toList()))
                            .toList(),
                    then,
                    recipe.cautions());
        }
    }

    /** The recipes that fit: one, or none where the decision leads to no work. */
    @GetMapping("/findings/{findingId}/recipes")
    List<RecipeResponse> recipes(Caller caller, @PathVariable UUID findingId) {
        return service
                .recipeFor(caller, findingId)
                .map(r -> RecipeResponse.of(r, service.shared(caller, findingId, r)))
                .stream()
                .toList();
    }

    @PostMapping("/findings/{findingId}/chain")
    @ResponseStatus(HttpStatus.CREATED)
    List<UUID> makeChain(Caller caller, @PathVariable UUID findingId, @RequestBody ChainRequest body) {
        return service.makeChain(caller, findingId, body.chainId()).stream()
                .map(Job::id)
                .toList();
    }

    /** What would be made of the findings that are decided and have no jobs yet. */
    @GetMapping("/projects/{projectId}/chains")
    List<OfferedChain> offers(Caller caller, @PathVariable UUID projectId) {
        return service.offers(caller, projectId);
    }

    /** All of them or none: one change, which can be taken back as one. */
    @PostMapping("/projects/{projectId}/chains")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void makeChains(Caller caller, @PathVariable UUID projectId, @RequestBody ChainsRequest body) {
        service.makeChains(caller, projectId, body.chains());
    }

    /** @param tried what was planned of it, in its order @param next what comes then; empty at the top of the ladder */
    record StuckResponse(List<Tried> tried, @Nullable NextRung next) {}

    record Tried(UUID jobId, String title, JobState state) {}

    /** @param waitMinutes of soaking or cooling until anything follows */
    record NextRung(
            String id, String title, int likelyMinutes, int waitMinutes, List<String> tools, List<Caution> cautions) {
        static NextRung of(Rung r) {
            return new NextRung(
                    r.id(),
                    r.step().title(),
                    r.step().effort().likelyMinutes(),
                    r.step().conditions().dryMinutes(),
                    r.step().toHand().tools(),
                    r.cautions());
        }
    }

    record RungRequest(String rung) {}

    /** What is tried when it will not come loose. */
    @GetMapping("/jobs/{jobId}/stuck")
    StuckResponse stuck(Caller caller, @PathVariable UUID jobId) {
        StuckService.Stuck ladder = stuck.of(caller, jobId);
        return new StuckResponse(
                ladder.tried().stream()
                        .map(j -> new Tried(j.id(), j.title(), j.state()))
                        .toList(),
                ladder.next().map(NextRung::of).orElse(null));
    }

    @PostMapping("/jobs/{jobId}/stuck")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void climb(Caller caller, @PathVariable UUID jobId, @RequestBody RungRequest body) {
        stuck.climb(caller, jobId, body.rung());
    }

    record ApartRequest(UUID findingId, UUID chainId) {}

    /** What it takes to do it once more for one of the findings that it serves; nothing (204) where it serves one, or has begun. */
    @GetMapping("/jobs/{jobId}/apart")
    ResponseEntity<ApartService.Apart> apart(Caller caller, @PathVariable UUID jobId) {
        return apart.of(caller, jobId)
                .map(ResponseEntity::ok)
                .orElse(ResponseEntity.noContent().build());
    }

    @PostMapping("/jobs/{jobId}/apart")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void doApart(Caller caller, @PathVariable UUID jobId, @RequestBody ApartRequest body) {
        apart.split(caller, jobId, body.findingId(), body.chainId());
    }

    @PostMapping("/findings/{findingId}/recheck")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void recheck(Caller caller, @PathVariable UUID findingId, @RequestBody RecheckRequest body) {
        service.recheck(caller, findingId, body.good(), body.note(), body.version());
    }
}
