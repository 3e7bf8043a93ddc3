package ofisino.core.vehicle.equipment;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What one vehicle has. What nobody ruled out may be there: it adds checks, cautions and conditions. Only what was seen on it, read in its
 * papers, or what year and layout make impossible takes one away.
 */
public final class Equipment {
    /** @param value id of a value of the item */
    public record Fact(String item, String value, HowKnown how) {}

    private final EquipmentLibrary library;
    private final Make make;
    private final Map<String, Fact> known = new LinkedHashMap<>();

    private Equipment(EquipmentLibrary library, Make make) {
        this.library = library;
        this.make = make;
    }

    /** @param facts what is recorded; of several about one item the last counts */
    public static Equipment of(EquipmentLibrary library, Make make, Collection<Fact> facts) {
        var equipment = new Equipment(library, make);
        for (Item item : library.of(make))
            item.guess(make).ifPresent(v -> equipment.known.put(item.id(), new Fact(item.id(), v, HowKnown.GUESSED)));
        for (Fact f : facts)
            if (library.require(f.item()).value(f.value()).isPresent()) equipment.known.put(f.item(), f);
        return equipment;
    }

    public Make make() {
        return make;
    }

    /** The same for two vehicles of which the same is ruled out. */
    public String key() {
        return make
                + known.values().stream()
                        .filter(f -> f.how().rulesOut())
                        .map(f -> f.item() + "=" + f.value())
                        .sorted()
                        .collect(Collectors.joining(" ", " ", ""));
    }

    /** What is recorded or guessed of it; empty where nobody knows. */
    public Optional<Fact> of(String item) {
        return Optional.ofNullable(known.get(item));
    }

    /** The values that it may have: the one that rules out all others, or all that body, year and layout allow. */
    public Set<String> possible(String item) {
        Item of = library.require(item);
        if (!of.fits().contains(make)) return Set.of();
        Optional<Fact> sure = of(item).filter(f -> f.how().rulesOut());
        return sure.map(f -> Set.of(f.value()))
                .orElseGet(() -> of.possible(make).stream().map(Item.Value::id).collect(Collectors.toSet()));
    }

    /** Whether it may have one of these; an unknown one is not passed over. */
    public boolean mayHave(String item, Collection<String> values) {
        return possible(item).stream().anyMatch(values::contains);
    }

    /** Whether something in it may fire. */
    public boolean mayFire() {
        return library.of(make).stream()
                .filter(Item::fires)
                .anyMatch(i -> possible(i.id()).stream().anyMatch(v -> !v.equals(Item.NONE)));
    }

    /** Whether it was seen or read that it has one of these: then nothing else has to be reckoned with. */
    public boolean surelyHas(String item, Collection<String> values) {
        Set<String> possible = possible(item);
        return !possible.isEmpty() && values.containsAll(possible);
    }
}
