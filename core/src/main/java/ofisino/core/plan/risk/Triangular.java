package ofisino.core.plan.risk;

/**
 * The triangular distribution between three points, by the inverse of its distribution function: o + √(u (p − o)(m − o)) below its peak and
 * p − √((1 − u)(p − o)(p − m)) above. Its mean is (o + m + p) ÷ 3. A textbook formula.
 */
final class Triangular {
    private Triangular() {}

    /** @param u 0 up to 1 */
    static double at(ThreePoint of, double u) {
        double o = of.optimistic();
        double m = of.likely();
        double p = of.pessimistic();
        double width = p - o;
        if (width == 0) return m;
        return u < (m - o) / width ? o + Math.sqrt(u * width * (m - o)) : p - Math.sqrt((1 - u) * width * (p - m));
    }
}
