package ofisino.core.plan.risk;

import ofisino.core.kernel.InvalidValue;

/** Something that costs {@code cost} with the given probability, and nothing otherwise. */
public record Chance(double probability, ThreePoint cost) {
    public Chance {
        if (!(probability >= 0 && probability <= 1))
            throw InvalidValue.at(
                    "probability", "chance.range", "%s cannot be a probability.", "Enter 0 to 1.", probability);
    }

    /** What is needed in any case. */
    public static Chance sure(ThreePoint cost) {
        return new Chance(1, cost);
    }

    /** Probability times mean cost; minor units. */
    public double mean() {
        return probability * cost.mean();
    }
}
