package ofisino.core.roadready.gate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.vehicle.finding.SafetyClass;

/** Jobs that start, move or drive the vehicle come after all that keeps their gate shut. Common practice, no source. */
public final class DriveJobs {
    private DriveJobs() {}

    /**
     * A job that is not over.
     *
     * @param system   empty where nobody knows: then it comes before every drive
     * @param findings class and system of what it repairs
     */
    public record Open<J>(
            J id,
            Operation operation,
            Set<Detail> details,
            Aim aim,
            Optional<VehicleSystem> system,
            List<Repairs> findings) {
        Optional<Gate> gate() {
            return Gate.askedBy(operation, details);
        }
    }

    /** What a job repairs. @param safetyClass of the finding */
    public record Repairs(SafetyClass safetyClass, VehicleSystem system) {}

    /** What comes before each drive beyond the links that are there; nothing that would close a circle. */
    public static <J> List<Precedence.Link<J>> before(Collection<Open<J>> jobs, Collection<Precedence.Link<J>> links) {
        Precedence<J> order = new Precedence<>(links);
        List<Precedence.Link<J>> found = new ArrayList<>();
        for (Open<J> drive : jobs)
            drive.gate().ifPresent(gate -> {
                for (Open<J> first : jobs)
                    if (!first.id().equals(drive.id())
                            && keepsShut(first, gate)
                            && !order.isBefore(first.id(), drive.id())
                            && order.circleClosedBy(first.id(), drive.id()).isEmpty()) {
                        Precedence.Link<J> link = new Precedence.Link<>(first.id(), drive.id());
                        order.add(link);
                        found.add(link);
                    }
            });
        return found;
    }

    private static boolean keepsShut(Open<?> job, Gate gate) {
        Set<Gate> row = gate.withThoseBefore();
        Optional<Gate> itsOwn = job.gate();
        if (itsOwn.isPresent()) return itsOwn.get() != gate && row.contains(itsOwn.get());
        boolean ofItsSystem = Aim.ROAD_READY.needs(job.aim())
                && job.system().map(Gate::shutByWorkIn).map(row::contains).orElse(true);
        return ofItsSystem
                || job.findings().stream()
                        .filter(f -> f.safetyClass().standsInTheWay())
                        .anyMatch(f -> row.contains(Gate.shutBy(f.safetyClass(), f.system())));
    }
}
