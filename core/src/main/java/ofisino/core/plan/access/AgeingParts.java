package ofisino.core.plan.access;

import java.io.Reader;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Equipment;

/** Parts that wear or age behind accesses, from {@code ageing.yaml} beside this class. */
public final class AgeingParts {
    /**
     * @param component   says its name and how long it lasts
     * @param behind      the accesses through which it is reached
     * @param minutes     own work while it is open
     * @param costMinutes the part, as minutes of a workshop
     * @param nuisanceMinutes what its failure costs beside
     */
    public record Part(
            String id, Component component, Set<String> behind, int minutes, int costMinutes, int nuisanceMinutes) {
        public Part {
            behind = Set.copyOf(behind);
            if (behind.isEmpty()
                    || component.life().years().isEmpty()
                    || minutes < 0
                    || costMinutes < 0
                    || nuisanceMinutes < 0)
                throw InvalidValue.of(
                        "ageing.numbers",
                        "The figures of %s do not fit together.",
                        "It lies behind an access, ages by years, and takes 0 or more.",
                        id);
        }

        /** Its age in years: since it was fitted, where that is known; else since the vehicle was built. */
        public static double age(Optional<LocalDate> fitted, int builtYear, LocalDate today) {
            double years = fitted.map(on -> ChronoUnit.DAYS.between(on, today) / DAYS_A_YEAR)
                    .orElse((double) today.getYear() - builtYear);
            return Math.max(0, years);
        }

        private static final double DAYS_A_YEAR = 365.25;

        /** As a restorer says it. */
        public String name() {
            return component.name();
        }

        /** Typical, from when it was made or fitted. */
        public double lifeYears() {
            return component.life().years().orElseThrow();
        }
    }

    private final List<Part> parts;

    private AgeingParts(List<Part> parts) {
        this.parts = List.copyOf(parts);
    }

    /** Reads ageing.yaml. @throws InvalidValue naming the entry that is wrong */
    public static AgeingParts load(Anatomy anatomy) {
        return Entry.readBeside(AgeingParts.class, "ageing.yaml", yaml -> read(yaml, anatomy));
    }

    static AgeingParts read(Reader yaml, Anatomy anatomy) {
        return new AgeingParts(Entry.listOf("the ageing parts", yaml).stream()
                .map(e -> part(e.named("id"), anatomy))
                .toList());
    }

    private static Part part(Entry e, Anatomy anatomy) {
        e.only("id", "of", "behind", "hours", "part", "nuisance");
        return new Part(
                e.text("id"),
                anatomy.require(e.text("of")),
                new LinkedHashSet<>(e.texts("behind")),
                minutes(e.number("hours")),
                minutes(e.number("part")),
                minutes(e.number("nuisance")));
    }

    private static int minutes(double hours) {
        return (int) Math.round(hours * 60);
    }

    /** All that age, in the order of the file. */
    public List<Part> all() {
        return parts;
    }

    /** Those that a vehicle may have and that can be got at while this access is open. */
    public List<Part> behind(String access, Equipment vehicle) {
        return parts.stream()
                .filter(p -> p.behind().contains(access) && p.component().mayBeOn(vehicle))
                .toList();
    }
}
