package ofisino.core.roadready.gate;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.outstanding.OutstandingItem;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.reading.Verdict;

/**
 * All that is recorded about a vehicle and may stand between it and a gate.
 *
 * @param unseen    checks of class A and B that nobody answered well enough
 * @param stripDowns  strip-downs that are open, or closed for now
 * @param proofs    what has to be proved on this vehicle
 * @param proved    by proof, what was recorded last and still stands
 * @param owed      what is not settled yet
 */
public record Evidence(
        LocalDate today,
        List<Found> findings,
        List<Work> jobs,
        List<Unanswered> unseen,
        List<Read> readings,
        Optional<Codes> codes,
        List<Opened> stripDowns,
        List<Fastener> fasteners,
        List<Short> missing,
        List<Proof> proofs,
        Map<String, Proved> proved,
        List<Outstanding> outstanding) {
    public Evidence {
        findings = List.copyOf(findings);
        jobs = List.copyOf(jobs);
        unseen = List.copyOf(unseen);
        readings = List.copyOf(readings);
        stripDowns = List.copyOf(stripDowns);
        fasteners = List.copyOf(fasteners);
        missing = List.copyOf(missing);
        proofs = List.copyOf(proofs);
        proved = Map.copyOf(proved);
        outstanding = List.copyOf(outstanding);
    }

    /** @param system empty where nobody said: it counts like the gravest @param due its time has come */
    public record Outstanding(
            UUID id, OutstandingItem.OutstandingKind kind, String title, Optional<VehicleSystem> system, boolean due) {}

    /** @param temporary it was decided to be repaired for the time being @param putOff it was decided to be left for later */
    public record Found(
            UUID id,
            String title,
            SafetyClass safetyClass,
            VehicleSystem system,
            FindingState state,
            boolean temporary,
            boolean putOff) {}

    /**
     * @param system    empty where nobody knows: it counts like the gravest
     * @param fastens   it is known to fasten what must hold, whatever its system
     * @param tightened torque figures are recorded for all that it fastened
     */
    public record Work(
            UUID id,
            String title,
            Aim aim,
            JobState state,
            Optional<VehicleSystem> system,
            Operation operation,
            boolean fastens,
            boolean tightened) {}

    /** @param onTheRoad it can only be answered by driving or on a tester */
    public record Unanswered(VehicleSystem system, SafetyClass safetyClass, boolean onTheRoad) {}

    /**
     * The last readings of one thing at one place.
     *
     * @param safetyClass  of the finding that it proposes
     * @param judged       empty while there are none or too few
     * @param answered     a finding stands for it
     * @param secondWanted another person has still to read it
     * @param tooOld       it no longer speaks for the part
     * @param onTheRoad    it can only be read by driving or on a tester
     */
    public record Read(
            String limitId,
            String place,
            String title,
            VehicleSystem system,
            SafetyClass safetyClass,
            Optional<Verdict.Outcome> judged,
            boolean answered,
            boolean secondWanted,
            boolean tooOld,
            boolean onTheRoad) {}

    /** @param left what the modules said at the last reading */
    public record Codes(UUID reading, List<String> left, boolean afterDrive) {
        public Codes {
            left = List.copyOf(left);
        }
    }

    /** @param forNow closed with its old filling @param excludes states that the vehicle is not in while it is open */
    public record Opened(UUID id, String title, Set<CarState> excludes, boolean forNow) {
        public Opened {
            excludes = Set.copyOf(excludes);
        }
    }

    /** A fastener that holds wheels, brakes, steering, suspension, belts, seats or airbags. @param proved figure, source and who are recorded */
    public record Fastener(UUID id, String title, VehicleSystem system, boolean proved) {}

    /** Counted, and not all there. */
    public record Short(UUID id, String title, VehicleSystem system) {}

    /** @param validUntil last day on which it stands; empty for as long as nothing voids it */
    public record Proved(LocalDate on, Optional<LocalDate> validUntil) {
        boolean standsOn(LocalDate day) {
            return !on.isAfter(day) && validUntil.filter(day::isAfter).isEmpty();
        }
    }
}
