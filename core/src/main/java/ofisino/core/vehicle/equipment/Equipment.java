package ofisino.core.vehicle.equipment;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * What one vehicle has. What nobody ruled out may be there: it adds checks, cautions and conditions. Only what was seen on it, read in its
 * papers, or what year and layout make impossible takes one away.
 */
public final class Equipment {
    /** @param value id of a value of the item */
    public record Fact(String item, String value, HowKnown how) {}

    private final EquipmentLibrary library;
    private final Make make;
    private final Map<String, Fact> known = new LinkedHashMap<>();
    private final Map<String, Set<String>> possible = new ConcurrentHashMap<>();
    private final String key;

    private Equipment(EquipmentLibrary library, Make make, Collection<Fact> facts) {
        this.library = library;
        this.make = make;
        for (Item item : library.of(make))
            item.guess(make).ifPresent(v -> known.put(item.id(), new Fact(item.id(), v, HowKnown.GUESSED)));
        for (Fact f : facts) if (library.require(f.item()).value(f.value()).isPresent()) known.put(f.item(), f);
        key = make
                + known.values().stream()
                        .filter(f -> f.how() != HowKnown.GUESSED)
                        .map(f -> f.item() + "=" + f.value() + f.how().rulesOut())
                        .sorted()
                        .collect(Collectors.joining(" ", " ", ""));
    }

    /** @param facts what is recorded; of several about one item the last counts */
    public static Equipment of(EquipmentLibrary library, Make make, Collection<Fact> facts) {
        return new Equipment(library, make, facts);
    }

    /** Body, year and layout. */
    public Make make() {
        return make;
    }

    /** The same for two vehicles of which the same is said and known. */
    public String key() {
        return key;
    }

    /** What is recorded or guessed of it; empty where nobody knows. */
    public Optional<Fact> of(String item) {
        return Optional.ofNullable(known.get(item));
    }

    /** The values that it may have: the one that rules out all others, or all that body, year and layout allow. */
    public Set<String> possible(String item) {
        return possible.computeIfAbsent(item, this::workOutPossible);
    }

    private Set<String> workOutPossible(String item) {
        Item of = library.require(item);
        if (!of.fits().contains(make)) return Set.of();
        Optional<Fact> fact = of(item);
        if (fact.filter(f -> f.how().rulesOut()).isPresent())
            return Set.of(fact.get().value());
        Set<String> possible = of.possible(make).stream().map(Item.Value::id).collect(Collectors.toSet());
        fact.map(Fact::value).ifPresent(possible::add);
        for (Set<String> left : leftByOthers(item)) if (!Collections.disjoint(possible, left)) possible.retainAll(left);
        return possible;
    }

    /** What other things leave of this one: those that were seen or read, since a guess rules nothing out. */
    private List<Set<String>> leftByOthers(String item) {
        return known.values().stream()
                .filter(f -> f.how().rulesOut())
                .flatMap(f -> library.require(f.item()).value(f.value()).stream())
                .flatMap(v -> Optional.ofNullable(v.leaves().get(item)).stream())
                .toList();
    }

    /** What it has as far as anybody knows; empty where nobody does. */
    Optional<String> usual(String item) {
        Set<String> possible = possible(item);
        if (possible.size() == 1) return possible.stream().findFirst();
        return possible.isEmpty() ? Optional.empty() : of(item).map(Fact::value).filter(possible::contains);
    }

    /** What is said or usual of it; where nobody knows, all that it may have. For what does no harm where it is wrong. */
    public Set<String> likely(String item) {
        Set<String> possible = possible(item);
        return possible.isEmpty()
                ? possible
                : of(item).map(Fact::value)
                        .filter(possible::contains)
                        .map(Set::of)
                        .orElse(possible);
    }

    /** Whether there is only one that it can have, or somebody saw or read which. */
    public boolean isSure(String item) {
        return possible(item).size() == 1;
    }

    /** Whether it may have one of these; an unknown one is not passed over. */
    public boolean mayHave(String item, Collection<String> values) {
        return possible(item).stream().anyMatch(values::contains);
    }

    boolean fires(String item) {
        return library.require(item).fires();
    }

    /** Whether something in it may fire. */
    public boolean mayFire() {
        return library.of(make).stream()
                .filter(Item::fires)
                .anyMatch(i -> possible(i.id()).stream().anyMatch(v -> !v.equals(Item.NONE)));
    }

    /** Whether it was seen or read that it has one of these: then nothing else has to be reckoned with. */
    public boolean surelyHas(String item, Collection<String> values) {
        Set<String> possible = possible(item);
        return !possible.isEmpty() && values.containsAll(possible);
    }
}
