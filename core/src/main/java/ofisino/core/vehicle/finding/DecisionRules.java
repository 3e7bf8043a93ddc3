package ofisino.core.vehicle.finding;

import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;

/**
 * Which decisions a finding allows.
 *
 * <p>Common practice, no source: what brakes, steers, holds people or carries fuel is never left as it is and never mended for the time
 * being, and no defect of class A or B is talked away; it may be put off, and then goes on standing in the way.
 */
final class DecisionRules {
    private DecisionRules() {}

    /**
     * @param reason the person's own words; a decision without a reason teaches nothing later
     * @throws InvalidValue when the decision is not open to this finding, with what to choose instead
     */
    static void check(
            Decision decision, SafetyClass safetyClass, FindingKind kind, VehicleSystem system, String reason) {
        Texts.line("reason", reason);
        refusal(decision, safetyClass, kind, system).ifPresent(refusal -> {
            throw refusal;
        });
    }

    /** Why the decision is not open to such a finding; empty where it is. */
    static Optional<InvalidValue> refusal(
            Decision decision, SafetyClass safetyClass, FindingKind kind, VehicleSystem system) {
        if (kind == FindingKind.SYMPTOM && decision != Decision.INVESTIGATE && decision != Decision.DEFER)
            return refused(
                    "decision.symptom",
                    "Nobody knows yet what is behind this.",
                    "Choose investigate: the cheapest test comes first. What it finds is a finding of its own.");
        if (decision == Decision.TEMPORARY && system.neverTemporary())
            return refused(
                    "decision.never-temporary",
                    "Brakes, steering, restraints and fuel never get a temporary repair.",
                    "Choose repair or replace, or put it off: it then stands in the way of the road.");
        if (decision == Decision.ACCEPT && system.neverTemporary())
            return refused(
                    "decision.never-accept",
                    "A defect of braking, steering, restraint or fuel cannot be accepted as it is.",
                    "Choose repair or replace, or put it off.");
        if ((decision == Decision.ACCEPT || decision == Decision.REUSE) && safetyClass.standsInTheWay())
            return refused(
                    "decision.safety-stands",
                    "A class %s finding closes only by a verified job.",
                    "Choose repair or replace, or withdraw it if it was a mistake.",
                    safetyClass);
        return Optional.empty();
    }

    private static Optional<InvalidValue> refused(String code, String wrong, String wayOut, Object... values) {
        return Optional.of(InvalidValue.at("decision", code, wrong, wayOut, values));
    }
}
