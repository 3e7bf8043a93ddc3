package ofisino.core.vehicle.estimate;

import java.math.BigDecimal;
import java.math.RoundingMode;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Effort;

/**
 * What mending a finding will take: own hours, and parts and material. The latter is held in hours of a workshop, since what an hour costs
 * is known everywhere and carries the price level of a place and a year with it.
 */
public record Estimate(Effort effort, Material material) {
    /** Parts and material, as a number of workshop hours that cost as much. */
    public record Material(double low, double likely, double high) {
        /** {@code times} as much of {@code per} on top; base minor units. */
        public Material plus(Material per, double times) {
            return new Material(low + per.low * times, likely + per.likely * times, high + per.high * times);
        }

        /** @param workshopHourMinor what a workshop charges for an hour, in minor units */
        public CostRange costs(long workshopHourMinor) {
            return new CostRange(
                    minor(low, workshopHourMinor), minor(likely, workshopHourMinor), minor(high, workshopHourMinor));
        }

        private static long minor(double hours, long workshopHourMinor) {
            return BigDecimal.valueOf(hours)
                    .multiply(BigDecimal.valueOf(workshopHourMinor))
                    .setScale(0, RoundingMode.HALF_EVEN)
                    .longValueExact();
        }
    }
}
