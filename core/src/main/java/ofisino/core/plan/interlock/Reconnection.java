package ofisino.core.plan.interlock;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import ofisino.core.kernel.Entry;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;

/** What the battery's absence leaves to be set again, by what the vehicle has; from {@code reconnection.yaml}. Common practice, no source. */
public final class Reconnection {
    private record Rule(Reset reset, Applies applies) {}

    private final List<Rule> rules;

    private Reconnection(List<Rule> rules) {
        this.rules = rules;
    }

    /** What is set again once the battery is back. */
    public enum Reset {
        TERMINALS_CLEAN_AND_TIGHT,
        CLOCK,
        RADIO_CODE,
        IDLE_LEARNS_AGAIN,
        WINDOWS_END_STOPS,
        ROOF_END_STOPS,
        STEERING_ANGLE,
        CODES_READ_AND_ERASED,
        MODULES_SLEEP_AND_WAKE
    }

    /** Reads reconnection.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Reconnection load() {
        try (InputStream file = Reconnection.class.getResourceAsStream("reconnection.yaml")) {
            return new Reconnection(
                    Entry.listOf("the reconnection", new InputStreamReader(file, StandardCharsets.UTF_8)).stream()
                            .map(e -> e.only(Applies.keys("reset")))
                            .map(e -> new Rule(e.choice("reset", Reset.class), Applies.of(e)))
                            .toList());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** In the order in which they are done. */
    public List<Reset> of(Equipment vehicle) {
        return rules.stream()
                .filter(r -> r.applies().to(vehicle))
                .map(Rule::reset)
                .toList();
    }
}
