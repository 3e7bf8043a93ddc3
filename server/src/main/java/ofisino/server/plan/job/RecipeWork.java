package ofisino.server.plan.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Effort;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.anatomy.Price;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.estimate.Estimate;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.server.identity.Caller;
import ofisino.server.plan.GarageRecipes;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.UsualWork;
import org.springframework.stereotype.Service;

/** An estimate is the sum of the recipe: one table for both. */
@Service
record RecipeWork(GarageRecipes recipes, Anatomies anatomies, Equipments equipments) implements UsualWork {
    @Override
    public Map<UUID, Estimate> of(Caller caller, Projects.Project project, List<Finding> findings) {
        Equipment vehicle = equipments.of(caller, project);
        Anatomy anatomy = anatomies.of(caller, project.id());
        Recipes its = recipes.of(caller);
        return findings.stream()
                .collect(Collectors.toMap(
                        Finding::id, f -> estimate(f, decision(f), vehicle, anatomy, its, project.aim())));
    }

    @Override
    public Map<Decision, Estimate> choices(Caller caller, Projects.Project project, Finding finding) {
        Equipment vehicle = equipments.of(caller, project);
        Anatomy anatomy = anatomies.of(caller, project.id());
        Recipes its = recipes.of(caller);
        return Stream.of(Decision.values())
                .filter(Decision::leadsToJobs)
                .collect(Collectors.toMap(
                        Function.identity(), d -> estimate(finding, d, vehicle, anatomy, its, project.aim())));
    }

    private Estimate estimate(
            Finding f, Decision decision, Equipment vehicle, Anatomy anatomy, Recipes its, Aim standard) {
        Optional<Component> thing = f.seen().component().flatMap(anatomy::find);
        List<Recipe.Step> steps = its.propose(ToDo.of(f, thing, decision, standard), vehicle)
                .map(r -> r.of(anatomy))
                .map(Recipe::steps)
                .orElse(List.of());
        return new Estimate(steps.stream().map(Recipe.Step::effort).reduce(Effort.NONE, Effort::plus), material(steps));
    }

    /** What the parts of all these steps cost, in hours of a workshop. */
    static Estimate.Material material(List<Recipe.Step> steps) {
        return steps.stream()
                .flatMap(s -> s.needs().stream())
                .map(Recipe.NeedTemplate::price)
                .map(RecipeWork::material)
                .reduce(new Estimate.Material(0, 0, 0), (a, b) -> a.plus(b, 1));
    }

    private static Estimate.Material material(Price p) {
        return new Estimate.Material(p.low(), p.likely(), p.high());
    }

    /** What is decided; before that what such a finding asks for. */
    private static Decision decision(Finding f) {
        boolean open = f.kind() == FindingKind.DOUBT || f.kind() == FindingKind.SYMPTOM;
        return f.decided()
                .map(Finding.Decided::decision)
                .filter(Decision::leadsToJobs)
                .orElse(open ? Decision.INVESTIGATE : Decision.REPAIR);
    }
}
