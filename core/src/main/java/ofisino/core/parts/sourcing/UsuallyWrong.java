package ofisino.core.parts.sourcing;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;

/**
 * How many in a hundred are wrong, as a first guess, from {@code usually-wrong.yaml} beside this class.
 *
 * @param percent by kind, 0 to 100; of each kind one
 */
public record UsuallyWrong(Map<SupplyKind, Integer> percent) {
    public UsuallyWrong {
        percent = Map.copyOf(percent);
        for (SupplyKind kind : SupplyKind.values())
            if (percent.getOrDefault(kind, -1) < 0 || percent.get(kind) > 100)
                throw InvalidValue.of(
                        "usually-wrong.kind",
                        "How often %s is wrong is missing, or no number from 0 to 100.",
                        "Write one of %s for it.",
                        kind,
                        Arrays.toString(SupplyKind.values()));
    }

    /** Reads usually-wrong.yaml. @throws InvalidValue naming the entry that is wrong */
    public static UsuallyWrong load() {
        return Entry.readBeside(UsuallyWrong.class, "usually-wrong.yaml", yaml -> {
            Map<SupplyKind, Integer> found = new EnumMap<>(SupplyKind.class);
            for (Entry e : Entry.listOf("how often parts are wrong", yaml)) {
                Entry named = e.named("kind");
                named.only("kind", "percent");
                found.put(named.choice("kind", SupplyKind.class), named.whole("percent"));
            }
            return new UsuallyWrong(found);
        });
    }
}
