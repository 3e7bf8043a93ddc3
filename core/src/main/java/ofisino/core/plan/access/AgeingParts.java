package ofisino.core.plan.access;

import java.io.Reader;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;

/** Parts that wear or age behind accesses, from {@code ageing.yaml} beside this class. */
public final class AgeingParts {
    /**
     * @param behind      the accesses through which it is reached
     * @param lifeYears   typical, from new
     * @param minutes     own work while it is open
     * @param costMinutes the part, as minutes of a workshop
     * @param nuisanceMinutes what its failure costs beside
     */
    public record Part(
            String id,
            String name,
            Set<String> behind,
            double lifeYears,
            int minutes,
            int costMinutes,
            int nuisanceMinutes) {
        public Part {
            behind = Set.copyOf(behind);
            if (behind.isEmpty() || !(lifeYears > 0) || minutes < 0 || costMinutes < 0 || nuisanceMinutes < 0)
                throw InvalidValue.of(
                        "ageing.numbers",
                        "The figures of %s do not fit together.",
                        "Years and shares are 0 or more, the lower first.",
                        id);
        }
    }

    private final List<Part> parts;

    private AgeingParts(List<Part> parts) {
        this.parts = List.copyOf(parts);
    }

    /** Reads ageing.yaml. @throws InvalidValue naming the entry that is wrong */
    public static AgeingParts load() {
        return Entry.readBeside(AgeingParts.class, "ageing.yaml", AgeingParts::read);
    }

    static AgeingParts read(Reader yaml) {
        return new AgeingParts(Entry.listOf("the ageing parts", yaml).stream()
                .map(e -> part(e.named("id")))
                .toList());
    }

    private static Part part(Entry e) {
        e.only("id", "name", "behind", "years", "hours", "part", "nuisance");
        return new Part(
                e.text("id"),
                e.text("name"),
                new LinkedHashSet<>(e.texts("behind")),
                e.number("years"),
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

    /** Those that can be got at while this access is open. */
    public List<Part> behind(String access) {
        return parts.stream().filter(p -> p.behind().contains(access)).toList();
    }
}
