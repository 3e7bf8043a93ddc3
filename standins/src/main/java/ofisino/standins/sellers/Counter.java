package ofisino.standins.sellers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a seller has and what was ordered of it. An order that is sent again under its own id is the same order. */
final class Counter {
    /** @param stock how many are there now; none does not mean that it is not sold */
    record Offered(String number, String name, long priceMinor, String currency, int stock, int days) {}

    record Line(String number, int quantity, long priceMinor) {}

    record Asked(List<Line> lines) {}

    enum State {
        ACCEPTED,
        REFUSED
    }

    /** @param days from now until it is there @param reason of a refusal; empty where there is none */
    record Answered(State state, List<Line> lines, int days, String reason) {}

    private final Seller seller;
    private final Map<String, Article> articles = new HashMap<>();
    private final List<Article> sold = new ArrayList<>();
    private final Map<String, Integer> stock = new HashMap<>();
    private final Map<String, Asked> asked = new HashMap<>();
    private final Map<String, Answered> answered = new HashMap<>();

    Counter(Seller seller, List<Article> all) {
        this.seller = seller;
        for (int i = 0; i < all.size(); i += seller.sells()) {
            sold.add(all.get(i));
            articles.put(all.get(i).number(), all.get(i));
            stock.put(all.get(i).number(), all.get(i).stock());
        }
    }

    /** Articles of which the name has all the words. */
    synchronized List<Offered> search(String words) {
        String[] each = words.toLowerCase(Locale.ROOT).trim().split("\\s+");
        return sold.stream()
                .filter(a -> Arrays.stream(each).allMatch(a.name().toLowerCase(Locale.ROOT)::contains))
                .limit(20)
                .map(a -> new Offered(
                        a.number(),
                        a.name(),
                        seller.priceMinor(a),
                        seller.currency(),
                        stock.get(a.number()),
                        a.days() + seller.extraDays()))
                .toList();
    }

    /** @return empty where another order has this id */
    synchronized java.util.Optional<Answered> order(String id, Asked order, boolean contradictory) {
        Asked before = asked.putIfAbsent(id, order);
        if (before != null && !before.equals(order)) return java.util.Optional.empty();
        return java.util.Optional.of(answered.computeIfAbsent(id, x -> answer(order, contradictory)));
    }

    synchronized java.util.Optional<Answered> answerOn(String id) {
        return java.util.Optional.ofNullable(answered.get(id));
    }

    private Answered answer(Asked order, boolean contradictory) {
        for (Line line : order.lines()) {
            if (!articles.containsKey(line.number())) return refused("There is no article " + line.number() + ".");
            if (line.quantity() < 1) return refused("A quantity of " + line.quantity() + " cannot be ordered.");
            if (stock.get(line.number()) < line.quantity())
                return refused("Of " + line.number() + " there are only " + stock.get(line.number()) + " left.");
        }
        order.lines().forEach(l -> stock.merge(l.number(), -l.quantity(), Integer::sum));
        int days = order.lines().stream()
                        .mapToInt(l -> articles.get(l.number()).days())
                        .max()
                        .orElse(0)
                + seller.extraDays();
        List<Line> confirmed = order.lines().stream()
                .map(l -> new Line(l.number(), l.quantity(), confirmedMinor(l, contradictory)))
                .toList();
        return new Answered(State.ACCEPTED, confirmed, contradictory ? days + 21 : days, "");
    }

    private long confirmedMinor(Line line, boolean contradictory) {
        long price = seller.priceMinor(articles.get(line.number()));
        return contradictory ? price + price / 5 + 1 : price;
    }

    private static Answered refused(String reason) {
        return new Answered(State.REFUSED, List.of(), 0, reason);
    }
}
