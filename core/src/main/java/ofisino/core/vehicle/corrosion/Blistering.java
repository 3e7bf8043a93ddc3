package ofisino.core.vehicle.corrosion;

import ofisino.core.kernel.InvalidValue;

/**
 * Blisters under paint, written as their quantity with their size: 3(S2).
 * Source: ISO 4628-2:2016, from memory, unverified: both run from 0 (none, not visible at ten times) to 5 (dense, above 5 mm).
 */
public record Blistering(int quantity, int size) {
    public Blistering {
        if (quantity < 0 || quantity > 5 || size < 0 || size > 5)
            throw InvalidValue.at(
                    "blisters",
                    "blisters.range",
                    "Quantity and size of blisters (%d, %d) each run from 0 to 5.",
                    "Compare with the sheet.",
                    quantity,
                    size);
    }
}
