package ofisino.core.vehicle.equipment;

import java.io.Reader;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;

/** What a vehicle may have, from {@code equipment.yaml}, which explains its keys. */
public final class EquipmentLibrary {
    private final Map<String, Item> items = new LinkedHashMap<>();

    private EquipmentLibrary(List<Entry> entries) {
        for (Entry e : entries) {
            Item item = item(e.named("id"));
            if (items.put(item.id(), item) != null)
                throw InvalidValue.of(
                        "equipment.twice", "Equipment %s is there twice.", "Leave one of them out.", item.id());
        }
        for (Item item : items.values())
            for (Item.Value v : item.values())
                v.leaves()
                        .forEach((other, values) -> values.forEach(left -> {
                            if (require(other).value(left).isEmpty())
                                throw InvalidValue.of(
                                        "equipment.leaves",
                                        "Equipment %s leaves “%s” of %s, which is not there.",
                                        "Name a value that it has.",
                                        item.id(),
                                        left,
                                        other);
                        }));
    }

    /** Reads equipment.yaml. @throws InvalidValue naming the entry that is wrong */
    public static EquipmentLibrary load() {
        return Entry.readBeside(EquipmentLibrary.class, "equipment.yaml", EquipmentLibrary::read);
    }

    static EquipmentLibrary read(Reader yaml) {
        return new EquipmentLibrary(Entry.listOf("the equipment", yaml));
    }

    private static Item item(Entry e) {
        e.only("id", "name", "bodies", "layouts", "fires", "values", "guess");
        List<Item.Value> values = e.list("values").stream()
                .map(v -> v.named("id").only("id", "name", "from", "to", "bodies", "layouts", "leaves"))
                .map(v -> new Item.Value(v.text("id"), v.text("name"), Fits.of(v), leaves(v)))
                .toList();
        List<Item.Guess> guesses = e.list("guess").stream()
                .map(g -> g.only("value", "from", "to", "bodies", "layouts"))
                .map(g -> new Item.Guess(g.text("value"), Fits.of(g)))
                .toList();
        Item item = new Item(e.text("id"), e.text("name"), Fits.of(e), e.has("fires"), values, guesses);
        if (values.size() < 2)
            throw InvalidValue.of(
                    "equipment.values", "Equipment %s leaves no choice.", "Give it at least two values.", item.id());
        for (Item.Guess g : guesses)
            if (item.value(g.value()).isEmpty())
                throw InvalidValue.of(
                        "equipment.guess",
                        "Equipment %s guesses “%s”, which it does not have.",
                        "Name one of its values.",
                        item.id(),
                        g.value());
        return item;
    }

    /** {@code "ignition:compression"}, one for each value that is left. */
    private static Map<String, Set<String>> leaves(Entry value) {
        return value.texts("leaves").stream()
                .map(t -> t.split(":", 2))
                .collect(Collectors.groupingBy(t -> t[0], Collectors.mapping(t -> t[1], Collectors.toSet())));
    }

    /** In the order of the file. */
    public List<Item> all() {
        return List.copyOf(items.values());
    }

    /** Those that such a vehicle can have. */
    public List<Item> of(Make make) {
        return items.values().stream().filter(i -> i.fits().contains(make)).toList();
    }

    /** @throws InvalidValue when there is none of that id */
    public Item require(String id) {
        Item item = items.get(id);
        if (item == null)
            throw InvalidValue.at("item", "equipment.unknown", "There is no “%s” to say.", "Load the page again.", id);
        return item;
    }
}
