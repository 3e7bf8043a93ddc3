package ofisino.server.plan.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.plan.recipe.OwnRecipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.plan.GarageRecipes;
import ofisino.server.plan.recipe.OwnRecipeMapper.OwnRecipeRow;
import ofisino.server.vehicle.Anatomies;
import org.springframework.stereotype.Service;

/** A garage's own recipes and hours. */
@Service
record OwnRecipeService(Recipes shipped, OwnRecipeMapper mapper, Anatomies anatomies) implements GarageRecipes {
    @Override
    public Recipes of(Caller caller) {
        return shipped.with(own(caller));
    }

    private List<OwnRecipe> own(Caller caller) {
        return mapper.of(caller.garageId()).stream().map(OwnRecipeService::read).toList();
    }

    private static OwnRecipe read(OwnRecipeRow row) {
        return OwnRecipe.read(row.body()).get(0);
    }

    List<OwnRecipeRow> rows(Caller caller) {
        return mapper.of(caller.garageId());
    }

    /** Other steps and hours for a recipe. @param version 0 where it is the first own one for it */
    void change(Caller caller, UUID id, String recipe, long version, String title, List<OwnRecipe.Step> steps) {
        OwnRecipe changed = of(caller)
                .source(recipe)
                .orElseThrow(() -> Conflict.of(
                        "recipe.locked",
                        "This recipe stays as it is: done otherwise it may hurt somebody.",
                        "Change the jobs that come of it, if you must."))
                .with(title, steps);
        Optional<OwnRecipeRow> stored = mapper.of(caller.garageId()).stream()
                .filter(r -> r.recipe().equals(recipe))
                .findFirst();
        keep(caller, stored.map(OwnRecipeRow::id).orElse(id), changed, stored.isPresent(), version);
    }

    /** The same for another thing. */
    void copy(Caller caller, UUID id, String from, String title, UUID projectId, String component) {
        OwnRecipe copy = of(caller)
                .source(from)
                .orElseThrow(() -> new NotFound("recipe", from))
                .copied("own-" + id, title, anatomies.of(caller, projectId).require(component));
        keep(caller, id, copy, false, 0);
    }

    /** All of a file, or none. @return how many there were */
    int read(Caller caller, String text) {
        List<OwnRecipe> read = OwnRecipe.read(text);
        List<OwnRecipe> all = new ArrayList<>(own(caller));
        for (OwnRecipe r : read) {
            all.removeIf(known -> known.id().equals(r.id()));
            all.add(r);
        }
        shipped.with(all);
        for (OwnRecipe r : read) {
            Optional<OwnRecipeRow> stored = mapper.of(caller.garageId()).stream()
                    .filter(row -> row.recipe().equals(r.id()))
                    .findFirst();
            keep(
                    caller,
                    stored.map(OwnRecipeRow::id).orElseGet(UUID::randomUUID),
                    r,
                    stored.isPresent(),
                    stored.map(OwnRecipeRow::version).orElse(0L));
        }
        return read.size();
    }

    private void keep(Caller caller, UUID id, OwnRecipe recipe, boolean known, long version) {
        List<OwnRecipe> all = new ArrayList<>(own(caller));
        all.removeIf(r -> r.id().equals(recipe.id()));
        all.add(recipe);
        shipped.with(all); // what cannot be read is refused
        String body = OwnRecipe.write(List.of(recipe));
        if (body.length() > LONGEST)
            throw InvalidValue.of(
                    "recipe.long", "This recipe is too long.", "Leave something out of “%s”.", recipe.id());
        OwnRecipeRow row = new OwnRecipeRow(id, recipe.id(), body, version);
        if (known)
            Stored.notStale(
                    mapper.update(caller.garageId(), row),
                    "recipe",
                    () -> Stored.require(mapper.find(caller.garageId(), id), "recipe", id));
        else mapper.insert(caller.garageId(), row);
    }

    private static final int LONGEST = 20_000;

    /** Back to the one that ships. */
    void remove(Caller caller, UUID id) {
        if (mapper.delete(caller.garageId(), id) == 0) throw new NotFound("recipe", id);
    }

    String file(Caller caller) {
        return OwnRecipe.write(own(caller));
    }
}
