package ofisino.core.plan.access;

import java.io.Reader;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.body.Nearby;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.PerVehicle;

/** The accesses that ship with Ofisino by layout, from {@code access.yaml} beside this class, and which of them a job usually needs. */
public final class AccessLibrary {
    /**
     * @param usualFor    by place, operations that need it there; none: all
     * @param everywhere  work that needs it wherever on the vehicle it is done
     * @param clears      places that must be empty while something near them is hot
     * @param nearAirbags what may fire is made safe before it is opened
     * @param tools       beyond what lies on the bench, to open it and to close it again
     * @param ifLikely    of what it needs, what is left out where the vehicle has it only if the usual is wrong
     * @param itself      how work is called that puts back what comes off by it: fitting the windscreen is no work behind a windscreen that is out
     */
    private record Line(
            Access access,
            Applies applies,
            Map<String, Set<Operation>> usualFor,
            Set<Operation> everywhere,
            Set<String> clears,
            boolean nearAirbags,
            int fills,
            List<String> tools,
            Set<String> ifLikely,
            Optional<Pattern> itself) {
        /** @param likely whether the vehicle has an access as is said or usual */
        Access needing(Set<String> there, Predicate<String> likely) {
            return access.needingOnly(there.stream()
                    .filter(need -> !ifLikely.contains(need) || likely.test(need))
                    .collect(Collectors.toSet()));
        }

        boolean isUsualFor(String place, Operation operation) {
            Set<Operation> operations = usualFor.get(place);
            return operations != null && (operations.isEmpty() || operations.contains(operation));
        }
    }

    private static final String IF_LIKELY = "?";

    /** Work with heat or sparks. */
    private static final Set<Operation> HOT = EnumSet.of(Operation.WELD, Operation.CUT);

    /** What covers metal again. */
    private static final Set<Operation> COATS = EnumSet.of(Operation.PRIME, Operation.COAT, Operation.PAINT);

    private final Nearby nearby = Nearby.load();
    private final List<Line> lines;
    private final PerVehicle<AccessGraph> byVehicle = new PerVehicle<>();

    private AccessLibrary(List<Line> lines) {
        this.lines = List.copyOf(lines);
    }

    /** Reads access.yaml. @throws InvalidValue naming the entry that is wrong */
    public static AccessLibrary load() {
        return Entry.readBeside(AccessLibrary.class, "access.yaml", AccessLibrary::read);
    }

    static AccessLibrary read(Reader yaml) {
        return new AccessLibrary(Entry.listOf("the accesses", yaml).stream()
                .map(e -> line(e.named("id")))
                .toList());
    }

    private static Line line(Entry e) {
        e.only(Applies.keys(
                "id",
                "name",
                "strip",
                "refit",
                "needs",
                "hours",
                "people",
                "drains",
                "litres",
                "excludes",
                "uses",
                "reaches",
                "touches",
                "cautions",
                "near-airbags",
                "for",
                "for-some",
                "operations",
                "everywhere",
                "clears",
                "fills",
                "tools",
                "itself"));
        List<Double> hours = e.numbers("hours");
        List<String> needs = e.texts("needs");
        Access access = new Access(
                e.text("id"),
                e.text("name"),
                e.text("strip"),
                e.text("refit"),
                needs.stream().map(AccessLibrary::named).collect(Collectors.toCollection(LinkedHashSet::new)),
                (int) Math.round(hours.get(0) * 60),
                (int) Math.round(hours.get(1) * 60),
                e.whole("people", 1),
                e.has("drains")
                        ? Optional.of(new Access.Drained(e.choice("drains", Circuit.class), e.number("litres")))
                        : Optional.empty(),
                e.choices("excludes", CarState.class, Set.of()),
                e.texts("uses"),
                new LinkedHashSet<>(e.texts("reaches")),
                e.choices("touches", VehicleSystem.class, Set.of()),
                e.choices("cautions", Caution.class, Set.of()));
        return new Line(
                access,
                Applies.of(e),
                usualFor(e),
                e.choices("everywhere", Operation.class, Set.of()),
                Set.copyOf(e.texts("clears")),
                e.has("near-airbags"),
                e.has("fills") ? (int) Math.round(e.number("fills") * HUNDREDTHS) : 0,
                e.texts("tools"),
                needs.stream()
                        .filter(need -> need.endsWith(IF_LIKELY))
                        .map(AccessLibrary::named)
                        .collect(Collectors.toSet()),
                e.has("itself") ? Optional.of(putsBack(e.text("itself"))) : Optional.empty());
    }

