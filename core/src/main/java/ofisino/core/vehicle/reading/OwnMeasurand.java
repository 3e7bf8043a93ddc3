package ofisino.core.vehicle.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * Something to measure that a person added: a ring gap, the clearance of a valve. It is judged by the figures that are entered for it, and by nothing
 * else.
 *
 * @param safetyClass of a reading outside
 * @param adjustable  it can be set, filed, honed or shimmed to size
 */
public record OwnMeasurand(
        UUID id, String name, Unit unit, VehicleSystem system, SafetyClass safetyClass, boolean adjustable) {
    /** Among the ids of those that ship with Ofisino there is none that begins so. */
    public static final String PREFIX = "own-";

    /** Nothing in a workshop shows more, in any of the units. */
    private static final double HIGHEST = 1_000_000;

    /** An instrument has to show a tenth of the window, or a twentieth of a single bound. Common practice (rule of ten), no source. */
    private static final double OF_WINDOW = 10;

    private static final double OF_BOUND = 20;

    public OwnMeasurand {
        name = Texts.line("name", name);
    }

    /** Under which its readings and figures are kept. */
    public String limitId() {
        return PREFIX + id;
    }

    /** @param decides the figure that will decide, to know how finely it must be read; empty while there is none */
    public Limit limit(Optional<OwnFigure> decides) {
        return new Limit(
                limitId(),
                name,
                unit,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                -HIGHEST,
                HIGHEST,
                decides.map(f -> step(f.least(), f.most())).orElse(HIGHEST),
                true,
                Optional.empty(),
                unit,
                HIGHEST,
                List.of(),
                Optional.empty(),
                adjustable,
                false,
                system,
                safetyClass,
                FindingKind.WORN,
                0,
                false,
                Source.fromMemory("the maker's manual", "", ""),
                List.of(),
                Set.of());
    }

    private static double step(OptionalDouble least, OptionalDouble most) {
        if (least.isPresent() && most.isPresent()) return (most.getAsDouble() - least.getAsDouble()) / OF_WINDOW;
        double bound = Math.abs(least.isPresent() ? least.getAsDouble() : most.orElse(HIGHEST));
        return bound == 0 ? HIGHEST : bound / OF_BOUND;
    }
}
