package ofisino.core.plan.orderofwork;

import java.util.Collections;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;

/** Jobs that a rule speaks of. A set that is empty asks for nothing; of a set that is not, one must fit. */
record Matcher(Set<Operation> operations, Set<Detail> details, Set<VehicleSystem> systems) {
    Matcher {
        operations = Set.copyOf(operations);
        details = Set.copyOf(details);
        systems = Set.copyOf(systems);
        if (operations.isEmpty() && details.isEmpty() && systems.isEmpty())
            throw InvalidValue.of(
                    "order-of-work.anything",
                    "A rule that fits every job orders nothing.",
                    "Say which jobs it is about.");
    }

    static Matcher read(Entry e) {
        return new Matcher(
                e.choices("operations", Operation.class, Set.of()),
                e.choices("details", Detail.class, Set.of()),
                e.choices("systems", VehicleSystem.class, Set.of()));
    }

    boolean fits(Work<?> work) {
        return (operations.isEmpty() || operations.contains(work.operation()))
                && (details.isEmpty() || !Collections.disjoint(details, work.details()))
                && (systems.isEmpty() || work.system().filter(systems::contains).isPresent());
    }
}
