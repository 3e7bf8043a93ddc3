package ofisino.core.plan.job;

import java.util.Collections;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;

/** Jobs that a rule speaks of. A set that is empty asks for nothing; of a set that is not, one must fit. */
public record JobMatcher(Set<Operation> operations, Set<Detail> details, Set<VehicleSystem> systems) {
    public JobMatcher {
        operations = Set.copyOf(operations);
        details = Set.copyOf(details);
        systems = Set.copyOf(systems);
    }

    /** Of the keys operations, details and systems; of those that do not stand there nothing is asked. */
    public static JobMatcher read(Entry e) {
        return new JobMatcher(
                e.choices("operations", Operation.class, Set.of()),
                e.choices("details", Detail.class, Set.of()),
                e.choices("systems", VehicleSystem.class, Set.of()));
    }

    /** It asks for nothing: every job fits. */
    public boolean fitsEverything() {
        return operations.isEmpty() && details.isEmpty() && systems.isEmpty();
    }

    /** Where nobody knows the system, none that is asked for fits. */
    public boolean fits(JobNature job) {
        return (operations.isEmpty() || operations.contains(job.operation()))
                && (details.isEmpty() || !Collections.disjoint(details, job.details()))
                && (systems.isEmpty() || job.system().filter(systems::contains).isPresent());
    }
}
