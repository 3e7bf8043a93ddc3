package ofisino.core.parts.sourcing;

import ofisino.core.kernel.InvalidValue;

/** How many pieces (or litres, metres, sheets) of a need, in whole units. */
public record Quantity(int pieces) {
    public Quantity {
        if (pieces < 1 || pieces > 9999)
            throw InvalidValue.at(
                    "quantity", "quantity.range", "%d cannot be the quantity.", "Enter 1 to 9999.", pieces);
    }
}
