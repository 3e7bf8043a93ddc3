package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Source;

/** One rule before the road. What is unknown never passes. All rules stand in {@link GateRules}. */
interface GateRule {
    String id();

    Source source();

    List<Blocker> check(Evidence evidence);
}
