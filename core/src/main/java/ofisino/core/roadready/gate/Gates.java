package ofisino.core.roadready.gate;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.finding.Finding;

/**
 * How each gate stands. A gate without a blocker means that nothing recorded stands in the way and all evidence that it asks for is there; it
 * never means that a vehicle is safe or legal.
 */
public final class Gates {
    private final List<Blocker> all;
    private final Map<Gate, List<Blocker>> byGate = new EnumMap<>(Gate.class);

    private Gates(List<Blocker> all) {
        this.all = all;
        for (Gate gate : Gate.values()) {
            Set<Gate> row = gate.withThoseBefore();
            byGate.put(gate, all.stream().filter(b -> row.contains(b.gate())).toList());
        }
    }

    /** Asks every rule at every gate; what is unknown keeps a gate shut. */
    public static Gates of(Evidence evidence) {
        return new Gates(Arrays.stream(Rule.values())
                .flatMap(rule -> rule.check(evidence))
                .sorted(Comparator.comparing(Blocker::gravity)
                        .thenComparing(Blocker::rule)
                        .thenComparing(Blocker::gate)
                        .thenComparing(Blocker::system)
                        .thenComparing(Blocker::title))
                .toList());
    }

    /** What keeps any gate shut, the gravest first. */
    public List<Blocker> all() {
        return all;
    }

    /** What keeps this gate shut, with all that keeps those before it shut. */
    public List<Blocker> before(Gate gate) {
        return byGate.get(gate);
    }

    /** Whether a job that is finished fastened something whose torque is not recorded. */
    public boolean wantsTorque(UUID job) {
        return all.stream()
                .anyMatch(
                        b -> b.rule() == Rule.TORQUE_MISSING && b.remedy().id().equals(job.toString()));
    }

    /**
     * Whether something keeps it shut that nothing planned removes: then whatever asks for it has no date.
     *
     * @param inWork findings that an open job deals with
     */
    public boolean staysShut(Gate gate, Set<UUID> inWork) {
        return byGate.get(gate).stream().anyMatch(b -> b.rule().staysWithoutAJob() && !isOf(inWork, b));
    }

    /** Whether it asks for something that no job and no test at the end will bring by itself. */
    boolean asksForMore(Gate gate) {
        return byGate.get(gate).stream().anyMatch(b -> !b.remedy().kind().comesWithTheWork());
    }

    /**
     * Milestones that ask for what nothing planned brings: their day is the earliest possible.
     *
     * @param withoutWork findings that no open job deals with, and that do not only wait for a second look
     */
    public Set<Aim> askMore(Collection<Finding> withoutWork) {
        return Arrays.stream(Aim.values())
                .filter(aim -> asksForMore(Gate.reachedWith(aim))
                        || withoutWork.stream().anyMatch(f -> f.isAskedFor(aim)))
                .collect(Collectors.toSet());
    }

    /** Whether it hangs on what nobody has looked at: then a day beyond it is the earliest possible. */
    public boolean isUnseen(Gate gate) {
        return byGate.get(gate).stream().anyMatch(b -> b.rule() == Rule.CHECKS_UNANSWERED);
    }

    private static boolean isOf(Set<UUID> findings, Blocker b) {
        return b.remedy().kind() == Blocker.Remedy.Kind.FINDING
                && findings.contains(UUID.fromString(b.remedy().id()));
    }

    /** No rule keeps it or one before it shut. */
    public boolean isOpen(Gate gate) {
        return byGate.get(gate).isEmpty();
    }
}
