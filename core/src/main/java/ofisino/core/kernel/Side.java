package ofisino.core.kernel;

/** Side of a vehicle as seen from the driver's seat, facing forward. {@code NONE} where sides make no difference. */
public enum Side {
    LEFT,
    RIGHT,
    BOTH,
    NONE
}
