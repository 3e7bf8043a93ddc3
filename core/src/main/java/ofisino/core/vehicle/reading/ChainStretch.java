package ofisino.core.vehicle.reading;

import ofisino.core.kernel.InvalidValue;

/**
 * How far a roller chain is worn: a length measured over a number of pitches, under light load, against the same number of new ones.
 *
 * @param length      in millimetres, pin to pin
 * @param pitches     how many are measured; the more, the surer
 * @param pitch       of a new chain in millimetres: 12.7 (08B, 420, 428), 15.875 (10B, 520 to 530), 19.05 (12B, 630). Source: ISO 606, from memory
 */
public record ChainStretch(double length, int pitches, double pitch) {
    private static final int FEWEST = 4;
    private static final int MOST = 200;

    public ChainStretch {
        if (pitches < FEWEST || pitches > MOST)
            throw InvalidValue.of(
                    "pitches",
                    "chain.pitches",
                    "Measure over %d to %d pitches: from the middle of one pin to the middle of another."
                            .formatted(FEWEST, MOST));
        if (!(pitch >= 4 && pitch <= 40))
            throw InvalidValue.of(
                    "pitch", "chain.pitch", "A chain's pitch lies between 4 and 40 mm. Read it off the chain.");
    }

    /** Per cent longer than new; below 0 for one that reads short. */
    public double percent() {
        double whenNew = pitches * pitch;
        return 100 * (length - whenNew) / whenNew;
    }
}
