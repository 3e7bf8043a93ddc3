package ofisino.core.plan.job;

import ofisino.core.kernel.InvalidValue;

/** So soon should one job begin after another: 0 to 60 days. */
public record Within(int minutes) {
    private static final int LONGEST_MINUTES = 60 * 24 * 60;

    public Within {
        if (minutes < 0 || minutes > LONGEST_MINUTES)
            throw InvalidValue.at(
                    "minutes",
                    "job.within",
                    "It cannot have to follow within %d min.",
                    "Enter 0 to 60 days (86400 min).",
                    minutes);
    }
}
