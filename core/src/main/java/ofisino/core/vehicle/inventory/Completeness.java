package ofisino.core.vehicle.inventory;

import ofisino.core.kernel.InvalidValue;

/**
 * How many of a part belong to the vehicle, how many are on it and how many lie loose in boxes. What lies loose need not be bought.
 *
 * @param expected at least 1; clips and screws count too
 */
public record Completeness(int expected, int onVehicle, int loose) {
    private static final int MOST = 9_999;

    public Completeness {
        if (expected < 1 || onVehicle < 0 || loose < 0 || Math.max(expected, Math.max(onVehicle, loose)) > MOST)
            throw InvalidValue.at(
                    "expected",
                    "inventory.range",
                    "These numbers cannot be.",
                    "Enter 0 to %d, and at least 1 that belongs to it.",
                    MOST);
        if (onVehicle > expected)
            throw InvalidValue.at(
                    "onVehicle",
                    "inventory.too-many",
                    "%d on the vehicle is more than the %d that belong there.",
                    "Raise how many belong to it, or count again.",
                    onVehicle,
                    expected);
    }

    /** Still to be found or bought: expected − on the vehicle − loose. */
    public int toObtain() {
        return Math.max(0, expected - onVehicle - loose);
    }

    /** Loose ones that nothing is missing for. */
    public int spare() {
        return Math.max(0, onVehicle + loose - expected);
    }
}
