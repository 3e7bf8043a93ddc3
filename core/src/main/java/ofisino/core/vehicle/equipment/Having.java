package ofisino.core.vehicle.equipment;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;

/**
 * A condition on what a vehicle has: one of these things may be on it. In the data an item alone ({@code airbags}) means anything of it but none,
 * with a value ({@code head-lamps:gas-discharge}) that one; {@code fires} stands for all items that fire. A
 * question mark behind it ({@code doors:two?}) means: as is said or usual, which is enough where a mistake does no harm.
 *
 * @param any empty asks for nothing
 */
public record Having(List<Wanted> any) {
    /** Stands for all that fires. */
    private static final String FIRES = "fires";

    /** @param value empty for anything but none @param usualIsEnough what is said or usual decides */
    public record Wanted(String item, Optional<String> value, boolean usualIsEnough) {
        Wanted asUsual() {
            return new Wanted(item, value, true);
        }

        private boolean isMetBy(String has) {
            return value.map(has::equals).orElse(!has.equals(Item.NONE));
        }

        boolean mayBeOn(Equipment e) {
            return (usualIsEnough ? e.likely(item) : e.possible(item)).stream().anyMatch(this::isMetBy);
        }
    }

    /** Whether it was seen or read, or there is no other way: then nothing else has to be reckoned with. */
    public boolean isSurelyOn(Equipment equipment) {
        return any.isEmpty()
                || any.stream().anyMatch(w -> equipment.isSure(w.item()) && w.mayBeOn(equipment))
                || any.stream().map(Wanted::item).distinct().anyMatch(item -> coversAllOf(item, equipment));
    }

    /** Whatever it has of the item, this condition is met. */
    private boolean coversAllOf(String item, Equipment equipment) {
        Set<String> possible = equipment.possible(item);
        return !possible.isEmpty()
                && possible.stream()
                        .allMatch(v -> any.stream().anyMatch(w -> w.item().equals(item) && w.isMetBy(v)));
    }

    /** What is said or usual. What fires counts until somebody has seen that it is not there. */
    private static boolean isUsuallyOn(Wanted w, Equipment e) {
        if (e.fires(w.item())) return w.mayBeOn(e);
        return e.usual(w.item()).filter(w::isMetBy).isPresent();
    }

    public Having {
        any = List.copyOf(any);
    }

    /** @throws InvalidValue when the library has no such item or value */
    public static Having of(List<String> texts, EquipmentLibrary library) {
        return new Having(texts.stream()
                .flatMap(t -> t.equals(FIRES)
                        ? library.all().stream()
                                .filter(Item::fires)
                                .map(i -> new Wanted(i.id(), Optional.empty(), false))
                        : Stream.of(wanted(t, library)))
                .toList());
    }

    private static Wanted wanted(String text, EquipmentLibrary library) {
        boolean usualIsEnough = text.endsWith("?");
        String[] parts = (usualIsEnough ? text.substring(0, text.length() - 1) : text).split(":", 2);
        Item item = library.require(parts[0]);
        Optional<String> value = parts.length > 1 ? Optional.of(parts[1]) : Optional.empty();
        if (value.isPresent() && item.value(value.get()).isEmpty())
            throw InvalidValue.of(
                    "equipment.value",
                    "“%s” is none of the values of %s.",
                    "Choose one from the list.",
                    value.get(),
                    item.id());
        return new Wanted(item.id(), value, usualIsEnough);
    }

    /** Whether both want other values of one and the same thing that anybody sees: no vehicle is drawn with both. */
    boolean excludes(Having other) {
        return !any.isEmpty()
                && !other.any.isEmpty()
                && Collections.disjoint(any, other.any)
                && Stream.of(any, other.any)
                                .flatMap(List::stream)
                                .filter(w -> w.value().isPresent())
                                .map(Wanted::item)
                                .distinct()
                                .count()
                        == 1;
    }

    /** As is said or usual; where nobody knows, as if it were; what fires until somebody has seen that it is not there. */
    boolean isLikelyOn(Equipment e) {
        return any.isEmpty()
                || any.stream()
                        .anyMatch(w ->
                                e.fires(w.item()) ? w.mayBeOn(e) : w.asUsual().mayBeOn(e));
    }

    /** What it is about. */
    public Set<String> items() {
        return any.stream().map(Wanted::item).collect(Collectors.toSet());
    }

    /** What nobody ruled out counts as there. */
    public boolean mayBeOn(Equipment equipment) {
        return any.isEmpty() || any.stream().anyMatch(w -> w.mayBeOn(equipment));
    }

    /** Only what is said or usual; what fires counts until somebody has seen that it is not there. */
    public boolean isUsuallyOn(Equipment equipment) {
        return any.isEmpty() || any.stream().anyMatch(w -> isUsuallyOn(w, equipment));
    }
}
