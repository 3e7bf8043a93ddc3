package ofisino.core.vehicle.sleep;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.Period;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.Entry;
import ofisino.core.vehicle.check.PlacedCheck;

/** How long a vehicle slept, and what that put under suspicion; by {@code sleep.yaml}. Common practice, no source. */
public final class Sleep {
    private record Rule(int afterMonths, List<String> checks, String why) {}

    private final List<Rule> rules;

    private Sleep(List<Rule> rules) {
        this.rules = rules;
    }

    /**
     * An estimate, never a fact.
     *
     * @param since       the latest day that any evidence speaks for
     * @param months      whole months from then to today
     * @param onPaper     whether something written speaks for that day; else it rests on what was said or guessed
     * @param undisturbed nobody was at it since
     */
    public record Estimate(LocalDate since, int months, boolean onPaper, boolean undisturbed) {}

    /** A check that so long a sleep calls for. */
    public record Suspect(PlacedCheck check, int afterMonths, String why) {}

    /** Reads sleep.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Sleep load() {
        try (InputStream file = Sleep.class.getResourceAsStream("sleep.yaml")) {
            return new Sleep(Entry.listOf("the sleep", new InputStreamReader(file, StandardCharsets.UTF_8)).stream()
                    .map(e -> e.only("after-months", "checks", "why"))
                    .map(e -> new Rule(e.whole("after-months"), e.texts("checks"), e.text("why")))
                    .toList());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Sleep = today − latest dated use; empty without a date. */
    public static Optional<Estimate> estimate(List<Evidence> evidence, LocalDate today) {
        return evidence.stream()
                .filter(e -> e.usedOn().isPresent())
                .max(Comparator.comparing((Evidence e) -> e.usedOn().get()).thenComparing(Evidence::isWritten))
                .map(last -> new Estimate(
                        last.usedOn().get(),
                        (int) Math.max(
                                0, Period.between(last.usedOn().get(), today).toTotalMonths()),
                        last.isWritten(),
                        evidence.stream().anyMatch(e -> e.kind() == Evidence.Kind.UNDISTURBED)));
    }

    /** Ids of all checks that any sleep names. */
    public List<String> checks() {
        return rules.stream().flatMap(r -> r.checks().stream()).toList();
    }

    /** In walking order. */
    public List<Suspect> suspects(int months, List<PlacedCheck> vehicle) {
        return vehicle.stream()
                .flatMap(placed -> rules.stream()
                        .filter(r -> r.afterMonths() <= months
                                && r.checks().contains(placed.check().id()))
                        .map(r -> new Suspect(placed, r.afterMonths(), r.why())))
                .toList();
    }
}