    private static String named(String need) {
        return need.endsWith(IF_LIKELY) ? need.substring(0, need.length() - IF_LIKELY.length()) : need;
    }

    private static Map<String, Set<Operation>> usualFor(Entry e) {
        Map<String, Set<Operation>> found = new HashMap<>();
        for (String place : e.texts("for")) found.put(place, e.choices("operations", Operation.class, Set.of()));
        if (e.has("for-some"))
            for (String place : e.under("for-some").keys().keySet())
                found.put(place, e.under("for-some").choices(place, Operation.class, Set.of()));
        return Map.copyOf(found);
    }

    /** “Fit the windscreen with a new seal”, “Gearbox back in”; not “Fit new engine mountings”, which is work behind it. */
    private static Pattern putsBack(String thing) {
        String named = "\\b(?:%s)".formatted(thing);
        return Pattern.compile(
                "\\b(?:re-?fit|fit|hang|put) (?:(?:the|a|new|both|left|right|front|rear) )*" + named
                        + "(?= (?:with|and|back|in|on|again)\\b|,|$)|" + named + " back (?:in|on)\\b",
                Pattern.CASE_INSENSITIVE);
    }

    /** The usual dangers of opening and closing it. */
    public Set<Caution> cautions(String access) {
        return lines.stream()
                .map(Line::access)
                .filter(a -> a.id().equals(access))
                .findFirst()
                .map(Access::cautions)
                .orElse(Access.UNKNOWN_CAUTIONS);
    }

    /** By access, what has to be to hand to open it and to close it, beyond what lies on the bench anyway. */
    public Map<String, List<String>> tools() {
        return lines.stream()
                .filter(l -> !l.tools().isEmpty())
                .collect(Collectors.toMap(l -> l.access().id(), Line::tools));
    }

    /** By access, hundredths of a square metre of floor or shelf that what comes off fills. */
    public Map<String, Integer> fills() {
        return lines.stream()
                .filter(l -> l.fills() > 0)
                .collect(Collectors.toMap(l -> l.access().id(), Line::fills));
    }

    private static final int HUNDREDTHS = 100;
    private static final String AIRBAG_SAFE = "airbag-safe";

    /** Those of a vehicle. What may fire is made safe before what lies near it is opened. */
    public AccessGraph of(Equipment vehicle) {
        return of(vehicle, Set.of());
    }

    /** @param used accesses that are recorded of it: they stay, whatever is said of its equipment since */
    public AccessGraph of(Equipment vehicle, Set<String> used) {
        return byVehicle.of(Set.copyOf(used), vehicle, () -> accessesOf(vehicle, used));
    }

    private AccessGraph accessesOf(Equipment vehicle, Set<String> used) {
        Map<String, Line> there = new LinkedHashMap<>();
        for (Line l : lines)
            if (l.applies().to(vehicle) || used.contains(l.access().id()))
                there.put(l.access().id(), l);
        boolean mayFire = vehicle.mayFire() && there.containsKey(AIRBAG_SAFE);
        Predicate<String> likely =
                id -> used.contains(id) || there.get(id).applies().likelyTo(vehicle);
        return new AccessGraph(there.values().stream()
                .map(l -> l.needing(there.keySet(), likely))
                .map(w -> mayFire && there.get(w.id()).nearAirbags() ? w.needing(AIRBAG_SAFE) : w)
                .toList());
    }

