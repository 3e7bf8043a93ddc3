package ofisino.core.plan.risk;

import java.util.function.DoubleSupplier;
import ofisino.core.kernel.InvalidValue;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ChengBetaSampler;
import org.apache.commons.rng.sampling.distribution.SharedStateContinuousSampler;

/**
 * An estimate by three values, drawn from the beta-PERT distribution: mean (o + 4m + p) ÷ 6, shape
 * α = 1 + 4(m − o) ÷ (p − o), β = 1 + 4(p − m) ÷ (p − o).
 *
 * <p>Source: Malcolm, Roseboom, Clark, Fazar, Operations Research 7 (1959), from memory; the draw is R. C. H. Cheng's, Communications of
 * the ACM 21 (1978), as implemented by Commons RNG. Its variance is (mean − o)(p − mean) ÷ 7, not ((p − o) ÷ 6)².
 */
public record ThreePoint(double optimistic, double likely, double pessimistic) {
    public ThreePoint {
        if (!(optimistic <= likely && likely <= pessimistic) || !Double.isFinite(pessimistic - optimistic))
            throw InvalidValue.at(
                    "estimate",
                    "estimate.order",
                    "The estimate (%s, %s, %s) does not rise.",
                    "Enter the best case first and the worst last.",
                    optimistic,
                    likely,
                    pessimistic);
    }

    /** Known for certain. */
    public static ThreePoint certain(double value) {
        return new ThreePoint(value, value, value);
    }

    /** Of the beta distribution usual for three points: (optimistic + 4 likely + pessimistic) / 6, as in PERT. */
    public double mean() {
        return (optimistic + 4 * likely + pessimistic) / 6;
    }

    /** Of the beta-PERT distribution: (mean − optimistic)(pessimistic − mean) ÷ 7. */
    double variance() {
        return (mean() - optimistic) * (pessimistic - mean()) / 7;
    }

    /** About e to the mean of its logarithm, to the second order of a Taylor series: mean · e^(−variance ÷ 2 mean²). Of what is above 0. */
    double geometricMean() {
        return mean() * Math.exp(-variance() / (2 * mean() * mean()));
    }

    /** Values drawn from the given stream one after the other; a certain one takes nothing from it. */
    DoubleSupplier draws(UniformRandomProvider stream) {
        double width = pessimistic - optimistic;
        if (width == 0) return () -> likely;
        double alpha = 1 + 4 * (likely - optimistic) / width;
        double beta = 1 + 4 * (pessimistic - likely) / width;
        SharedStateContinuousSampler unit = ChengBetaSampler.of(stream, alpha, beta);
        return () -> optimistic + width * unit.sample();
    }
}
