package ofisino.core.vehicle.estimate;

import java.io.Reader;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.corrosion.Corrosion;
import ofisino.core.vehicle.corrosion.CorrosionRules;
import ofisino.core.vehicle.estimate.Estimate.Material;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/** First guesses from {@code estimates.yaml}, which explains its keys. Common practice, no source: a person's own figures replace them. */
public final class Estimates {
    private record Line(Hours hours, Hours perSquareDecimetre, Material material, Material materialPerSquareDecimetre) {
        Estimate at(double squareDecimetres) {
            return new Estimate(
                    hours.plus(perSquareDecimetre, squareDecimetres).effort(),
                    material.plus(materialPerSquareDecimetre, squareDecimetres));
        }
    }

    private record Hours(double low, double likely, double high) {
        Hours plus(Hours per, double times) {
            return new Hours(low + per.low * times, likely + per.likely * times, high + per.high * times);
        }

        Effort effort() {
            return new Effort(minutes(low), minutes(likely), minutes(high));
        }

        /** To the quarter of an hour, in which plans are made. */
        private static int minutes(double hours) {
            return (int) Math.round(hours * 4) * 15;
        }
    }

    private final Map<CorrosionRules.Repair, Line> byRepair = new EnumMap<>(CorrosionRules.Repair.class);
    private final Map<Optional<VehicleSystem>, Hidden> hidden = new HashMap<>();

    private final HandsRules hands;

    private Estimates(Entry file) {
        file.only("corrosion", "hidden", "specialist-from", "hands");
        for (Entry e : file.list("corrosion")) {
            e.only("repair", "hours", "hours-per-dm2", "material", "material-per-dm2");
            byRepair.put(e.choice("repair", CorrosionRules.Repair.class), line(e));
        }
        for (Entry e : file.list("hidden")) {
            e.only("system", "chance", "hours", "material", "looking");
            hidden.put(system(e), new Hidden(e.number("chance"), line(e).at(0), e.number("looking")));
        }
        hands = new HandsRules(file);
    }

    /** Reads estimates.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Estimates load() {
        return Entry.readBeside(Estimates.class, "estimates.yaml", Estimates::read);
    }

    static Estimates read(Reader yaml) {
        return new Estimates(Entry.of("the estimates", yaml));
    }

    /** Whose hands mending it wants. */
    public Hands hands(FindingKind kind, VehicleSystem system, SafetyClass safety) {
        return hands.of(kind, system, safety);
    }

    /** What mending this rust takes, by its repair and extent. */
    public Estimate of(Zone zone, Corrosion corrosion) {
        CorrosionRules.Repair repair = CorrosionRules.judge(zone, corrosion).repair();
        return byRepair.get(repair).at(corrosion.squareDecimetres());
    }

    /** What a place of this system may hide while nobody has seen all of it. */
    public Hidden hidden(VehicleSystem system) {
        return hidden.getOrDefault(Optional.of(system), hidden.get(Optional.<VehicleSystem>empty()));
    }

    /**
     * @param chance that there is damage when nothing of the place was seen
     * @param damage what mending it takes then
     * @param lookingHours what finding out takes
     */
    public record Hidden(double chance, Estimate damage, double lookingHours) {
        /** What is no known costly trap hides damage half as often. Common practice, no source. */
        private static final double PLAIN_PLACE = 0.5;

        /** @param unseen share of the place that nobody has seen, from 0 to 1 */
        public double chanceAt(Zone zone, double unseen) {
            return chance * unseen * (zone.costlyTrap() ? 1 : PLAIN_PLACE);
        }
    }

    private static Optional<VehicleSystem> system(Entry e) {
        return e.has("system") ? Optional.of(e.choice("system", VehicleSystem.class)) : Optional.empty();
    }

    private static Line line(Entry e) {
        return new Line(
                hours(e, "hours"), hours(e, "hours-per-dm2"), material(e, "material"), material(e, "material-per-dm2"));
    }

    private static Hours hours(Entry e, String key) {
        List<Double> three = three(e, key);
        return new Hours(three.get(0), three.get(1), three.get(2));
    }

    private static Material material(Entry e, String key) {
        List<Double> three = three(e, key);
        return new Material(three.get(0), three.get(1), three.get(2));
    }

    private static List<Double> three(Entry e, String key) {
        if (!e.has(key)) return List.of(0.0, 0.0, 0.0);
        List<Double> three = e.numbers(key);
        if (three.size() != 3 || !(three.get(0) <= three.get(1) && three.get(1) <= three.get(2)))
            throw InvalidValue.of(
                    "estimates.three", "“%s” in %s is not an estimate.", "Write three rising numbers.", key, e.where());
        return three;
    }
}
