package ofisino.core.money.forecast;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToLongFunction;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.core.plan.risk.TotalDraws;

/**
 * What the whole will have cost: always the sum of its parts.
 *
 * @param unpriced    things to buy of which nobody named a price
 * @param unestimated findings of which nobody can say what they cost: the sums are so much too low
 */
public record Forecast(List<ForecastPart> parts, int unpriced, int unestimated) {
    public Forecast {
        parts = List.copyOf(parts);
    }

    /** The same with what always comes on top: a share of what the car still asks for, or what a person set aside instead. */
    public Forecast with(Forgotten forgotten, Map<String, Long> setAside) {
        long toCome = parts.stream()
                .filter(p -> p.kind().isToCome())
                .mapToLong(p -> p.cost().likelyMinor())
                .reduce(0, Math::addExact);
        return and(forgotten.on(toCome, setAside));
    }

    /** The same with more parts. */
    public Forecast and(List<ForecastPart> more) {
        List<ForecastPart> all = new ArrayList<>(parts);
        all.addAll(more);
        return new Forecast(all, unpriced, unestimated);
    }

    /** If all of it turns out well; minor units of the base currency. */
    public long lowMinor() {
        return sum(Span::lowMinor);
    }

    /** As it is thought now. */
    public long likelyMinor() {
        return sum(Span::likelyMinor);
    }

    /** On average: the expected final cost. */
    public long expectedMinor() {
        return sum(Span::expectedMinor);
    }

    /** If all of it turns out badly. */
    public long highMinor() {
        return sum(Span::highMinor);
    }

    /** In one of ten draws it costs no more; on average; in nine of ten no more. @param draws of its parts */
    public Span ends(TotalDraws draws) {
        long expected = expectedMinor();
        return new Span(
                Math.min(Math.round(draws.inTen(1)), expected),
                expected,
                Math.max(Math.round(draws.inTen(9)), expected));
    }

    /** Of one kind, as it is thought now. */
    public long likelyMinor(ForecastKind kind) {
        return parts.stream()
                .filter(p -> p.kind() == kind)
                .mapToLong(p -> p.cost().likelyMinor())
                .reduce(0, Math::addExact);
    }

    /** Whether something of it is guessed. */
    public boolean isGuess() {
        return unpriced > 0 || unestimated > 0 || lowMinor() < highMinor();
    }

    /** Its parts as they may turn out each by itself, to be drawn. What may be hidden is drawn place by place, in the stead of its one line. */
    public Map<String, Chance> chances(Map<String, Chance> hidden) {
        Map<String, Chance> chances = new LinkedHashMap<>();
        for (ForecastPart p : parts)
            if (p.kind() != ForecastKind.UNSEEN)
                chances.merge(
                        p.kind() + " " + p.about(),
                        Chance.sure(new ThreePoint(
                                p.cost().lowMinor(),
                                p.cost().likelyMinor(),
                                p.cost().highMinor())),
                        Forecast::both);
        hidden.forEach((place, chance) -> chances.put(ForecastKind.UNSEEN + " " + place, chance));
        return chances;
    }

    private static Chance both(Chance a, Chance b) {
        return Chance.sure(new ThreePoint(
                a.cost().optimistic() + b.cost().optimistic(),
                a.cost().likely() + b.cost().likely(),
                a.cost().pessimistic() + b.cost().pessimistic()));
    }

    private long sum(ToLongFunction<Span> which) {
        return parts.stream().map(ForecastPart::cost).mapToLong(which).reduce(0, Math::addExact);
    }
}
