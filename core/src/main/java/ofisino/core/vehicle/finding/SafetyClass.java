package ofisino.core.vehicle.finding;

/** What a defect means for driving. A and B close only by a verified job, or are withdrawn as a mistake or duplicate. */
public enum SafetyClass {
    /** Must not be driven. */
    A,
    /** Must be mended before the road. */
    B,
    /** Soon. */
    C,
    /** Cosmetic. */
    D;

    /** Whether an open finding of this class stands between the car and the road. */
    public boolean standsInTheWay() {
        return this == A || this == B;
    }

    /** The graver of the two. */
    public SafetyClass graver(SafetyClass other) {
        return compareTo(other) <= 0 ? this : other;
    }
}
