package ofisino.core.money.keeping;

import ofisino.core.money.forecast.Span;

/**
 * A vehicle as it stands against the same one finished, in minor units of the base currency. What was spent is shown and decides nothing:
 * it is gone either way.
 *
 * @param worthNow       what it fetches as it stands
 * @param worthFinished  what it fetches when finished, its title counted
 * @param selling        what selling takes of either
 * @param spentMinor     so far
 * @param toCome         what finishing still costs
 * @param costKnown      everything that is still to come has a figure: else it costs more than is said
 * @param minutesSpent   worked so far
 * @param minutesToCome  still to work
 */
public record Outlook(
        Span worthNow,
        Span worthFinished,
        SellingCosts selling,
        long spentMinor,
        Span toCome,
        boolean costKnown,
        long minutesSpent,
        long minutesToCome) {
    /** What the sums advise. */
    public enum Verdict {
        /** Even if it goes badly, finishing adds more than it costs. */
        FINISH,
        /** Even if it goes well, finishing costs more than it adds: sell it as it stands. */
        SELL,
        /** And as it stands it fetches nothing either: put no more money in. */
        STOP,
        /** It may go either way. */
        OPEN
    }

    /** What comes in from here on when it is sold as it stands. */
    public Span sellNow() {
        return left(worthNow);
    }

    /** What comes in from here on, less what finishing costs, when it is finished and sold. */
    public Span finishAndSell() {
        Span left = left(worthFinished);
        return new Span(
                left.lowMinor() - toCome.highMinor(),
                left.likelyMinor() - toCome.likelyMinor(),
                left.highMinor() - toCome.lowMinor());
    }

    /**
     * By how much finishing is better than selling now; below 0 where it is worse. The market is taken to be the same for both: where like
     * vehicles fetch little, this one does too, finished or not.
     */
    public Span gain() {
        long atLow = finishAndSell().lowMinor() - sellNow().lowMinor();
        long likely = finishAndSell().likelyMinor() - sellNow().likelyMinor();
        long atHigh = finishAndSell().highMinor() - sellNow().highMinor();
        return new Span(Math.min(likely, Math.min(atLow, atHigh)), likely, Math.max(likely, Math.max(atLow, atHigh)));
    }

    /** What to do, by the money alone and from here on. */
    public Verdict verdict() {
        if (gain().lowMinor() >= 0 && costKnown) return Verdict.FINISH;
        if (gain().highMinor() > 0) return Verdict.OPEN;
        return sellNow().likelyMinor() > 0 ? Verdict.SELL : Verdict.STOP;
    }

    /** The price when finished at which finishing is as good as selling now. */
    public long worthFinishingFrom() {
        return selling.priceFor(sellNow().likelyMinor() + toCome.likelyMinor());
    }

    /** The price when finished at which nothing is lost over the whole. */
    public long breakEven() {
        return selling.priceFor(spentMinor + toCome.likelyMinor());
    }

    /** Over the whole, from the purchase on, if it is sold as it stands. */
    public Result ifSoldNow() {
        return new Result(sellNow().likelyMinor() - spentMinor, minutesSpent);
    }

    /** Over the whole, from the purchase on, if it is finished and sold. */
    public Result ifFinished() {
        return new Result(finishAndSell().likelyMinor() - spentMinor, minutesSpent + minutesToCome);
    }

    private Span left(Span worth) {
        return new Span(
                selling.leftOf(worth.lowMinor()),
                selling.leftOf(worth.likelyMinor()),
                selling.leftOf(worth.highMinor()));
    }
}