    /**
     * How a person's own job departs from what is usual: “Fit the windscreen” or “Gearbox back in” takes off and puts back itself what it names, so
     * that nothing is opened and closed for that beside it.
     */
    public Departure byItsTitle(String title, String zone, Operation operation, Equipment vehicle) {
        return new Departure(
                Set.of(),
                Set.of(),
                openedByItself(title, zone, operation, vehicle).stream()
                        .map(Access::id)
                        .collect(Collectors.toSet()),
                Optional.empty());
    }

    /** The dangers of what such a job opens and closes itself. */
    public Set<Caution> cautionsByItsTitle(String title, String zone, Operation operation, Equipment vehicle) {
        return openedByItself(title, zone, operation, vehicle).stream()
                .flatMap(a -> a.cautions().stream())
                .collect(Collectors.toSet());
    }

    private List<Access> openedByItself(String title, String zone, Operation operation, Equipment vehicle) {
        return lines.stream()
                .filter(l -> l.itself().filter(i -> i.matcher(title).find()).isPresent()
                        && l.applies().to(vehicle)
                        && l.isUsualFor(Zone.placeOf(zone), operation))
                .map(Line::access)
                .toList();
    }

    /** What a job in a zone usually needs to have open, without what those need themselves. */
    public Set<String> usual(Equipment vehicle, String zone, Operation operation) {
        return needed(vehicle, zone, operation, Departure.NONE);
    }

    /**
     * The same for a job of a piece of work: bare metal is primed before what was cleared for its weld comes back, sealed and painted before
     * it comes back over it.
     *
     * @param piece the operations of all jobs of it; asked for only where it matters
     */
    public Set<String> needed(
            Equipment vehicle, String zone, Operation operation, Departure departure, Supplier<Set<Operation>> piece) {
        Set<String> found = new LinkedHashSet<>(needed(vehicle, zone, operation, departure));
        if (!COATS.contains(operation) || !piece.get().contains(Operation.WELD)) return found;
        Set<String> cleared = needed(vehicle, zone, Operation.WELD, departure);
        // what lies over the place is in the way of every coat; what was only near the heat, of the first
        if (operation != Operation.PRIME) cleared.removeIf(access -> !isOver(access, Zone.placeOf(zone), vehicle));
        found.addAll(cleared);
        return found;
    }

    private boolean isOver(String access, String place, Equipment vehicle) {
        return of(vehicle).require(access).reaches().contains(place);
    }

    /** What a job in a zone needs to have open, without what those need themselves. */
    public Set<String> needed(Equipment vehicle, String zone, Operation operation, Departure departure) {
        AccessGraph accesses = of(vehicle);
        Set<String> found =
                departure.opens().stream().filter(accesses::has).collect(Collectors.toCollection(LinkedHashSet::new));
        departure.does().stream()
                .filter(accesses::has)
                .forEach(id -> found.addAll(accesses.require(id).needs()));
        departure
                .insteadOfUsual()
                .ifPresent(behind ->
                        behind.stream().filter(accesses::has).findFirst().ifPresent(found::add));
        String place = Zone.placeOf(zone);
        Set<String> hot = HOT.contains(operation) ? nearby.near(place, vehicle) : Set.of();
        for (Line l : lines)
            if ((l.everywhere().contains(operation)
                            || !Collections.disjoint(l.clears(), hot)
                            || departure.insteadOfUsual().isEmpty() && l.isUsualFor(place, operation))
                    && !departure.leavesClosed().contains(l.access().id())
                    && !departure.does().contains(l.access().id())
                    && l.applies().to(vehicle)) found.add(l.access().id());
        found.removeIf(id -> found.stream().anyMatch(other -> accesses.isNeededBy(id, other)));
        return found;
    }
}
