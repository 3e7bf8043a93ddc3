package ofisino.core.parts.sourcing;

/**
 * What is done on both wheels of an axle at once: dampers, discs, joints. Uneven sides pull; common practice, no source.
 *
 * @param pieces that one axle takes, at least 2
 */
public record AxlePair(int pieces) {
    public AxlePair {
        if (pieces < 2) throw new IllegalArgumentException("%d is for no pair of wheels".formatted(pieces));
    }

    /** Whether a wheel is left out. @param wanted pieces that are not on the vehicle yet */
    public boolean isAlone(int wanted) {
        return wanted % pieces != 0;
    }
}
