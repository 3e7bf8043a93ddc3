package ofisino.core.vehicle.finding;

import ofisino.core.kernel.InvalidValue;

/** How bad, from 1 (slight) to 4 (destroyed or without function). */
public record Severity(int grade) {
    public Severity {
        if (grade < 1 || grade > 4)
            throw InvalidValue.at(
                    "severity", "severity.range", "%d cannot be a severity.", "Choose 1, 2, 3 or 4.", grade);
    }
}
