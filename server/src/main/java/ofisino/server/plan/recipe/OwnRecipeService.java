package ofisino.server.plan.recipe;

import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
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
    private static final int LONGEST = 20_000;

    @Override
    public Recipes of(Caller caller) {
        return with(stored(caller).values());
    }

    private Recipes with(Collection<OwnRecipeRow> rows) {
        return shipped.with(rows.stream().map(OwnRecipeService::recipe).toList());
    }

    private static OwnRecipe recipe(OwnRecipeRow row) {
        return OwnRecipe.read(row.body()).get(0);
    }

    /** By the recipe that each is. */
    Map<String, OwnRecipeRow> stored(Caller caller) {
        return mapper.of(caller.garageId()).stream()
                .collect(Collectors.toMap(OwnRecipeRow::recipe, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    /** Other steps and hours for a recipe. @param version 0 where it is the first own one for it */
    void change(Caller caller, UUID id, String recipe, long version, String title, List<OwnRecipe.Step> steps) {
        Map<String, OwnRecipeRow> stored = stored(caller);
        if (version > 0 && !stored.containsKey(recipe)) throw new NotFound("recipe", recipe);
        OwnRecipe changed = with(stored.values())
                .source(recipe)
                .orElseThrow(() -> Conflict.of(
                        "recipe.locked",
                        "This recipe stays as it is: done otherwise it may hurt somebody.",
                        "Change the jobs that come of it, if you must."))
                .with(title, steps);
        keep(caller, stored, List.of(row(id, changed, version)));
    }

    /** The same for another thing. */
    void copy(Caller caller, UUID id, String from, String title, UUID projectId, String component) {
        Map<String, OwnRecipeRow> stored = stored(caller);
        OwnRecipe copy = with(stored.values())
                .source(from)
                .orElseThrow(() -> new NotFound("recipe", from))
                .copied("own-" + id, title, anatomies.of(caller, projectId).require(component));
        keep(caller, stored, List.of(row(id, copy, 0)));
    }

    /** All of a file, or none. @return how many there were */
    int read(Caller caller, String text) {
        Map<String, OwnRecipeRow> stored = stored(caller);
        List<OwnRecipeRow> read = OwnRecipe.read(text).stream()
                .map(r -> row(
                        idOf(caller, r.id()),
                        r,
                        stored.containsKey(r.id()) ? stored.get(r.id()).version() : 0))
                .toList();
        keep(caller, stored, read);
        return read.size();
    }

    /** Follows from what it is: read twice it is the same. */
    private static UUID idOf(Caller caller, String recipe) {
        return UUID.nameUUIDFromBytes((caller.garageId() + recipe).getBytes(StandardCharsets.UTF_8));
    }

    private static OwnRecipeRow row(UUID id, OwnRecipe recipe, long version) {
        String body = OwnRecipe.write(List.of(recipe));
        if (body.length() > LONGEST)
            throw InvalidValue.of(
                    "recipe.long", "This recipe is too long.", "Leave something out of “%s”.", recipe.id());
        return new OwnRecipeRow(id, recipe.id(), body, version);
    }

    private void keep(Caller caller, Map<String, OwnRecipeRow> stored, List<OwnRecipeRow> changed) {
        Map<String, OwnRecipeRow> all = new LinkedHashMap<>(stored);
        changed.forEach(row -> all.put(row.recipe(), row));
        with(all.values()); // what cannot be read is refused
        for (OwnRecipeRow row : changed)
            if (stored.containsKey(row.recipe()))
                Stored.notStale(
                        mapper.update(caller.garageId(), row),
                        "recipe",
                        () -> stored(caller).get(row.recipe()));
            else mapper.insert(caller.garageId(), row);
    }

    /** Back to the one that ships. */
    void remove(Caller caller, UUID id) {
        if (mapper.delete(caller.garageId(), id) == 0) throw new NotFound("recipe", id);
    }

    String file(Caller caller) {
        return OwnRecipe.write(
                stored(caller).values().stream().map(OwnRecipeService::recipe).toList());
    }
}
