package ofisino.core.vehicle.check;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.kernel.Years;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.BodyStyle;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Drive;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.EquipmentLibrary;
import ofisino.core.vehicle.equipment.Having;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.inspection.FindingKind;
import ofisino.core.vehicle.inspection.SafetyClass;

/** The checks that ship with Ofisino, from the files in {@code catalogue/}; {@code 01-papers.yaml} explains their keys. */
public final class Catalogue {
    private static final EquipmentLibrary EQUIPMENT = EquipmentLibrary.load();

    /** Checked before anything else, and after everything else; no zones of a drawing. */
    public static final String PAPERS = "papers";

    public static final String ROAD = "road";

    private static final List<String> FILES = List.of(
            "01-papers",
            "02-structure",
            "03-body",
            "04-brakes",
            "05-steering-wheels",
            "06-engine",
            "07-cooling-fuel-exhaust",
            "08-transmission",
            "09-electrical",
            "10-cabin-road");
    /** Faces of the drawings in the order in which one walks: round the vehicle, over it, into it, then under it. */
    private static final List<String> WALK =
            List.of("front", "left", "rear", "right", "top", "engine", "cabin", "under");

    private final List<Check> checks;

    Catalogue(List<Check> checks) {
        this.checks = List.copyOf(checks);
        Set<String> ids = new HashSet<>();
        Set<String> sayings = new HashSet<>();
        for (Check check : checks) {
            if (!ids.add(check.id()))
                throw new InvalidValue("check.twice", "The catalogue has check %s twice.".formatted(check.id()));
            if (!sayings.add(check.method() + check.how() + check.means()))
                throw new InvalidValue(
                        "check.same", "Check %s does and finds what another one does.".formatted(check.id()));
        }
    }

    public static Catalogue load() {
        List<Check> checks = new ArrayList<>();
        for (String file : FILES)
            try (InputStream in = Catalogue.class.getResourceAsStream("catalogue/" + file + ".yaml")) {
                checks.addAll(read(file.substring(3), new InputStreamReader(in, StandardCharsets.UTF_8)));
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        return new Catalogue(checks);
    }

    static List<Check> read(String theme, Reader yaml) {
        return Entry.listOf("the checks of " + theme, yaml).stream()
                .map(e -> check(theme, e.named("id")))
                .toList();
    }

    private static Check check(String theme, Entry e) {
        e.only(
                "id",
                "places",
                "method",
                "how",
                "good",
                "means",
                "endangers",
                "bad",
                "kind",
                "seen",
                "bodies",
                "from",
                "to",
                "having",
                "system",
                "reading");
        return new Check(
                e.text("id"),
                theme,
                Set.copyOf(e.texts("places")),
                e.choice("method", Check.Method.class),
                e.text("how"),
                e.text("good"),
                e.text("means"),
                e.text("endangers"),
                e.choice("bad", SafetyClass.class),
                e.choice("kind", FindingKind.class),
                e.choice("seen", HowSeen.class, HowSeen.WALKED_ROUND),
                e.choices("bodies", BodyStyle.class, EnumSet.allOf(BodyStyle.class)),
                new Years(e.whole("from", Years.ALL.from()), e.whole("to", Years.ALL.to())),
                Having.of(e.texts("having"), EQUIPMENT),
                e.has("system") ? Optional.of(e.choice("system", VehicleSystem.class)) : Optional.empty(),
                Optional.of(e.text("reading", "")).filter(limit -> !limit.isEmpty()));
    }

    public List<Check> checks() {
        return checks;
    }

    /** Ids of the checks that measure what a limit judges. */
    public Set<String> measuring(String limitId) {
        return checks.stream()
                .filter(c -> c.limit().filter(limitId::equals).isPresent())
                .map(Check::id)
                .collect(Collectors.toSet());
    }

    /** What was placed last for such a vehicle, and for which drawing. */
    private record Placed(Body body, List<PlacedCheck> checks) {}

    /** Vehicles change what they have; what nobody asks for any more is not kept for ever. */
    private static final int MOST_PLACED = 200;

    private final Map<String, Placed> placed = new ConcurrentHashMap<>();

    /** The checks of one vehicle in the order of a walk: papers, face by face, place by place, the road last. */
    public List<PlacedCheck> of(Body body, Equipment vehicle) {
        if (placed.size() > MOST_PLACED) placed.clear();
        return placed.compute(
                        vehicle.key(),
                        (key, known) -> known != null && known.body() == body
                                ? known
                                : new Placed(body, List.copyOf(place(body, fitting(vehicle)))))
                .checks();
    }

    private List<Check> fitting(Equipment vehicle) {
        return checks.stream().filter(c -> c.appliesTo(vehicle)).toList();
    }

    /** Of a vehicle of which nothing else is known. */
    public List<PlacedCheck> of(Body body, int builtYear) {
        return of(body, Equipment.of(EQUIPMENT, new Make(body.style(), builtYear, Drive.REAR), List.of()));
    }

    /** A check where it found something, whether or not it is asked of the vehicle. @param zone in which its finding lies */
    public Optional<PlacedCheck> at(Body body, String checkId, String zone) {
        return place(body, checks.stream().filter(c -> c.id().equals(checkId)).toList()).stream()
                .filter(c -> c.foundIn().id().equals(zone))
                .findFirst();
    }

    private static List<PlacedCheck> place(Body body, List<Check> fitting) {
        List<PlacedCheck> walk = new ArrayList<>();
        addUnplaced(fitting, PAPERS, walk);
        for (String view : WALK)
            for (Zone zone : body.zones()) {
                if (!zone.view().equals(view)) continue;
                String place = zone.place();
                for (Check check : fitting)
                    if (check.places().contains(place)) walk.add(new PlacedCheck(check, Optional.of(zone)));
            }
        addUnplaced(fitting, ROAD, walk);
        return walk;
    }

    private static void addUnplaced(List<Check> fitting, String place, List<PlacedCheck> walk) {
        fitting.stream()
                .filter(c -> c.places().contains(place))
                .map(c -> new PlacedCheck(c, Optional.empty()))
                .forEach(walk::add);
    }
}
