package ofisino.core.vehicle.anatomy;

import java.io.Reader;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.FindingKind;

/** The components that ship with Ofisino, from one file for each system beside this class; {@code brakes.yaml} explains their keys. */
public final class Anatomy {
    private static final List<VehicleSystem> FILES = List.of(
            VehicleSystem.STRUCTURE,
            VehicleSystem.BODY,
            VehicleSystem.BRAKES,
            VehicleSystem.STEERING_AND_SUSPENSION,
            VehicleSystem.WHEELS_AND_TYRES,
            VehicleSystem.ENGINE,
            VehicleSystem.COOLING,
            VehicleSystem.FUEL,
            VehicleSystem.EXHAUST,
            VehicleSystem.TRANSMISSION,
            VehicleSystem.ELECTRICAL,
            VehicleSystem.RESTRAINT,
            VehicleSystem.GLASS_AND_SEALS,
            VehicleSystem.TRIM);

    /** What the files name instead of saying it. */
    private record Words(Bands bands, Map<String, Nature> natures) {}

    private final Map<String, Component> components = new LinkedHashMap<>();
    /** What this vehicle has not, though such vehicles may. */
    private final Set<String> absent;

    private Anatomy(List<Component> all, Set<String> absent) {
        this.absent = Set.copyOf(absent);
        for (Component c : all)
            if (components.put(c.id(), c) != null)
                throw InvalidValue.of(
                        "component.twice", "There are two components %s.", "Give one of them another id.", c.id());
        for (Component c : all)
            for (String other : c.comesWith())
                if (!components.containsKey(other))
                    throw InvalidValue.of(
                            "component.with", "%s comes with %s, which is none.", "Name a component.", c.id(), other);
    }

    /** Reads all files. @throws InvalidValue naming the file and entry that are wrong */
    public static Anatomy load() {
        Words words = new Words(Bands.load(), Entry.readBeside(Anatomy.class, "natures.yaml", Anatomy::natures));
        List<Component> all = new ArrayList<>();
        for (VehicleSystem system : FILES)
            all.addAll(Entry.readBeside(
                    Anatomy.class,
                    system.name().toLowerCase(Locale.ROOT) + ".yaml",
                    yaml -> read(Optional.of(system), yaml, words)));
        all.addAll(Entry.readBeside(Anatomy.class, "symptoms.yaml", yaml -> read(Optional.empty(), yaml, words)));
        return new Anatomy(all, Set.of());
    }

    /** That of one vehicle, with what a person says of its parts; what is said of parts that no longer exist is left out. */
    public Anatomy with(Collection<OwnComponent> said) {
        if (said.isEmpty()) return this;
        Map<String, OwnComponent> own =
                said.stream().collect(Collectors.toMap(OwnComponent::component, Function.identity()));
        List<Component> all = new ArrayList<>();
        for (Component c : components.values())
            all.add(own.containsKey(c.id()) ? c.named(own.get(c.id()).called(c.name())) : c);
        for (OwnComponent o : said) o.added().ifPresent(a -> all.add(added(o.component(), o.called(""), a)));
        return new Anatomy(
                all,
                said.stream()
                        .filter(OwnComponent::absent)
                        .map(OwnComponent::component)
                        .collect(Collectors.toSet()));
    }

    /** Nobody knows its life or price: the usual ones are taken, and nothing comes with it. */
    private Component added(String id, String name, OwnComponent.Added a) {
        Component like = components.values().stream()
                .filter(c -> c.nature().id().equals(a.nature()))
                .findFirst()
                .orElseThrow(() -> InvalidValue.at(
                        "nature",
                        "own-component.nature",
                        "“%s” is no kind of thing.",
                        "Choose one from the list.",
                        a.nature()));
        return new Component(
                id,
                name,
                a.system(),
                Set.of(a.place()),
                Optional.empty(),
                like.nature(),
                1,
                true,
                false,
                false,
                false,
                new Life(OptionalInt.empty(), OptionalInt.empty()),
                like.price(),
                like.leadDays(),
                Set.of(),
                List.of(),
                List.of(),
                List.of(),
                Applies.TO_ALL);
    }

