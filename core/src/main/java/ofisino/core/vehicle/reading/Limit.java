package ofisino.core.vehicle.reading;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * What a measured value is compared with, in its own unit; both bounds are inclusive.
 *
 * @param watch      how far inside a bound "watch" begins; 0 for never
 * @param lowest     below this the reading is asked about: no such thing exists
 * @param highest    above this likewise
 * @param resolution the coarsest step of an instrument that can decide it
 * @param maker      only the maker's figure decides, and none is entered yet
 * @param derived    what is made of several readings before it is compared
 * @param readIn     the unit in which they are read; the limit's own where nothing is derived
 * @param readUpTo   above this a single reading is asked about; {@code highest} where nothing is derived
 * @param system     of a finding where what was measured lies at no place of the drawing
 * @param ifOutside  safety class of a reading outside it
 * @param kind       the finding that such a reading proposes
 * @param pairs      readings are compared within each of these alone, by the first word of their spot: {@code "front left"}; empty for all together
 * @param graver     the class from a value on that is far outside
 * @param adjustable it can be set, filed, honed or shimmed to size
 * @param goodFor    months after which a reading no longer speaks for the part; 0 where it does not age
 * @param needed     before the road it is measured: a look is not enough
 * @param critical   misread it hurts: a second person measures it too
 * @param otherwise  the same by what else the vehicle may have; empty where that is known or makes no difference
 * @param asks       equipment that decides among these
 */
