package ofisino.standins.sellers;

import java.util.List;

/**
 * An invented seller.
 *
 * @param id          in the address
 * @param currency    ISO 4217
 * @param perEuro     minor units of its currency for one cent
 * @param postMinor   of a parcel, in its currency
 * @param freeFromMinor goods from which the post is free
 * @param extraDays   on top of an article's own
 * @param sells       of the articles each this manieth, from the first of its own
 */
record Seller(
        String id,
        String name,
        String currency,
        double perEuro,
        long postMinor,
        long freeFromMinor,
        int returnDays,
        int extraDays,
        int sells) {
    /** They quarrel about prices and days, as sellers do. None of them exists. */
    static final List<Seller> ALL = List.of(
            new Seller("kessel", "Kessel Motor Parts", "EUR", 1, 690, 15_000, 14, 0, 1),
            new Seller("alder", "Alder & Finch Spares", "GBP", 0.79, 950, 20_000, 30, 4, 2),
            new Seller("midfield", "Midfield Rubber and Seals", "USD", 1.02, 2_400, 40_000, 14, 9, 3),
            new Seller("brunn", "Brunn Machine Works", "EUR", 1.08, 1_200, 30_000, 0, 2, 2));

    /** In its own currency. */
    long priceMinor(Article article) {
        return Math.max(1, Math.round(article.cents() * perEuro));
    }
}
