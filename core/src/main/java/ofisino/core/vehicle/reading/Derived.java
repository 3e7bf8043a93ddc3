package ofisino.core.vehicle.reading;

import java.util.DoubleSummaryStatistics;
import java.util.List;

/** A number that is made of several readings before it is compared: at least two are needed. */
public enum Derived {
    /** Lowest reading as a percentage of the highest. */
    LOWEST_OF_HIGHEST,
    /** Highest less lowest, in the readings' unit. */
    DIFFERENCE,
    /** Highest less lowest, as a percentage of the highest. */
    DIFFERENCE_OF_HIGHEST;

    double of(List<Double> values) {
        DoubleSummaryStatistics s =
                values.stream().mapToDouble(Double::doubleValue).summaryStatistics();
        return switch (this) {
            case DIFFERENCE -> s.getMax() - s.getMin();
            case LOWEST_OF_HIGHEST -> s.getMax() == 0 ? 100 : 100 * s.getMin() / s.getMax();
            case DIFFERENCE_OF_HIGHEST -> s.getMax() == 0 ? 0 : 100 * (s.getMax() - s.getMin()) / s.getMax();
        };
    }
}
