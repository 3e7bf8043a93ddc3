package ofisino.core.plan.sentout;

import ofisino.core.kernel.InvalidValue;

/** From giving something away to having it back: 0 to 730 days, which is as far as plans go. */
public record DaysAway(int days) {
    static final int MOST = 730;

    public DaysAway {
        if (days < 0 || days > MOST)
            throw InvalidValue.at(
                    "awayDays", "sent-out.days", "It cannot be away for %d days.", "Enter 0 to %d.", days, MOST);
    }
}
