package ofisino.core.vehicle.reading;

import java.util.OptionalDouble;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;

/** A figure that a person entered for one vehicle. @param source verified when somebody held it against the document */
public record OwnFigure(SourceKind kind, OptionalDouble least, OptionalDouble most, Source source) {
    public OwnFigure {
        if (least.isEmpty() && most.isEmpty())
            throw InvalidValue.at(
                    "least", "figure.empty", "A limit is missing.", "Enter the least or the most that it allows.");
    }
}
