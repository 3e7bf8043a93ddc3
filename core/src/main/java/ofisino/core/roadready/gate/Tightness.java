package ofisino.core.roadready.gate;

/** How sure it is that a fastener holds. Only a figure with its source proves it; the rest blocks every drive. */
public enum Tightness {
    /** Nobody has the figure yet. */
    TO_FIND,
    FINGER_TIGHT,
    BY_FEEL,
    /** To a figure in newton metres, by somebody, with its source. */
    FIGURE;

    /** Only a figure proves it; by feel does not. */
    public boolean isProved() {
        return this == FIGURE;
    }
}
