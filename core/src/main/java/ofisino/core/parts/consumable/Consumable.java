package ofisino.core.parts.consumable;

import java.util.OptionalInt;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.anatomy.Price;

/**
 * What is used up by the work and bought by the pack.
 *
 * @param id        stored with needs, never renamed
 * @param pack      how much is bought at once, in its unit, at least 1
 * @param packPrice of one pack
 * @param leadDays  usual days from order to arrival
 * @param lowest    degrees Celsius below which it does not cure, nights too; empty where cold does not matter to it
 */
public record Consumable(
        String id, String name, AmountUnit unit, int pack, Price packPrice, int leadDays, OptionalInt lowest) {
    public Consumable {
        if (pack < 1) throw InvalidValue.of("consumable.pack", "A pack of %s is empty.", "Write 1 or more.", id);
    }

    /** The fewest packs that hold an amount. @param amount in its unit, 0 or more */
    public int packsFor(int amount) {
        return (amount + pack - 1) / pack;
    }

    /** What is left over of the fewest packs. @param amount in its unit, 1 or more */
    public int leftOver(int amount) {
        return packsFor(amount) * pack - amount;
    }
}
