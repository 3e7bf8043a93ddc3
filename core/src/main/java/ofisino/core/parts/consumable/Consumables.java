package ofisino.core.parts.consumable;

import java.io.Reader;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.vehicle.anatomy.Bands;

/** The consumables that ship with Ofisino, from {@code consumables.yaml} beside this class, which explains its keys. */
public final class Consumables {
    private final Map<String, Consumable> byId;

    private Consumables(List<Consumable> all) {
        byId = all.stream()
                .collect(Collectors.toMap(Consumable::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    /** Reads consumables.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Consumables load() {
        Bands bands = Bands.load();
        return Entry.readBeside(Consumables.class, "consumables.yaml", yaml -> read(yaml, bands));
    }

    private static Consumables read(Reader yaml, Bands bands) {
        return new Consumables(Entry.listOf("the consumables", yaml).stream()
                .map(e -> consumable(e.named("id"), bands))
                .toList());
    }

    private static Consumable consumable(Entry e, Bands bands) {
        e.only("id", "name", "unit", "pack", "price", "lead", "lowest");
        return new Consumable(
                e.text("id"),
                e.text("name"),
                e.choice("unit", AmountUnit.class),
                e.whole("pack"),
                bands.price(e, "trifle"),
                bands.leadDays(e, "shelf"),
                e.has("lowest") ? OptionalInt.of(e.whole("lowest")) : OptionalInt.empty());
    }

    /** All of them, in the order of the file. */
    public List<Consumable> all() {
        return List.copyOf(byId.values());
    }

    /** Empty where there is none of that id. */
    public Optional<Consumable> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** By id, for data that names them. */
    public Map<String, Consumable> byId() {
        return byId;
    }
}
