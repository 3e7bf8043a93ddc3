package ofisino.core.parts.sourcing;

import ofisino.core.kernel.InvalidValue;

/** How many pieces (or litres, metres, sheets) of a need, in whole units. */
public record Quantity(int pieces) {
    public Quantity {
        if (pieces < 1 || pieces > 9999)
            throw InvalidValue.of(
                    "quantity", "quantity.range", "The quantity (%d) must be between 1 and 9999.".formatted(pieces));
    }
}
