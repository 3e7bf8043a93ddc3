package ofisino.core.vehicle.finding;

import java.util.List;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.HowSeen;

/**
 * What Ofisino proposes for a finding, with the rules that led there, so that the person can agree or differ.
 *
 * @param reasons the rules applied, in the order in which they were; never empty
 */
public record Proposal(Severity severity, SafetyClass safetyClass, HowSeen howSeen, Aim aim, List<Reason> reasons) {
    /** The rules by which a proposal is made; the screen puts them into words. */
    public enum Reason {
        USUAL_FOR_THE_KIND,
        RUST_NEAR_A_MOUNTING,
        WATCH_THE_MOUNTING,
        STRUCTURE_IS_WEAKENED,
        STOPS_OR_STEERS,
        HOLDS_PEOPLE,
        FUEL_CAN_BURN,
        EXHAUST_GAS,
        CLEAR_VIEW,
        TO_SEE_AND_BE_SEEN,
        /** What the thing itself is asks for more than where it is. */
        WHAT_IT_IS,
        ONLY_A_DOUBT,
        CHECK_FAILED,
        READING_OUTSIDE,
        WHAT_HAPPENED
    }

    public Proposal {
        reasons = List.copyOf(reasons);
    }
}
