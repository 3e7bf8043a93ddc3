package ofisino.core.plan.orderofwork;

import java.io.Reader;
import java.util.List;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.JobMatcher;

/** Which phase a job belongs to, by what it does and to what; from {@code phases.yaml}. Common practice, no source. */
public final class Phases {
    private record Rule(Phase phase, AnyOf jobs) {}

    private final List<Rule> rules;

    private Phases(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    /** Reads phases.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Phases load() {
        return Entry.readBeside(Phases.class, "phases.yaml", Phases::read);
    }

    static Phases read(Reader yaml) {
        return new Phases(Entry.listOf("the phases", yaml).stream()
                .map(e -> e.only("phase", "operations", "details", "systems"))
                .map(e -> new Rule(e.choice("phase", Phase.class), new AnyOf(List.of(JobMatcher.read(e)))))
                .toList());
    }

    /** The phase of the first rule that fits; every operation has one. */
    public Phase of(Work<?> work) {
        return rules.stream()
                .filter(r -> r.jobs().fits(work))
                .findFirst()
                .map(Rule::phase)
                .orElseThrow(() -> InvalidValue.of(
                        "phase.none",
                        "No phase is said for the operation %s.",
                        "Add it to phases.yaml.",
                        work.operation()));
    }
}
