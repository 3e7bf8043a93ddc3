package ofisino.core.plan.access;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;

/**
 * A state of the vehicle that work needs, and what it costs to get there and back. Figures are for a careful amateur: common practice, no
 * source, to be replaced by a person's own.
 *
 * @param name          the state: Engine out
 * @param stripName     the work of getting there: Take the engine out
 * @param refitName     the work of getting back; it promises nothing that only a later job does (bleeding, fuel)
 * @param needs         other accesses that must be open first
 * @param stripMinutes  to open it, once what it needs is open
 * @param refitMinutes  to close it again
 * @param people        at once
 * @param drained       the circuit that is empty while it is open
 * @param excludes      states that the vehicle is not in while it is open
 * @param usesUp        what is new each time it is closed: gaskets, single-use fasteners
 * @param reaches       zones that can be got at through it
 * @param touches       systems in which something is undone by it: what was proved of them is to be proved again
 * @param cautions      the usual dangers of opening it
 */
public record Access(
        String id,
        String name,
        String stripName,
        String refitName,
        Set<String> needs,
        int stripMinutes,
        int refitMinutes,
        int people,
        Optional<Drained> drained,
        Set<CarState> excludes,
        List<String> usesUp,
        Set<String> reaches,
        Set<VehicleSystem> touches,
        Set<Caution> cautions) {
    /** Of one that only a person knows: at least that the vehicle may fall. */
    public static final Set<Caution> UNKNOWN_CAUTIONS = Set.of(Caution.STANDS);

    private static final int LONGEST_MINUTES = 12_000;

    /** @param litres that run out */
    public record Drained(Circuit circuit, double litres) {
        public Drained {
            if (!(litres > 0 && litres < 200))
                throw InvalidValue.at("litres", "access.litres", "%s l is no filling.", "Enter what runs out.", litres);
        }
    }

    public Access {
        name = Texts.line("name", name);
        stripName = Texts.line("stripName", stripName);
        refitName = Texts.line("refitName", refitName);
        if (!id.matches("[a-z0-9-]{1,60}"))
            throw InvalidValue.at(
                    "access",
                    "access.id",
                    "“%s” is not the id of an access: small letters, digits and hyphens only.",
                    "Reload the page.",
                    id);
        needs = Set.copyOf(needs);
        excludes = Set.copyOf(excludes);
        usesUp = List.copyOf(usesUp);
        reaches = Set.copyOf(reaches);
        touches = Set.copyOf(touches);
        cautions = Set.copyOf(cautions);
        mustBeHours("stripMinutes", stripMinutes);
        mustBeHours("refitMinutes", refitMinutes);
        if (people < 1 || people > 6)
            throw InvalidValue.at("people", "access.people", "It cannot take %d people.", "Enter 1 to 6.", people);
        if (needs.contains(id))
            throw InvalidValue.at(
                    "needs", "access.itself", "“%s” cannot need itself.", "Leave it out of what it needs.", name);
    }

    private static void mustBeHours(String field, int minutes) {
        if (minutes < 0 || minutes > LONGEST_MINUTES)
            throw InvalidValue.at(
                    field,
                    "access.minutes",
                    "%d minutes cannot be.",
                    "Enter between 0 and %d hours.",
                    minutes,
                    LONGEST_MINUTES / 60);
    }

    /** The same, with something else to be open first. */
    public Access needing(String other) {
        Set<String> more = new HashSet<>(needs);
        more.add(other);
        return needing(more);
    }

    /** Without what the vehicle does not have: an engine that is cooled by air comes out with no coolant to drain. */
    Access needingOnly(Set<String> there) {
        Set<String> less = new HashSet<>(needs);
        less.retainAll(there);
        return needing(less);
    }

    private Access needing(Set<String> others) {
        return new Access(
                id,
                name,
                stripName,
                refitName,
                others,
                stripMinutes,
                refitMinutes,
                people,
                drained,
                excludes,
                usesUp,
                reaches,
                touches,
                cautions);
    }

    /** To open and to close it once, what it needs left out. */
    public int minutes() {
        return stripMinutes + refitMinutes;
    }

    /** The same with a person's own minutes. */
    public Access taking(int strip, int refit) {
        return new Access(
                id, name, stripName, refitName, needs, strip, refit, people, drained, excludes, usesUp, reaches,
                touches, cautions);
    }
}
