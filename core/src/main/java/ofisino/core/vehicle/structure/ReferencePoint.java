package ofisino.core.vehicle.structure;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * A distance of the shell that ought to be so, and what it is: from the maker's sheet, or the same distance at a neighbour that nobody ever
 * disturbed. Common practice, no source: out of tolerance it is pulled first, and replaced if pulling fails; nothing is welded before it fits.
 *
 * @param name        from where to where
 * @param expectedMm  what it ought to be, above 0
 * @param toleranceMm how far off it may be, above 0
 * @param against     what it is compared with
 * @param reliable    the document was at hand, or the neighbour is known never to have been disturbed
 */
public record ReferencePoint(String name, double expectedMm, double toleranceMm, Against against, boolean reliable) {
    private static final double LONGEST_MM = 10_000;

    /** By what one knows how long a distance ought to be. */
    public enum Against {
        DOCUMENT,
        NEIGHBOUR
    }

    /** In the order of the work. */
    public enum Stage {
        AS_FOUND,
        PULLED,
        FITTED
    }

    /** What to do about a distance. */
    public enum Advice {
        MEASURE,
        /** The neighbour may have been bent too: find one that was not. */
        FIND_A_REFERENCE,
        LEAVE,
        PULL,
        REPLACE,
        /** In tolerance after pulling: tack, measure again, weld. */
        FIT,
        /** The new panel sits wrongly: move it before it is welded. */
        MOVE_BEFORE_WELDING,
        WELD
    }

    /** @param offMm actual less expected @param beyondMm how far outside the tolerance, 0 inside */
    public record Deviation(double offMm, double beyondMm) {
        boolean isInside() {
            return beyondMm == 0;
        }
    }

    public ReferencePoint {
        name = Texts.line("name", name);
        mustBeALength("expectedMm", expectedMm);
        if (!(toleranceMm > 0 && toleranceMm < expectedMm))
            throw InvalidValue.at(
                    "toleranceMm",
                    "structure.tolerance",
                    "A tolerance of %s mm cannot be.",
                    "Enter 0 mm to the distance itself (%s mm).",
                    toleranceMm,
                    expectedMm);
    }

    /** @param mm above 0 and at most the longest vehicle @throws InvalidValue naming the field */
    public static double mustBeALength(String field, double mm) {
        if (!(mm > 0 && mm <= LONGEST_MM))
            throw InvalidValue.at(
                    field, "structure.length", "%s mm is no distance on a vehicle.", "Measure it again.", mm);
        return mm;
    }

    /** @param actualMm as measured */
    public Deviation deviation(double actualMm) {
        double off = actualMm - expectedMm;
        return new Deviation(off, Math.max(0, Math.abs(off) - toleranceMm));
    }

    /** What to do, by the last stage that was measured. */
    public Advice advice(Map<Stage, Double> measuredMm) {
        Map<Stage, Double> byStage = new EnumMap<>(Stage.class);
        byStage.putAll(measuredMm);
        Optional<Stage> last = byStage.keySet().stream().reduce((a, b) -> b);
        if (last.isEmpty()) return Advice.MEASURE;
        if (!reliable) return Advice.FIND_A_REFERENCE;
        boolean inside = deviation(byStage.get(last.get())).isInside();
        return switch (last.get()) {
            case AS_FOUND -> inside ? Advice.LEAVE : Advice.PULL;
            case PULLED -> inside ? Advice.FIT : Advice.REPLACE;
            case FITTED -> inside ? Advice.WELD : Advice.MOVE_BEFORE_WELDING;
        };
    }
}
