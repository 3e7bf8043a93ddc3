package ofisino.server.plan.recipe;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.OwnRecipe;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.plan.recipe.OwnRecipeMapper.OwnRecipeRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.OWNER)
@RequestMapping("/api")
record OwnRecipeController(OwnRecipeService service, Anatomy anatomy) {
    private static final int MINUTES = 60;

    /** @param from number of the step that it was, from 0; empty for a new one */
    record StepFields(
            @Nullable Integer from,
            String title,
            Operation operation,
            int optimisticMinutes,
            int likelyMinutes,
            int pessimisticMinutes,
            int people,
            int waitHours,
            List<String> tools) {
        static StepFields of(Recipe.Step s, int number) {
            return new StepFields(
                    number,
                    s.title(),
                    s.operation(),
                    s.effort().optimisticMinutes(),
                    s.effort().likelyMinutes(),
                    s.effort().pessimisticMinutes(),
                    s.conditions().people(),
                    s.conditions().dryMinutes() / MINUTES,
                    s.toHand().tools());
        }

        OwnRecipe.Step toCore() {
            return new OwnRecipe.Step(
                    Optional.ofNullable(from),
                    title,
                    operation,
                    new Effort(optimisticMinutes, likelyMinutes, pessimisticMinutes),
                    people,
                    waitHours,
                    tools);
        }
    }

    /**
     * @param things  names of what it is for
     * @param places  where it is for whatever is there
     * @param natures kinds of things that it is for
     * @param own     where the garage has its own: its id
     * @param version of that
     * @param locked  it stays as it is
     */
    record RecipeLine(
            String recipe,
            String title,
            List<String> things,
            List<String> places,
            List<String> natures,
            List<StepFields> steps,
            List<Caution> cautions,
            @Nullable UUID own,
            long version,
            boolean locked) {}

    @GetMapping("/recipes")
    List<RecipeLine> all(Caller caller) {
        Map<String, OwnRecipeRow> own = service.stored(caller);
        Recipes recipes = service.of(caller);
        return recipes.all().stream()
                .map(r -> line(r, recipes.scope(r.id()), own.get(r.id()), recipes.isLocked(r.id())))
                .toList();
    }

    private RecipeLine line(Recipe r, Recipes.Scope scope, @Nullable OwnRecipeRow own, boolean locked) {
        return new RecipeLine(
                r.id(),
                r.title(),
                scope.things().stream()
                        .flatMap(id -> anatomy.find(id).stream())
                        .map(Component::name)
                        .distinct()
                        .sorted()
                        .toList(),
                scope.places(),
                scope.natures(),
                IntStream.range(0, r.steps().size())
                        .mapToObj(n -> StepFields.of(r.steps().get(n), n))
                        .toList(),
                r.cautions(),
                own == null ? null : own.id(),
                own == null ? 0 : own.version(),
                locked);
    }

    record OwnRecipeRequest(UUID id, String recipe, String title, List<StepFields> steps, long version) {}

    @PutMapping("/own-recipes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(Caller caller, @RequestBody OwnRecipeRequest b) {
        service.change(
                caller,
                b.id(),
                b.recipe(),
                b.version(),
                b.title(),
                b.steps().stream().map(StepFields::toCore).toList());
    }

    /** @param component the thing that the copy is for, of a vehicle */
    record RecipeCopyRequest(UUID id, String from, String title, UUID projectId, String component) {}

    @PostMapping("/own-recipes/copies")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void copy(Caller caller, @RequestBody RecipeCopyRequest b) {
        service.copy(caller, b.id(), b.from(), b.title(), b.projectId(), b.component());
    }

    @DeleteMapping("/own-recipes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }

    /** @param text of a file that was saved here, there or elsewhere */
    record RecipeFile(String text) {}

    /** The garage's own recipes, to be kept or given to somebody. */
    @GetMapping("/own-recipes/file")
    RecipeFile file(Caller caller) {
        return new RecipeFile(service.file(caller));
    }

    record RecipesRead(int count) {}

    @PostMapping("/own-recipes/file")
    RecipesRead read(Caller caller, @RequestBody RecipeFile body) {
        return new RecipesRead(service.read(caller, body.text()));
    }
}
