package ofisino.core.plan.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * A doorway, a trailer or a bay that a vehicle has to go through or stand in.
 *
 * @param lengthMm empty where length is no matter
 * @param marginMm what a person wants to be spare all the same; less is a warning
 */
public record Passage(String name, int heightMm, int widthMm, OptionalInt lengthMm, int marginMm) {
    public Passage {
        name = Texts.line("name", name);
        Envelope.mustBeASize("heightMm", heightMm);
        Envelope.mustBeASize("widthMm", widthMm);
        lengthMm.ifPresent(mm -> Envelope.mustBeASize("lengthMm", mm));
        if (marginMm < 0)
            throw InvalidValue.at(
                    "marginMm", "clearance.margin", "%d mm cannot be a margin.", "Enter 0 or more.", marginMm);
    }

    /** Whether it goes through: with its margin, without, or not. */
    public enum Fit {
        FITS,
        /** Less is spare than the person wants. */
        TIGHT,
        STUCK
    }

    /** @param spareMm what is left at the tightest; below 0 it does not go through */
    public record Verdict(Fit fit, int spareMm) {}

    /** @return what is left in each direction, and whether that is enough */
    public Verdict of(Envelope envelope) {
        return verdict(spare(envelope), marginMm);
    }

    private int spare(Envelope e) {
        return IntStream.concat(
                        IntStream.of(heightMm - e.heightMm(), widthMm - e.widthMm()),
                        lengthMm.stream().map(mm -> mm - e.lengthMm()))
                .min()
                .orElseThrow();
    }

    private static Verdict verdict(int spare, int margin) {
        return new Verdict(spare < 0 ? Fit.STUCK : spare < margin ? Fit.TIGHT : Fit.FITS, spare);
    }

    /** The vehicle after one job more, in the order of the work. */
    public record Step(Envelope.Change change, Envelope after, Verdict verdict) {}

    /**
     * @param trap   the first job after which it does not go through any more
     * @param waysOut jobs up to then that could be done on the other side, since without them it would go through
     */
    public record Path(Verdict now, List<Step> steps, Optional<Step> trap, List<String> waysOut) {}

    /** Follows the vehicle through its planned work. */
    public Path follow(Envelope now, List<Envelope.Change> inOrder) {
        List<Step> steps = new ArrayList<>();
        Envelope at = now;
        for (Envelope.Change change : inOrder) {
            at = at.changed(change);
            steps.add(new Step(change, at, of(at)));
        }
        Optional<Step> trap =
                steps.stream().filter(s -> s.verdict().fit() == Fit.STUCK).findFirst();
        List<String> waysOut = trap.map(t -> steps.subList(0, steps.indexOf(t) + 1).stream()
                        .map(Step::change)
                        .filter(c -> of(t.after()
                                                .changed(new Envelope.Change(
                                                        c.jobId(), -c.heightMm(), -c.widthMm(), -c.lengthMm())))
                                        .fit()
                                != Fit.STUCK)
                        .map(Envelope.Change::jobId)
                        .toList())
                .orElse(List.of());
        return new Path(of(now), steps, trap, waysOut);
    }

    /** Whether a part goes into a space of the vehicle: sump above the cross-member, fan before the glass. */
    public static Verdict part(int spaceMm, int partMm, int marginMm) {
        Envelope.mustBeASize("spaceMm", spaceMm);
        Envelope.mustBeASize("partMm", partMm);
        return verdict(spaceMm - partMm, marginMm);
    }
}
