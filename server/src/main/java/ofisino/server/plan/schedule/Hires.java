package ofisino.server.plan.schedule;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.job.HiredTool;
import ofisino.core.plan.job.ToHand;

/**
 * Which work needs a tool that is hired.
 *
 * @param byAccess what has to be to hand to open and to close it
 */
record Hires(List<HiredTool> hired, Map<UUID, ToHand> byJob, Map<String, List<String>> byAccess) {
    static final Hires NONE = new Hires(List.of(), Map.of(), Map.of());

    List<HiredTool> ofJob(UUID job) {
        return among(byJob.getOrDefault(job, ToHand.NOTHING).tools());
    }

    List<HiredTool> ofAccess(String access) {
        return among(byAccess.getOrDefault(access, List.of()));
    }

    private List<HiredTool> among(List<String> tools) {
        return hired.stream().filter(t -> t.isAmong(tools)).toList();
    }
}
