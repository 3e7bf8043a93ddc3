package ofisino.core.plan.recipe;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.consumable.Consumable;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.ToHand;
import ofisino.core.plan.recipe.Recipe.NeedTemplate;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Bands;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.anatomy.Price;
import ofisino.core.vehicle.equipment.Equipment;

/** What a recipe needs, out of what vehicles are made of and what the work uses up. */
record Parts(Anatomy anatomy, Consumables consumables, Bands bands) {
    /** In a recipe, the component that the finding is about. */
    private static final String IT = "it";

    /** A part that a person added to a vehicle: the files do not know it. */
    private static final String OWN = "own-";

    /** Work that gets at the thing; a test or a setting is done as it stands. */
    private static final Set<Operation> REACHES_IT =
            EnumSet.of(Operation.INSPECT, Operation.STRIP, Operation.CLEAN, Operation.REPLACE, Operation.ASSEMBLE);

    private static final Set<Operation> PUTS_BACK = EnumSet.of(Operation.REPLACE, Operation.ASSEMBLE);

    Parts(Anatomy anatomy, Consumables consumables) {
        this(anatomy, consumables, Bands.load());
    }

    /** @throws InvalidValue when one of them is no component */
    List<String> known(List<String> components, Entry e) {
        for (String id : components)
            if (!id.equals(IT) && !id.startsWith(OWN) && anatomy.find(id).isEmpty())
                throw InvalidValue.of(
                        "recipe.component", "%s names %s, which is no component.", "Name one.", e.where(), id);
        return components;
    }

    /** Natures of components that a recipe names. @throws InvalidValue naming the wrong one and the known ones */
    List<String> natures(Entry e) {
        Map<String, String> known = anatomy.all().stream()
                .map(c -> c.nature().id())
                .distinct()
                .collect(Collectors.toMap(Function.identity(), Function.identity()));
        return e.among("natures", known);
    }

    /** The step as it is done on this vehicle, for this finding. */
    Recipe.Step step(Recipe.Step step, List<String> renews, ToDo what, Equipment vehicle) {
        List<Component> renewed = renewed(step, renews, what);
        List<NeedTemplate> needs = Stream.concat(
                        step.needs().stream()
                                .filter(n ->
                                        n.item().isPresent() || what.thing().isEmpty()),
                        renewed.stream().flatMap(c -> needs(c, vehicle)))
                .distinct()
                .toList();
        return step.with(access(step, what), tightened(step, renewed, what, vehicle), needs);
    }

    /** Putting a thing back on tightens what holds it. */
    private static ToHand tightened(Recipe.Step step, List<Component> renewed, ToDo what, Equipment vehicle) {
        if (!PUTS_BACK.contains(step.operation())) return ToHand.NOTHING;
        return new ToHand(
                List.of(),
                Stream.concat(what.thing().stream(), renewed.stream())
                        .filter(c -> c.mayBeOn(vehicle))
                        .flatMap(c -> c.fasteners().stream())
                        .distinct()
                        .toList());
    }

    /** A step that names no parts of its own renews what the finding is about. */
    private List<Component> renewed(Recipe.Step step, List<String> renews, ToDo what) {
        boolean ofThePlace = step.needs().stream().anyMatch(n -> n.item().isEmpty());
        List<String> ids = renews.isEmpty() && ofThePlace && what.thing().isPresent() ? List.of(IT) : renews;
        return ids.stream()
                .flatMap(id -> id.equals(IT) ? what.thing().stream() : anatomy.find(id).stream())
                .toList();
    }

    /** What the vehicle only does is looked into as it stands. */
    private static Departure access(Recipe.Step step, ToDo what) {
        if (what.thing().filter(Component::isSymptom).isPresent())
            return step.access().through(List.of());
        return what.thing()
                .flatMap(Component::behind)
                .filter(behind -> REACHES_IT.contains(step.operation()))
                .map(step.access()::through)
                .orElse(step.access());
    }

    /** The component and what comes new with it, for both wheels where it is done on both. */
    private Stream<NeedTemplate> needs(Component c, Equipment vehicle) {
        return Stream.concat(
                        Stream.of(need(c, c.piecesOn(vehicle))),
                        anatomy.with(c, vehicle).stream().map(w -> need(w, w.count() * c.wheelsOf(vehicle))))
                .filter(n -> anatomy.require(n.item().orElseThrow()).mayBeOn(vehicle));
    }

    private static NeedTemplate need(Component c, int pieces) {
        return new NeedTemplate(
                Optional.of(c.id()),
                c.name(),
                pieces,
                AmountUnit.PIECE,
                c.handed() && !c.axlePair(),
                c.leadDays(),
                c.price().times((double) pieces / c.count()));
    }

    /** So much of what is bought by the pack. */
    NeedTemplate used(Entry e) {
        e.only("of", "amount");
        Consumable c = e.oneOf("of", consumables.byId());
        int amount = e.whole("amount");
        return new NeedTemplate(
                Optional.of(c.id()),
                c.name(),
                amount,
                c.unit(),
                false,
                c.leadDays(),
                c.packPrice().times((double) amount / c.pack()));
    }

    /** What a place needs of which nobody named the thing. */
    NeedTemplate unnamed(Entry e) {
        e.only("title", "quantity", "leadDays", "price");
        Price price = bands.price(e, "small");
        return new NeedTemplate(
                Optional.empty(),
                e.text("title"),
                e.whole("quantity", 1),
                AmountUnit.PIECE,
                false,
                e.whole("leadDays", 7),
                price);
    }
}
