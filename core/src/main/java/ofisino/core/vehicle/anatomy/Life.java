package ofisino.core.vehicle.anatomy;

import java.util.OptionalInt;

/**
 * How long a component typically lasts from when it was made or fitted, whichever comes first; empty where it does not age of itself.
 *
 * @param thousandKilometres driven with it
 */
public record Life(OptionalInt years, OptionalInt thousandKilometres) {}
