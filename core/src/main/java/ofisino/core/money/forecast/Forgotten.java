package ofisino.core.money.forecast;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;
import ofisino.core.plan.risk.ThreePoint;

/**
 * What always comes on top, from {@code forgotten.yaml} beside this class.
 *
 * @param parts by prompt, of what the car still asks for: low, likely, high
 */
public record Forgotten(Map<String, ThreePoint> parts) {
    public Forgotten {
        parts = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(parts));
    }

    /** Reads forgotten.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Forgotten load() {
        return Entry.readBeside(Forgotten.class, "forgotten.yaml", yaml -> {
            Map<String, ThreePoint> found = new LinkedHashMap<>();
            for (Entry e : Entry.listOf("what is forgotten", yaml)) {
                Entry named = e.named("what");
                named.only("what", "parts");
                List<Double> parts = named.numbers("parts");
                found.put(named.text("what"), new ThreePoint(parts.get(0), parts.get(1), parts.get(2)));
            }
            return new Forgotten(found);
        });
    }

    /** What one is asked about. */
    public Set<String> prompts() {
        return parts.keySet();
    }

    /** @throws InvalidValue where nobody is asked about it */
    public String checked(String prompt) {
        if (parts.containsKey(prompt)) return prompt;
        throw InvalidValue.at(
                "what",
                "forgotten.unknown",
                "“%s” is nothing that one is asked about.",
                "Choose one of %s.",
                prompt,
                String.join(", ", parts.keySet()));
    }

    List<ForecastPart> on(long toComeMinor, Map<String, Long> setAside) {
        List<ForecastPart> found = new ArrayList<>();
        parts.forEach((prompt, share) -> {
            Long own = setAside.get(prompt);
            Span cost = own != null
                    ? Span.of(own)
                    : new Span(
                            Math.round(toComeMinor * share.optimistic()),
                            Math.round(toComeMinor * share.likely()),
                            Math.round(toComeMinor * share.pessimistic()));
            found.add(new ForecastPart(ForecastKind.FORGOTTEN, prompt, cost));
        });
        return found;
    }
}
