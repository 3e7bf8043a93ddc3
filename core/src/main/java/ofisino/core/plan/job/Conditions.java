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
            throw InvalidValue.of(
                    "people", "conditions.people", "A job takes 1 to 9 people at once, not %d.".formatted(people));
        if (dryMinutes < 0 || dryMinutes > LONGEST_DRYING_MINUTES)
            throw InvalidValue.of(
                    "dryMinutes",
                    "conditions.dry",
                    "Drying takes 0 to 60 days (86400 min), not %d min.".formatted(dryMinutes));
    }
}
