package ofisino.core.plan.interlock;

import java.io.Reader;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobMatcher;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;

/** Which work, and which opening of an access, asks for which interlocks, from {@code interlocks.yaml}, which explains its keys. Rules only add. */
public final class Interlocks {
    /**
     * Work as the rules see it.
     *
     * @param system   empty where nobody knows it
     * @param place    zone without its side; empty where the work has none
     * @param near     places that its heat and sparks reach, itself left out
     * @param cautions the usual dangers of the job, of its recipe and its operation
     */
    public record Work(
            Operation operation,
            Set<Detail> details,
            Optional<VehicleSystem> system,
            Optional<String> place,
            Set<String> near,
            Set<Caution> cautions,
            Equipment vehicle) {
        boolean reaches(Set<String> places) {
            return place.filter(places::contains).isPresent() || !Collections.disjoint(near, places);
        }
    }

    /** One rule, of a job or of opening an access. A set that is empty asks for nothing; of one that is not, one must fit. */
    public record Rule(
            String id,
            boolean stripDown,
            Set<Interlock> asks,
            JobMatcher jobs,
            Set<Caution> cautions,
            Set<String> places,
            Set<String> near,
            Set<Operation> not,
            Set<Detail> without,
            Applies applies,
            Source source) {
        public Rule {
            if (jobs.fitsEverything() && cautions.isEmpty() && places.isEmpty())
                throw InvalidValue.of(
                        "interlock.anything", "Rule %s would hold for every job.", "Say for which jobs it holds.", id);
        }

        boolean fitsStripDown(Set<Caution> dangers, Equipment vehicle) {
            return stripDown && !Collections.disjoint(cautions, dangers) && applies.to(vehicle);
        }

        boolean fits(Work w) {
            return !stripDown
                    && jobs.fits(new JobNature(w.operation(), w.system(), w.details()))
                    && (cautions.isEmpty() || !Collections.disjoint(cautions, w.cautions()))
                    && (places.isEmpty() || w.place().filter(places::contains).isPresent())
                    && (near.isEmpty() || w.reaches(near))
                    && !not.contains(w.operation())
                    && Collections.disjoint(without, w.details())
                    && applies.to(w.vehicle());
        }
    }

    private final List<Rule> rules;

    private Interlocks(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    /** Reads interlocks.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Interlocks load() {
        return Entry.readBeside(Interlocks.class, "interlocks.yaml", Interlocks::read);
    }

    static Interlocks read(Reader yaml) {
        return new Interlocks(Entry.listOf("the interlocks", yaml).stream()
                .map(e -> rule(e.named("id")))
                .toList());
    }

    private static Rule rule(Entry e) {
        e.only(Applies.keys(
                "id",
                "strip-down",
                "asks",
                "operations",
                "details",
                "systems",
                "cautions",
                "places",
                "near",
                "not",
                "without",
                "source"));
        return new Rule(
                e.text("id"),
                e.has("strip-down"),
                e.choices("asks", Interlock.class, Set.of()),
                JobMatcher.read(e),
                e.choices("cautions", Caution.class, Set.of()),
                new LinkedHashSet<>(e.texts("places")),
                new LinkedHashSet<>(e.texts("near")),
                e.choices("not", Operation.class, Set.of()),
                e.choices("without", Detail.class, Set.of()),
                Applies.of(e),
                e.has("source") ? Source.fromMemory(e.text("source"), "", "") : Source.COMMON_PRACTICE);
    }

    /** All of them, in the order of the file. */
    public List<Rule> rules() {
        return rules;
    }

    /** What that work asks for, in the order in which it is done. */
    public Set<Interlock> of(Work work) {
        Set<Interlock> found = EnumSet.noneOf(Interlock.class);
        for (Rule rule : rules) if (rule.fits(work)) found.addAll(rule.asks());
        return found;
    }

    /** What opening an access with these dangers asks for, in the order in which it is done. */
    public Set<Interlock> ofStripDown(Set<Caution> dangers, Equipment vehicle) {
        Set<Interlock> found = EnumSet.noneOf(Interlock.class);
        for (Rule rule : rules) if (rule.fitsStripDown(dangers, vehicle)) found.addAll(rule.asks());
        return found;
    }
}
