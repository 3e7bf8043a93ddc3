package ofisino.server.plan;

import java.util.List;
import ofisino.core.plan.job.HiredTool;
import ofisino.server.identity.Caller;

/** The door to tools that are hired. */
public interface HiredTools {
    List<HiredTool> of(Caller caller);
}
