package ofisino.core.roadready.gate;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobState;
import ofisino.core.vehicle.inspection.Decision;
import ofisino.core.vehicle.inspection.FindingState;
import ofisino.core.vehicle.inspection.SafetyClass;

/** What is recorded about a car, as far as the rules before the road ask for it. */
public record Evidence(List<Found> findings, List<Work> jobs, Optional<Codes> codes) {
    public Evidence {
        findings = List.copyOf(findings);
        jobs = List.copyOf(jobs);
    }

    /** @param temporary the decision was to mend it for the time being */
    public record Found(
            UUID id,
            String title,
            SafetyClass safetyClass,
            VehicleSystem system,
            FindingState state,
            boolean temporary) {
        public static Found of(
                UUID id,
                String title,
                SafetyClass safetyClass,
                VehicleSystem system,
                FindingState state,
                Optional<Decision> decision) {
            return new Found(
                    id,
                    title,
                    safetyClass,
                    system,
                    state,
                    decision.filter(d -> d == Decision.TEMPORARY).isPresent());
        }
    }

    /** @param left what the modules said at the last reading */
    public record Codes(UUID reading, List<String> left, boolean afterDrive) {
        public Codes {
            left = List.copyOf(left);
        }
    }

    public record Work(UUID id, String title, Aim aim, JobState state) {}
}
