package ofisino.core.plan.recipe;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.anatomy.Component;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.YAMLException;

/**
 * A recipe of a garage's own, as it stands in a file: the keys are those of {@code recipes.yaml}.
 *
 * @param id of the recipe that it stands for, or one that no other has
 */
public record OwnRecipe(String id, Map<String, Object> keys) {
    private static final int MOST = 200;
    private static final int LINE = 160;
    private static final double MINUTES = 60.0;

    /**
     * @param from      number of the step that it was, from 0; empty for a new one
     * @param waitHours after it, until anything follows
     */
    public record Step(
            Optional<Integer> from,
            String title,
            Operation operation,
            Effort effort,
            int people,
            int waitHours,
            List<String> tools) {}

    public OwnRecipe {
        if (!id.matches("[a-z0-9-]{1,60}"))
            throw InvalidValue.of(
                    "recipe.id", "“%s” is no id of a recipe.", "Small letters, digits and hyphens only.", id);
        keys = new LinkedHashMap<>(keys);
        keys.remove("locked"); // nobody locks one's own
        keys.put("id", id);
    }

    /** The recipes in a file. @throws InvalidValue when it is none, naming what is wrong */
    public static List<OwnRecipe> read(String yaml) {
        List<Entry> entries;
        try {
            entries = Entry.listOf("the file", new StringReader(yaml));
        } catch (YAMLException unreadable) {
            throw InvalidValue.of(
                    "recipe.file",
                    "This is no file of recipes: %s",
                    "Choose one that was saved here.",
                    unreadable.getMessage().lines().findFirst().orElse(""));
        }
        if (entries.size() > MOST)
            throw InvalidValue.of(
                    "recipe.many", "There are %d recipes in it.", "Read at most %d at once.", entries.size(), MOST);
        List<OwnRecipe> recipes =
                entries.stream().map(e -> new OwnRecipe(e.text("id"), e.keys())).toList();
        Set<String> seen = new HashSet<>();
        for (OwnRecipe r : recipes)
            if (!seen.add(r.id()))
                throw InvalidValue.of("recipe.twice", "“%s” is in it twice.", "Leave one of them out.", r.id());
        return recipes;
    }

    /** The file of these recipes. */
    public static String write(List<OwnRecipe> recipes) {
        DumperOptions options = new DumperOptions();
        options.setDefaultFlowStyle(DumperOptions.FlowStyle.AUTO);
        options.setWidth(LINE);
        options.setSplitLines(false);
        return new Yaml(options).dump(recipes.stream().map(OwnRecipe::keys).toList());
    }

    Entry entry() {
        return new Entry("the recipe / " + id, keys);
    }

    /** With other steps: what a person does not see of a step stays as it was. @throws InvalidValue when nothing is left to do */
    public OwnRecipe with(String title, List<Step> steps) {
        if (steps.isEmpty())
            throw InvalidValue.at("steps", "recipe.steps", "Nothing is left to do.", "Keep at least one step.");
        List<Entry> old = entry().list("steps");
        List<Object> changed = new ArrayList<>();
        for (Step s : steps) changed.add(step(s, old));
        Map<String, Object> other = new LinkedHashMap<>(keys);
        other.put("title", inWords(Texts.line("title", title)));
        other.put("steps", changed);
        return new OwnRecipe(id, other);
    }

    private static Map<String, Object> step(Step s, List<Entry> old) {
        Map<String, Object> step = new LinkedHashMap<>(s.from()
                .filter(n -> n >= 0 && n < old.size())
                .map(n -> old.get(n).keys())
                .orElse(Map.of()));
        step.put("title", inWords(Texts.line("title", s.title())));
        step.put("operation", s.operation().name().toLowerCase(Locale.ROOT));
        step.put(
                "hours",
                List.of(
                        s.effort().optimisticMinutes() / MINUTES,
                        s.effort().likelyMinutes() / MINUTES,
                        s.effort().pessimisticMinutes() / MINUTES));
        put(step, "people", s.people() > 1 ? s.people() : null);
        put(step, "wait", s.waitHours() > 0 ? s.waitHours() : null);
        put(step, "tools", s.tools().isEmpty() ? null : s.tools());
        return step;
    }

    private static void put(Map<String, Object> step, String key, Object value) {
        if (value == null) step.remove(key);
        else step.put(key, value);
    }

    /** Where the work is on: said at its end, unless somebody said it elsewhere. */
    private static String inWords(String text) {
        return text.contains("{zone}") ? text : text + ": {zone}";
    }

    /** The same for another thing, beside the one that ships. */
    public OwnRecipe copied(String fresh, String title, Component thing) {
        Map<String, Object> other = new LinkedHashMap<>(keys);
        for (String key :
                List.of("places", "natures", "systems", "bodies", "from", "to", "layouts", "having", "only-known"))
            other.remove(key);
        other.put("title", inWords(Texts.line("title", title)));
        other.put("things", List.of(thing.id()));
        return new OwnRecipe(fresh, other);
    }
}
