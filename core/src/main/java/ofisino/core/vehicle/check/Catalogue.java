package ofisino.core.vehicle.check;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.PerVehicle;
import ofisino.core.vehicle.equipment.PerVehicle.Itself;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/** The checks that ship with Ofisino, from the files in {@code catalogue/}; {@code 01-papers.yaml} explains their keys. */
public final class Catalogue {
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
                throw InvalidValue.of(
                        "check.twice", "The catalogue has check %s twice.", "Give one of them another id.", check.id());
            if (!sayings.add(check.method() + check.how() + check.means()))
                throw InvalidValue.of(
                        "check.same",
                        "Check %s does and finds what another one does.",
                        "Leave one of them out.",
                        check.id());
        }
    }

    /** Reads the files of checks. @throws InvalidValue naming the file and entry that are wrong */
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
        e.only(Applies.keys(
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
                "once",
                "system",
                "of",
                "reading"));
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
                e.has("once"),
                Applies.of(e),
                e.has("system") ? Optional.of(e.choice("system", VehicleSystem.class)) : Optional.empty(),
                e.texts("of"),
                Optional.of(e.text("reading", "")).filter(limit -> !limit.isEmpty()));
    }

    /** All of them, for whichever vehicle. */
    public List<Check> checks() {
        return checks;
    }

    /** Where what a limit judges can be measured: at the places of its checks and at those of its system. */
    public Set<String> placesOf(String limitId, VehicleSystem system, Body body) {
        Set<String> places = new LinkedHashSet<>(measured.computeIfAbsent(new Itself(body), b -> placesByLimit(body))
                .getOrDefault(limitId, Set.of()));
        body.zones().stream().filter(z -> z.system() == system).map(Zone::id).forEach(places::add);
        return places;
    }

    private final Map<Itself, Map<String, Set<String>>> measured = new ConcurrentHashMap<>();

    private Map<String, Set<String>> placesByLimit(Body body) {
        return everywhere(body).stream()
                .filter(c -> c.check().limit().isPresent())
                .collect(Collectors.groupingBy(
                        c -> c.check().limit().orElseThrow(),
                        Collectors.mapping(PlacedCheck::place, Collectors.toCollection(LinkedHashSet::new))));
    }

    /** Ids of the checks that measure what a limit judges. */
    public Set<String> measuring(String limitId) {
        return checks.stream()
                .filter(c -> c.limit().filter(limitId::equals).isPresent())
                .map(Check::id)
                .collect(Collectors.toSet());
    }

    private final PerVehicle<List<PlacedCheck>> placed = new PerVehicle<>();

    /** The checks of one vehicle in the order of a walk: papers, face by face, place by place, the road last. */
    public List<PlacedCheck> of(Body body, Equipment vehicle) {
        return placed.of(
                new Itself(body), vehicle, () -> List.copyOf(place(body.zonesOf(vehicle), fitting(vehicle), true)));
    }

    private List<Check> fitting(Equipment vehicle) {
        return checks.stream().filter(c -> c.isAskedOf(vehicle)).toList();
    }

    private final PerVehicle<List<PlacedCheck>> waiting = new PerVehicle<>();

    /** Those that wait behind a question: somebody has to say or see first what the vehicle has. Until then nobody answered them. */
    public List<PlacedCheck> waiting(Body body, Equipment vehicle) {
        return waiting.of(
                new Itself(body),
                vehicle,
                () -> List.copyOf(place(
                        body.zonesOf(vehicle),
                        checks.stream()
                                .filter(c -> c.isBehindAQuestionOf(vehicle))
                                .toList(),
                        true)));
    }

    /** Every check at each place of a body where it is ever done, whatever the vehicle has: what was answered before stays known. */
    public List<PlacedCheck> everywhere(Body body) {
        return place(body.zones(), checks, false);
    }

    /** A check where it found something, whether or not it is asked of the vehicle. @param zone in which its finding lies */
    public Optional<PlacedCheck> at(Body body, String checkId, String zone) {
        return place(
                        body.zones(),
                        checks.stream().filter(c -> c.id().equals(checkId)).toList(),
                        false)
                .stream()
                .filter(c -> c.foundIn().id().equals(zone))
                .findFirst();
    }

    private static List<PlacedCheck> place(List<Zone> zones, List<Check> fitting, boolean asking) {
        List<PlacedCheck> walk = new ArrayList<>();
        Set<String> asked = new HashSet<>();
        addUnplaced(fitting, PAPERS, walk);
        List<Zone> access = WALK.stream()
                .flatMap(view -> zones.stream().filter(z -> z.view().equals(view)))
                .toList();
        for (Zone zone : access) {
            String place = zone.place();
            for (Check check : fitting) {
                if (!check.places().contains(place)) continue;
                if (!asking || !check.once()) walk.add(new PlacedCheck(check, Optional.of(zone)));
                else if (asked.add(check.id())) walk.add(once(check, zone, access));
            }
        }
        addUnplaced(fitting, ROAD, walk);
        return walk;
    }

    private static PlacedCheck once(Check check, Zone first, List<Zone> access) {
        return new PlacedCheck(
                check,
                Optional.of(first),
                access.stream()
                        .filter(z -> z != first && check.places().contains(z.place()))
                        .toList(),
                Optional.empty());
    }

    private static void addUnplaced(List<Check> fitting, String place, List<PlacedCheck> walk) {
        fitting.stream()
                .filter(c -> c.places().contains(place))
                .map(c -> new PlacedCheck(c, Optional.empty()))
                .forEach(walk::add);
    }
}
