package ofisino.core.vehicle.anatomy;

import ofisino.core.kernel.InvalidValue;

/**
 * What a component costs, as a number of hours of a workshop that cost as much: an hour's price carries the price level of a place and a year
 * with it.
 */
public record Price(double low, double likely, double high) {
    public Price {
        if (!(0 <= low && low <= likely && likely <= high))
            throw InvalidValue.of(
                    "price.order", "%s to %s is no price.", "Write three rising numbers of 0 or more.", low, high);
    }

    /** So many times as much. @param times 0 or more */
    public Price times(double times) {
        return new Price(low * times, likely * times, high * times);
    }
}
