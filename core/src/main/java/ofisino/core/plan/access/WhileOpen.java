package ofisino.core.plan.access;

import java.util.Optional;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;

/**
 * Whether something is done now, while an access is open, or later, when the whole access has to be opened again.
 *
 * <p>Now costs what it adds. Later costs the same and the whole access, but only if it comes to that: with the chance p. Both in minutes; money
 * is counted as the minutes of a workshop that cost as much, so that no price level is built in. Common practice, no source.
 */
public final class WhileOpen {
    private WhileOpen() {}

    /** What an open access offers to do besides. */
    public enum OfferKind {
        /** A defect that is known and has no job in this strip-down. */
        FINDING,
        /** A part that wears or ages, of a table. */
        AGEING,
        /** A check that nobody has settled. */
        LOOK,
        /** A job that needs the same access. */
        LATER_JOB
    }

    /**
     * @param minutes      own work that it adds while it is open
     * @param costMinutes  parts and material, as minutes of a workshop
     * @param probability  that it has to be done before the horizon, if it is not done now; 0 to 1
     * @param nuisanceMinutes  what a failure costs beside the work: a tow, a lost weekend
     */
    public record Candidate(
            OfferKind kind,
            String id,
            String title,
            int minutes,
            int costMinutes,
            double probability,
            int nuisanceMinutes) {
        public Candidate {
            if (!(probability >= 0 && probability <= 1))
                throw new IllegalArgumentException("The chance of %s is %s.".formatted(title, probability));
        }
    }

    private static final Assumptions ASSUMED = Assumptions.read(Entry.beside(WhileOpen.class, "while-open.yaml"));

    /**
     * What is assumed of what nobody knows yet.
     *
     * @param horizonYears  how far a restorer looks ahead
     * @param putOffComesUp the chance that a finding that was put off comes up within that time
     * @param lookMinutes   what looking at a place takes
     * @param lookFinds     the chance that one finds something where nobody looked yet
     */
    record Assumptions(double horizonYears, double putOffComesUp, int lookMinutes, double lookFinds) {
        Assumptions {
            if (horizonYears <= 0 || lookMinutes < 0 || !isChance(putOffComesUp) || !isChance(lookFinds))
                throw InvalidValue.of(
                        "while-open.numbers",
                        "What is assumed while an access is open makes no sense.",
                        "Years are above 0, chances between 0 and 1.");
        }

        static Assumptions read(Entry e) {
            e.only("horizon-years", "put-off-comes-up", "look-minutes", "look-finds", "source");
            return new Assumptions(
                    e.number("horizon-years"),
                    e.number("put-off-comes-up"),
                    e.whole("look-minutes"),
                    e.number("look-finds"));
        }

        private static boolean isChance(double p) {
            return p >= 0 && p <= 1;
        }
    }

    /** @param ageYears empty when nobody knows */
    public static Candidate ageing(AgeingParts.Part part, Optional<Double> ageYears) {
        return new Candidate(
                OfferKind.AGEING,
                part.id(),
                part.name(),
                part.minutes(),
                part.costMinutes(),
                chanceOfFailure(ASSUMED.horizonYears(), part.lifeYears(), ageYears),
                part.nuisanceMinutes());
    }

    /** A finding without a job; one that was put off may never be asked for. */
    public static Candidate finding(String id, String title, int minutes, boolean putOff) {
        return new Candidate(OfferKind.FINDING, id, title, minutes, 0, putOff ? ASSUMED.putOffComesUp() : 1, 0);
    }

    /** @param unseenShare of the place, from 0 to 1 */
    public static Candidate look(String place, double unseenShare) {
        return new Candidate(
                OfferKind.LOOK, place, place, ASSUMED.lookMinutes(), 0, ASSUMED.lookFinds() * unseenShare, 0);
    }

    /** A job that is to be done anyway. @param minutes of taking apart that it would need by itself */
    public static Candidate laterJob(String id, String title, int minutes) {
        return new Candidate(OfferKind.LATER_JOB, id, title, minutes, 0, 1, 0);
    }

    /** @param nowMinutes what doing it now takes @param laterMinutes what waiting takes on average */
    public record Weighed(Candidate candidate, int nowMinutes, int laterMinutes) {
        /** It costs less now than what it would cost later times how likely that is. */
        public boolean doNow() {
            return nowMinutes < laterMinutes;
        }
    }

    /** @param accessMinutes to open and close the access with all that it needs, once more */
    public static Weighed weigh(Candidate c, int accessMinutes) {
        int now = c.minutes() + c.costMinutes();
        double later = c.probability() * (now + accessMinutes + c.nuisanceMinutes());
        return new Weighed(c, now, (int) Math.round(later));
    }

    /**
     * The chance that a part fails before the horizon: 1 − exp(−horizon ÷ remaining life). The remaining life is the typical one less its age, at
     * least a tenth of it: what outlived its time does not live for ever.
     *
     * @param ageYears empty when nobody knows; the part is then taken as half-way through its life
     */
    public static double chanceOfFailure(double horizonYears, double typicalYears, Optional<Double> ageYears) {
        double remaining = Math.max(typicalYears / 10, typicalYears - ageYears.orElse(typicalYears / 2));
        return 1 - Math.exp(-horizonYears / remaining);
    }
}
