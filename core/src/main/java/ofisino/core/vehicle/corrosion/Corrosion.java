package ofisino.core.vehicle.corrosion;

import java.util.Optional;
import java.util.OptionalInt;
import ofisino.core.kernel.InvalidValue;

/**
 * Rust at one place as it was seen.
 *
 * @param lengthMillimetres  longest extent, with {@code widthMillimetres} across it
 * @param mountingMillimetres from its edge to the nearest belt, suspension, steering or jacking mounting; empty when nobody measured it
 */
public record Corrosion(
        RustGrade grade,
        Optional<Blistering> blisters,
        int lengthMillimetres,
        int widthMillimetres,
        boolean perforated,
        OptionalInt mountingMillimetres) {
    private static final int LONGEST = 6000;

    public Corrosion {
        if (lengthMillimetres < 1 || widthMillimetres < 1 || Math.max(lengthMillimetres, widthMillimetres) > LONGEST)
            throw InvalidValue.at(
                    "extent",
                    "corrosion.extent",
                    "The extent (%d × %d mm) must lie between 1 and %d mm each way.",
                    "Measure it in millimetres.",
                    lengthMillimetres,
                    widthMillimetres,
                    LONGEST);
        if (mountingMillimetres.isPresent()
                && (mountingMillimetres.getAsInt() < 0 || mountingMillimetres.getAsInt() > LONGEST))
            throw InvalidValue.at(
                    "mounting",
                    "corrosion.mounting",
                    "%d mm cannot be the distance to the mounting.",
                    "Enter 0 to %d mm.",
                    mountingMillimetres.getAsInt(),
                    LONGEST);
        if (perforated && grade == RustGrade.RI_0)
            throw InvalidValue.at(
                    "grade",
                    "corrosion.sound-hole",
                    "A hole cannot be graded as sound metal.",
                    "Grade what is around it.");
    }

    /** Length times width. */
    public double squareDecimetres() {
        return lengthMillimetres * (double) widthMillimetres / 10_000;
    }
}
