package ofisino.core.plan.whatif;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.whatif.BareMetal.Part;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.estimate.Estimate;
import ofisino.core.vehicle.estimate.Estimate.Material;
import ofisino.core.vehicle.estimate.Estimates;

/** What it usually takes to have a whole body at bare metal and painted anew, from {@code bare-metal.yaml}, which explains its keys. */
public final class BareMetalUsual {
    private final Map<Part, PartJob> jobs = new EnumMap<>(Part.class);
    private final Map<BodyStyle, Takes> byBody = new EnumMap<>(BodyStyle.class);

    /** @param strip to bare metal @param coat from there to paint @param colourMillilitres as it comes out of the gun */
    public record Takes(Estimate strip, Estimate coat, int colourMillilitres) {}

    /** A job as it is proposed. */
    public record PartJob(String title, JobNature nature, Optional<Bought> buys) {}

    /** What a job uses up. @param of the consumable that it is mostly */
    public record Bought(String title, Optional<String> of) {}

    /** A place that nobody has seen all of. @param unseen share of it, 0 to 1 */
    public record UnseenPlace(Zone zone, double unseen) {}

    private BareMetalUsual(Entry file) {
        file.only("parts", "bodies");
        for (Entry e : file.list("parts")) jobs.put(e.choice("part", Part.class), job(e));
        for (Part part : Part.values())
            if (!jobs.containsKey(part))
                throw InvalidValue.of("bare-metal.part", "The job of %s is missing.", "Add the part.", part);
        for (Entry e : file.list("bodies")) {
            e.only("bodies", "colour", "strip", "coat");
            for (BodyStyle body : e.choices("bodies", BodyStyle.class, Set.of()))
                byBody.put(body, new Takes(takes(e, "strip"), takes(e, "coat"), e.whole("colour")));
        }
        for (BodyStyle body : BodyStyle.values())
            if (!byBody.containsKey(body))
                throw InvalidValue.of("bare-metal.body", "What it takes for %s is missing.", "Add the body.", body);
    }

    /** Reads bare-metal.yaml. @throws InvalidValue naming the entry that is wrong */
    public static BareMetalUsual load() {
        return Entry.readBeside(
                BareMetalUsual.class, "bare-metal.yaml", yaml -> new BareMetalUsual(Entry.of("bare metal", yaml)));
    }

    private static PartJob job(Entry e) {
        e.only("part", "title", "operation", "system", "buys", "of");
        Optional<String> of = e.has("of") ? Optional.of(e.text("of")) : Optional.empty();
        return new PartJob(
                e.text("title"),
                new JobNature(
                        e.choice("operation", Operation.class),
                        Optional.of(e.choice("system", VehicleSystem.class)),
                        Set.of()),
                e.has("buys") ? Optional.of(new Bought(e.text("buys"), of)) : Optional.empty());
    }

    private static Estimate takes(Entry body, String what) {
        Entry e = new Entry(body.where() + ", " + what, body.keys().get(what));
        e.only("hours", "material");
        List<Double> hours = e.numbers("hours");
        List<Double> material = e.numbers("material");
        return new Estimate(
                new Effort(minutes(hours.get(0)), minutes(hours.get(1)), minutes(hours.get(2))),
                new Material(material.get(0), material.get(1), material.get(2)));
    }

    private static int minutes(double hours) {
        return (int) Math.round(hours * 60);
    }

    /** The job of a part. */
    public PartJob job(Part part) {
        return jobs.get(part);
    }

    /** By a careful amateur at home. */
    public Takes of(BodyStyle body) {
        return byBody.get(body);
    }

    /**
     * What is put right because the bare metal of the body shows it: of each place what it usually hides, by how likely it does. Its money is that
     * of the unseen places, which is reckoned with whether one looks or not.
     */
    public static Effort toShow(Collection<UnseenPlace> places, Estimates usual) {
        double[] three = new double[3];
        for (UnseenPlace p : places) {
            if (!BodyJobs.isOfBody(p.zone().system())) continue;
            Estimates.Hidden hides = usual.hidden(p.zone().system());
            double chance = hides.chanceAt(p.zone(), p.unseen());
            Effort damage = hides.damage().effort();
            three[0] += chance * damage.optimisticMinutes();
            three[1] += chance * damage.likelyMinutes();
            three[2] += chance * damage.pessimisticMinutes();
        }
        return new Effort((int) Math.round(three[0]), (int) Math.round(three[1]), (int) Math.round(three[2]));
    }
}
