package ofisino.core.money.gain;

import java.util.List;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * How a row of runs lies.
 *
 * @param variance of a single run, with n − 1
 */
record Runs(int count, double mean, double variance) {
    /** In 19 of 20 cases the true difference lies within the margin. */
    private static final double UPPER = 0.975;

    static Runs of(List<Double> figures) {
        double mean = figures.stream().mapToDouble(f -> f).average().orElseThrow();
        double squares =
                figures.stream().mapToDouble(f -> (f - mean) * (f - mean)).sum();
        return new Runs(figures.size(), mean, figures.size() < 2 ? 0 : squares / (figures.size() - 1));
    }

    /** The same, had there been so many. */
    Runs times(int n) {
        return new Runs(n, mean, variance);
    }

    private double ofMean() {
        return variance / count;
    }

    /**
     * Half of the 95 % interval of the difference of two means whose runs spread unlike: Welch's interval, with the degrees of freedom of Satterthwaite.
     * Source: B. L. Welch, Biometrika 34 (1947), 28–35; NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.3.
     */
    static double margin(Runs a, Runs b) {
        double both = a.ofMean() + b.ofMean();
        if (both == 0) return 0;
        double freedom =
                both * both / (a.ofMean() * a.ofMean() / (a.count - 1) + b.ofMean() * b.ofMean() / (b.count - 1));
        return TDistribution.of(freedom).inverseCumulativeProbability(UPPER) * Math.sqrt(both);
    }
}
