package ofisino.core.plan.job;

import ofisino.core.kernel.InvalidValue;

/**
 * How a job is worked, where that is not as usual.
 *
 * @param people     who work on it at once, 1 to 9
 * @param inOneGo    it is not left half done: it lies in one evening
 * @param dryMinutes elapsed time after the last work until anything may follow, at most 60 days; what the maker's sheet says
 * @param keepsPlace its place is taken between evenings and while it dries
 * @param outdoors   it needs daylight and dry weather
 */
public record Conditions(int people, boolean inOneGo, int dryMinutes, boolean keepsPlace, boolean outdoors) {
    /** One person, dry and warm enough, nothing out of the ordinary. */
    public static final Conditions USUAL = new Conditions(1, false, 0, false, false);

    private static final int MOST_PEOPLE = 9;
    private static final int LONGEST_DRYING_MINUTES = 60 * 24 * 60;

    public Conditions {
        if (people < 1 || people > MOST_PEOPLE)
            throw InvalidValue.at(
                    "people", "conditions.people", "A job cannot take %d people at once.", "Enter 1 to 9.", people);
        if (dryMinutes < 0 || dryMinutes > LONGEST_DRYING_MINUTES)
            throw InvalidValue.at(
                    "dryMinutes",
                    "conditions.dry",
                    "Drying cannot take %d min.",
                    "Enter 0 to 60 days (86400 min).",
                    dryMinutes);
    }
}