    /** Ids of what kinds of things there are, symptoms left out. */
    public List<String> natures() {
        return components.values().stream()
                .filter(c -> !c.isSymptom())
                .map(c -> c.nature().id())
                .distinct()
                .sorted()
                .toList();
    }

    /** Whether somebody said that this vehicle has none. */
    public boolean lacks(String id) {
        return absent.contains(id);
    }

    /** All of them, for whichever vehicle, system by system. */
    public List<Component> all() {
        return List.copyOf(components.values());
    }

    /** Empty where there is none of that id: a component of another version, or none. */
    public Optional<Component> find(String id) {
        return Optional.ofNullable(components.get(id));
    }

    /** @throws InvalidValue when there is none of that id */
    public Component require(String id) {
        return find(id).orElseThrow(() -> InvalidValue.at(
                "component", "component.unknown", "There is no part “%s”.", "Choose one from the list.", id));
    }

    /** The first of them that may be on the vehicle at that place and can have that wrong with it. */
    public Optional<Component> firstOf(List<String> ids, Zone zone, FindingKind kind, Equipment vehicle) {
        return ids.stream()
                .flatMap(id -> find(id).stream())
                .filter(c -> c.isAt(zone.place())
                        && c.mayBeOn(vehicle)
                        && !lacks(c.id())
                        && c.nature().kinds().contains(kind))
                .findFirst();
    }

    /** What a vehicle may be made of. */
    public List<Component> of(Equipment vehicle) {
        return all().stream().filter(c -> c.mayBeOn(vehicle) && !lacks(c.id())).toList();
    }

    /** What comes new with a component each time that it is done, as far as the vehicle may have it. */
    public List<Component> with(Component done, Equipment vehicle) {
        return done.comesWith().stream()
                .map(components::get)
                .filter(c -> c.mayBeOn(vehicle))
                .toList();
    }

    private static List<Component> read(Optional<VehicleSystem> system, Reader yaml, Words words) {
        return Entry.listOf(
                        "the components of " + system.map(VehicleSystem::name).orElse("all systems"), yaml)
                .stream()
                .map(e -> component(system, e.named("id"), words))
                .toList();
    }

    private static Component component(Optional<VehicleSystem> system, Entry e, Words words) {
        e.only(Applies.keys(
                "id",
                "name",
                "at",
                "behind",
                "nature",
                "count",
                "single",
                "handed",
                "pair",
                "set",
                "years",
                "km",
                "price",
                "lead",
                "reads",
                "hazards",
                "fasteners",
                "with",
                "system"));
        return new Component(
                e.text("id"),
                e.text("name"),
                system.filter(s -> !e.has("system")).orElseGet(() -> e.choice("system", VehicleSystem.class)),
                Set.copyOf(e.texts("at")),
                e.has("behind") ? Optional.of(e.texts("behind")) : Optional.empty(),
                e.oneOf("nature", words.natures()),
                e.whole("count", 1),
                e.has("single"),
                e.has("handed"),
                e.has("pair"),
                e.has("set"),
                new Life(whole(e, "years"), whole(e, "km")),
                words.bands().price(e, "small"),
                words.bands().leadDays(e, "usual"),
                Set.copyOf(e.texts("reads")),
                List.copyOf(e.choices("hazards", Caution.class, Set.of())),
                e.texts("fasteners"),
                e.texts("with"),
                Applies.of(e));
    }

    private static OptionalInt whole(Entry e, String key) {
        return e.has(key) ? OptionalInt.of(e.whole(key)) : OptionalInt.empty();
    }

    private static Map<String, Nature> natures(Reader yaml) {
        return Bands.byId(
                Entry.listOf("the natures", yaml),
                e -> new Nature(e.text("id"), e.choices("kinds", FindingKind.class, Set.of()), e.has("wears")));
    }
}
