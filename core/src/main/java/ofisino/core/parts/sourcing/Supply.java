package ofisino.core.parts.sourcing;

import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * What somebody offers, as it was said. Money is in the seller's currency.
 *
 * @param priceMinor   of one
 * @param depositMinor paid on top and given back for the old part: money due, no cost
 * @param most         how many there are to be had, 1 to 9999
 * @param leadDays     from order to door, 0 to 730
 * @param wrongPercent how many in a hundred fail or do not fit, 0 to 100
 */
public record Supply(
        SupplyKind kind, String title, long priceMinor, long depositMinor, int most, int leadDays, int wrongPercent) {
    /** More than so many of one thing nobody buys. */
    public static final int MOST = 9999;

    public Supply {
        title = Texts.line("title", title);
        notBelowNothing("priceMinor", priceMinor);
        notBelowNothing("depositMinor", depositMinor);
        if (most < 1 || most > MOST)
            throw InvalidValue.at("most", "supply.most", "%d cannot be had.", "Enter 1 to 9999.", most);
        leadDays = OrderDates.withUsualCheck(leadDays).leadDays();
        if (wrongPercent < 0 || wrongPercent > 100)
            throw InvalidValue.at(
                    "wrongPercent", "supply.wrong", "%d in a hundred is no chance.", "Enter 0 to 100.", wrongPercent);
    }

    private static void notBelowNothing(String field, long minor) {
        if (minor < 0)
            throw InvalidValue.at(field, "supply.money", "It cannot cost less than nothing.", "Enter 0 if it is free.");
    }
}
