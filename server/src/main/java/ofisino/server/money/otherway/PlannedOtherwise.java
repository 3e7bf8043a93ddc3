package ofisino.server.money.otherway;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.whatif.OtherWay;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import org.springframework.stereotype.Component;

/** Plans of other ways, kept while the plan that they stand beside is the same: a page asks again until they are run through. */
@Component
class PlannedOtherwise {
    private static final int MOST = 8;

    private record Asked(Plan beside, OtherWay way) {}

    private final Plans plans;
    private final Cache<Asked, Planned> known =
            Caffeine.newBuilder().maximumSize(MOST).executor(Runnable::run).build();

    PlannedOtherwise(Plans plans) {
        this.plans = plans;
    }

    Planned of(Planned now, OtherWay way) {
        return known.get(new Asked(now.plan(), way), asked -> plans.instead(now, way.of(now.problem())));
    }
}