public record Limit(
        String id,
        String name,
        Unit unit,
        OptionalDouble min,
        OptionalDouble max,
        double watch,
        double lowest,
        double highest,
        double resolution,
        boolean maker,
        Optional<Derived> derived,
        Unit readIn,
        double readUpTo,
        List<String> pairs,
        Optional<Graver> graver,
        boolean adjustable,
        boolean critical,
        VehicleSystem system,
        SafetyClass ifOutside,
        FindingKind kind,
        int goodFor,
        boolean needed,
        Source source,
        List<Limit> otherwise,
        Set<String> asks) {
    /** @param beyond a value above it, in the limit's unit, @param safetyClass is as grave as this */
    public record Graver(double beyond, SafetyClass safetyClass) {}

    public Limit {
        pairs = List.copyOf(pairs);
        otherwise = List.copyOf(otherwise);
        asks = Set.copyOf(asks);
        if (maker == (min.isPresent() || max.isPresent()))
            throw InvalidValue.of(
                    "limit.bounds",
                    "Limit %s has both a bound and the maker's, or neither.",
                    "Give it one of the two.",
                    id);
        if (!(lowest < highest && resolution > 0 && watch >= 0) || !Double.isFinite(highest - lowest))
            throw InvalidValue.of(
                    "limit.numbers", "The numbers of limit %s do not fit together.", "Correct them in the file.", id);
        if (min.isPresent() && max.isPresent() && !(min.getAsDouble() < max.getAsDouble()))
            throw InvalidValue.of(
                    "limit.reversed", "The bounds of limit %s are reversed.", "Put the lower one first.", id);
    }

    /** Whether a single reading, in {@code readIn}, can exist at all, by whichever figure it is. */
    public boolean canBeRead(double value) {
        boolean here = derived.isPresent() ? 0 < value && value <= readUpTo : lowest <= value && value <= highest;
        return here || otherwise.stream().anyMatch(o -> o.canBeRead(value));
    }

    /** Its value grows with time: it is entered as the date on which the part was made. */
    public boolean isAge() {
        return unit == Unit.YEAR;
    }

    /** Whether a reading of that day no longer speaks for the part. */
    public boolean isTooOld(LocalDate readOn, LocalDate today) {
        return goodFor > 0 && readOn.plusMonths(goodFor).isBefore(today);
    }

    /** The day on which a part made then reaches the greatest age; empty where age is not what is judged. */
    public Optional<LocalDate> expires(LocalDate madeOn) {
        if (!isAge() || max.isEmpty()) return Optional.empty();
        return Optional.of(madeOn.plusMonths(Math.round(max.getAsDouble() * 12)));
    }

    /**
     * The maker's own figure in place of the general one. It decides, and may clear a finding, when somebody compared it with the document.
     * Until then, where safety hangs on it, it may be stricter than the general one and never milder.
     */
    public Limit ofTheMaker(OptionalDouble itsMin, OptionalDouble itsMax, Source document) {
        boolean mayBeMilder = document.verified() || !ifOutside.standsInTheWay();
        return new Limit(
                this,
                mayBeMilder ? itsMin : both(itsMin, min, Math::max),
                mayBeMilder ? itsMax : both(itsMax, max, Math::min),
                0,
                lowest,
                highest,
                false,
                ifOutside,
                document,
                mayBeMilder
                        ? List.of()
                        : otherwise.stream()
                                .map(o -> o.ofTheMaker(itsMin, itsMax, document))
                                .toList(),
                mayBeMilder ? Set.of() : asks);
    }

    /**
     * By what was entered for the vehicle. The best source decides, whichever was entered last; one that nobody held against its document may be
     * stricter than what stands below it and, where safety hangs on it, never milder.
     */
    public Limit by(Collection<OwnFigure> own) {
        Limit limit = this;
        for (OwnFigure f : own.stream()
                .sorted(Comparator.comparing(OwnFigure::kind).reversed())
                .toList()) limit = limit.ofTheMaker(f.least(), f.most(), f.source());
        return limit;
    }

    /** The same, as grave outside as a value makes it. */
    public Limit asGraveAs(double value) {
        return graver.filter(g -> value > g.beyond())
                .map(g -> new Limit(
                        this,
                        min,
                        max,
                        watch,
                        lowest,
                        highest,
                        maker,
                        g.safetyClass().graver(ifOutside),
                        source,
                        otherwise,
                        asks))
                .orElse(this);
    }

    /** To which of the pairs a spot belongs; all to one where there are none. */
    public String pairOf(String spot) {
        return pairs.stream()
                .filter(p -> spot.toLowerCase(java.util.Locale.ROOT).startsWith(p))
                .findFirst()
                .orElse("");
    }

    /** Without any figure: only the maker's own decides. */
    Limit ofTheMakerOnly() {
        return new Limit(
                this,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                lowest,
                highest,
                true,
                ifOutside,
                source,
                List.of(),
                Set.of());
    }

    /** The same with a figure of its own. */
    Limit with(Figure figure, List<Limit> others, Set<String> decidedBy) {
        boolean ownRange = !figure.asked().isEmpty();
        return new Limit(
                this,
                figure.min(),
                figure.max(),
                figure.watch(),
                ownRange ? figure.asked().get(0) : lowest,
                ownRange ? figure.asked().get(1) : highest,
                maker,
                ifOutside,
                figure.source(),
                others,
                decidedBy);
    }

    /** The same thing, judged otherwise. */
    private Limit(
            Limit same,
            OptionalDouble min,
            OptionalDouble max,
            double watch,
            double lowest,
            double highest,
            boolean maker,
            SafetyClass ifOutside,
            Source source,
            List<Limit> otherwise,
            Set<String> asks) {
        this(
                same.id,
                same.name,
                same.unit,
                min,
                max,
                watch,
                lowest,
                highest,
                same.resolution,
                maker,
                same.derived,
                same.readIn,
                same.readUpTo,
                same.pairs,
                same.graver,
                same.adjustable,
                same.critical,
                same.system,
                ifOutside,
                same.kind,
                same.goodFor,
                same.needed,
                source,
                otherwise,
                asks);
    }

    private static OptionalDouble both(OptionalDouble one, OptionalDouble other, DoubleBinaryOperator stricter) {
        if (one.isEmpty() || other.isEmpty()) return one.isPresent() ? one : other;
        return OptionalDouble.of(stricter.applyAsDouble(one.getAsDouble(), other.getAsDouble()));
    }
}
