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
    /** The limit that is read so, and no other. */
    public static final String LIMIT = "chain-stretch";

    private static final int FEWEST = 4;
    private static final int MOST = 200;

    public ChainStretch {
        if (!(length > 0 && length <= 10_000))
            throw InvalidValue.at(
                    "length", "chain.length", "The length is missing.", "Enter it in millimetres, pin to pin.");
        if (pitches < FEWEST || pitches > MOST)
            throw InvalidValue.at(
                    "pitches",
                    "chain.pitches",
                    "This is too short or too long a stretch to judge the chain.",
                    "Measure over %d to %d pitches, from the middle of one pin to the middle of another.",
                    FEWEST,
                    MOST);
        if (!(pitch >= 4 && pitch <= 40))
            throw InvalidValue.at(
                    "pitch", "chain.pitch", "A chain's pitch lies between 4 and 40 mm.", "Read it off the chain.");
    }

    /** What was measured, for the record: {@code "323.9 mm over 20 pitches of 15.875 mm"}. */
    public String words() {
        return "%s mm over %d pitches of %s mm".formatted(length, pitches, pitch);
    }

    /** Per cent longer than new; below 0 for one that reads short. */
    public double percent() {
        double whenNew = pitches * pitch;
        return 100 * (length - whenNew) / whenNew;
    }
}
