package ofisino.core.vehicle.equipment;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;

/**
 * A condition on what a vehicle has: one of these things may be on it. In the data an item alone ({@code airbags}) means anything of it but none,
 * with a value ({@code head-lamps:gas-discharge}) that one; {@code fires} stands for all items that fire.
 *
 * @param any empty asks for nothing
 */
public record Having(List<Wanted> any) {
    /** Stands for all that fires. */
    private static final String FIRES = "fires";

    /** @param value empty for anything but none */
    public record Wanted(String item, Optional<String> value) {
        boolean mayBeOn(Equipment e) {
            return e.possible(item).stream().anyMatch(v -> value.map(v::equals).orElse(!v.equals(Item.NONE)));
        }
    }

    public Having {
        any = List.copyOf(any);
    }

    /** @throws InvalidValue when the library has no such item or value */
    public static Having of(List<String> texts, EquipmentLibrary library) {
        return new Having(texts.stream()
                .flatMap(t -> t.equals(FIRES)
                        ? library.all().stream().filter(Item::fires).map(i -> new Wanted(i.id(), Optional.empty()))
                        : Stream.of(wanted(t.split(":", 2), library)))
                .toList());
    }

    private static Wanted wanted(String[] parts, EquipmentLibrary library) {
        Item item = library.require(parts[0]);
        Optional<String> value = parts.length > 1 ? Optional.of(parts[1]) : Optional.empty();
        if (value.isPresent() && item.value(value.get()).isEmpty())
            throw new InvalidValue(
                    "equipment.value", "“%s” of %s is none of its values.".formatted(value.get(), item.id()));
        return new Wanted(item.id(), value);
    }

    /** What nobody ruled out counts as there. */
    public boolean mayBeOn(Equipment equipment) {
        return any.isEmpty() || any.stream().anyMatch(w -> w.mayBeOn(equipment));
    }
}
