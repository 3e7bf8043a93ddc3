package ofisino.core.roadready.gate;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.equipment.Applies;

/**
 * A test or look that somebody has to have done before a gate, or after so many kilometres. It stands until work on what it proves voids it.
 *
 * @param id       stored with every record, never renamed
 * @param how      what to do, and what is good; cautions first
 * @param gate     that asks for it; empty where it is only owed
 * @param afterKm  owed after so many kilometres from the start; empty for what comes before it
 * @param voidedBy work in these systems, begun later, voids it
 * @param value    what is read at it, if anything
 * @param until    the paper that proves it has a last day
 * @param applies  on which vehicles it is asked for
 */
public record Proof(
        String id,
        String name,
        String how,
        Optional<Gate> gate,
        OptionalInt afterKm,
        VehicleSystem system,
        Set<VehicleSystem> voidedBy,
        Optional<Value> value,
        boolean until,
        Applies applies,
        Source source) {
    /** @param least below this it is not passed */
    public record Value(String name, String unit, double least) {}

    /** Work that changed the vehicle. @param systems that it touched; empty where nobody knows @param until its last day */
    public record Worked(String title, Set<VehicleSystem> systems, LocalDate until) {
        public Worked {
            systems = Set.copyOf(systems);
        }
    }

    public Proof {
        voidedBy = Set.copyOf(voidedBy);
        if (gate.isEmpty() && afterKm.isEmpty())
            throw InvalidValue.of(
                    "proof.nowhere",
                    "Proof %s is asked for by nothing.",
                    "Say which rule asks for it, or take it out.",
                    id);
    }

    /** @param systems touched by later work; empty where nobody knows */
    public boolean isVoidedBy(Set<VehicleSystem> systems) {
        return systems.isEmpty() ? !voidedBy.isEmpty() : systems.stream().anyMatch(voidedBy::contains);
    }

    /** @throws InvalidValue when what somebody recorded does not prove it, with what to do */
    public void check(Double read, LocalDate on, LocalDate lastDay, LocalDate today) {
        if (on.isAfter(today))
            throw InvalidValue.at(
                    "doneOn",
                    "proof.future",
                    "That day is still to come.",
                    "Record it on the day on which it is done.");
        value.ifPresent(v -> {
            if (read == null)
                throw InvalidValue.at("value", "proof.value", "What was read is missing.", "Enter: %s.", v.name());
            if (!Double.isFinite(read) || read < v.least())
                throw InvalidValue.at(
                        "value",
                        "proof.not-passed",
                        "%s must be at least %s %s.",
                        "Below that it is not passed: record a finding.",
                        v.name(),
                        plain(v.least()),
                        v.unit());
        });
        if (until && (lastDay == null || lastDay.isBefore(on)))
            throw InvalidValue.at(
                    "validUntil", "proof.until", "The last day on which it is valid is missing.", "Enter it.");
    }

    /** @throws InvalidValue when it is said to be done before work that voids it */
    public void mustFollow(Collection<Worked> work, LocalDate on) {
        work.stream()
                .filter(w -> isVoidedBy(w.systems()) && w.until().isAfter(on))
                .max(Comparator.comparing(Worked::until))
                .ifPresent(w -> {
                    throw InvalidValue.at(
                            "doneOn",
                            "proof.before-work",
                            "“%s” was worked on until %s, after that day.",
                            "Do it again and record the new day.",
                            w.title(),
                            w.until());
                });
    }

    private static String plain(double d) {
        return d == Math.rint(d) ? "%d".formatted((long) d) : String.valueOf(d);
    }
}
