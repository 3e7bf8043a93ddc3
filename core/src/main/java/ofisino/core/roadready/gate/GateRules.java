package ofisino.core.roadready.gate;

import java.util.List;

/**
 * What stands in the way of the road. An empty answer means that nothing recorded stands in the way; it never means that a car is safe or
 * legal. A test checks that no rule is missing from the list.
 */
public final class GateRules {
    static final List<GateRule> ALL = List.of(
            new OpenSafetyFindingRule(),
            new TemporarySafetyRepairRule(),
            new HalfDoneJobRule(),
            new UndoneJobRule(),
            new FaultCodeRule(),
            new CodesAfterDriveRule());

    private GateRules() {}

    public static List<Blocker> check(Evidence evidence) {
        return ALL.stream().flatMap(rule -> rule.check(evidence).stream()).toList();
    }
}
