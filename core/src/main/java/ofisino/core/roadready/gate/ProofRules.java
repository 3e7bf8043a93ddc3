package ofisino.core.roadready.gate;

import java.util.stream.Stream;
import ofisino.core.roadready.gate.Blocker.Remedy;
import ofisino.core.vehicle.finding.SafetyClass;

/** Tests and looks that somebody has to have done, and that stand. */
final class ProofRules {
    private ProofRules() {}

    static Stream<Blocker> missing(Evidence evidence) {
        return evidence.proofs().stream()
                .filter(p -> p.gate().isPresent() && !evidence.proved().containsKey(p.id()))
                .map(p -> blocker(Rule.PROOF_MISSING, p));
    }

    static Stream<Blocker> runOut(Evidence evidence) {
        return evidence.proofs().stream()
                .filter(p -> p.gate().isPresent()
                        && evidence.proved().containsKey(p.id())
                        && !evidence.proved().get(p.id()).standsOn(evidence.today()))
                .map(p -> blocker(Rule.PROOF_RUN_OUT, p));
    }

    private static Blocker blocker(Rule rule, Proof p) {
        Gate gate = p.gate().orElseThrow();
        return new Blocker(
                rule,
                gate,
                Gate.ROAD_TEST.withThoseBefore().contains(gate) ? SafetyClass.A : SafetyClass.B,
                p.system(),
                new Remedy(Remedy.Kind.PROOF, p.id()),
                p.name(),
                1);
    }
}
