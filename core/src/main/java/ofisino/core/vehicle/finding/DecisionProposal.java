package ofisino.core.vehicle.finding;

import ofisino.core.kernel.Aim;

/**
 * The decision that a finding suggests by itself, with the one reason for it, so that many can be decided in a row. Common practice, no
 * source. It never proposes what {@link DecisionRules} refuses.
 */
public record DecisionProposal(Decision decision, ProposedBecause why) {
    /** Why a decision is proposed. */
    public enum ProposedBecause {
        /** Nobody knows yet what is wrong. */
        ONLY_A_DOUBT,
        /** It is needed for a higher aim than the project has. */
        BEYOND_THE_AIM,
        /** It stands in the way of the road and cannot be mended in place. */
        SAFETY_NEEDS_A_NEW_PART,
        /** It stands in the way of the road and is mended in place. */
        SAFETY_NEEDS_MENDING,
        /** The project replaces whatever is doubtful. */
        POLICY_REPLACE,
        /** The project keeps what measures within its limits: measure first. */
        POLICY_MEASURE_FIRST,
        /** A part of this kind is not mended. */
        NOT_MENDABLE,
        MENDABLE
    }

    /** @param projectAim how far the project goes; @param findingAim the lowest aim that needs the finding mended */
    public static DecisionProposal of(
            FindingKind kind, SafetyClass safety, Aim findingAim, Aim projectAim, DoubtfulParts policy) {
        if (kind == FindingKind.DOUBT || kind == FindingKind.SYMPTOM)
            return new DecisionProposal(Decision.INVESTIGATE, ProposedBecause.ONLY_A_DOUBT);
        if (safety.standsInTheWay())
            return isDoubtfulPart(kind) || isGone(kind)
                    ? new DecisionProposal(Decision.REPLACE, ProposedBecause.SAFETY_NEEDS_A_NEW_PART)
                    : new DecisionProposal(Decision.REPAIR, ProposedBecause.SAFETY_NEEDS_MENDING);
        if (findingAim.compareTo(projectAim) > 0)
            return new DecisionProposal(Decision.DEFER, ProposedBecause.BEYOND_THE_AIM);
        if (isDoubtfulPart(kind))
            return policy == DoubtfulParts.REPLACE
                    ? new DecisionProposal(Decision.REPLACE, ProposedBecause.POLICY_REPLACE)
                    : new DecisionProposal(Decision.INVESTIGATE, ProposedBecause.POLICY_MEASURE_FIRST);
        return isGone(kind)
                ? new DecisionProposal(Decision.REPLACE, ProposedBecause.NOT_MENDABLE)
                : new DecisionProposal(Decision.REPAIR, ProposedBecause.MENDABLE);
    }

    private static boolean isDoubtfulPart(FindingKind kind) {
        return kind == FindingKind.WORN || kind == FindingKind.PERISHED;
    }

    private static boolean isGone(FindingKind kind) {
        return kind == FindingKind.MISSING || kind == FindingKind.BROKEN;
    }
}
