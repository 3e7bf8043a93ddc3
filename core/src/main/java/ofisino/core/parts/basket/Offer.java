package ofisino.core.parts.basket;

import java.util.Map;

/**
 * One thing that is sold as a whole: a part, a pack of ten, a kit that holds several parts.
 *
 * @param priceMinor of one, in the garage's own currency
 * @param holds      by want: how much of it is in one, at least 1
 * @param most       how many there are to be had, at least 1
 * @param leadDays   from order to door
 * @param riskMinor  what is to be feared of one: the chance that it fails or does not fit times what that costs
 */
public record Offer(
        String id, String seller, long priceMinor, Map<String, Integer> holds, int most, int leadDays, long riskMinor) {
    public Offer {
        holds = Map.copyOf(holds);
        if (priceMinor < 0 || riskMinor < 0) throw new IllegalArgumentException("Price or risk of " + id + " below 0");
        if (most < 1
                || leadDays < 0
                || holds.isEmpty()
                || holds.values().stream().anyMatch(n -> n < 1))
            throw new IllegalArgumentException("Nothing is offered by " + id);
    }

    /** How many of it could be of use. */
    int useful(Map<String, Want> wants) {
        return Math.min(
                most,
                holds.entrySet().stream()
                        .filter(e -> wants.containsKey(e.getKey()))
                        .mapToInt(e -> (wants.get(e.getKey()).quantity() + e.getValue() - 1) / e.getValue())
                        .max()
                        .orElse(0));
    }

    /** Days by which it comes too late for one of those that it is for. */
    int lateDays(Map<String, Want> wants) {
        return holds.keySet().stream()
                .filter(wants::containsKey)
                .mapToInt(w -> Math.max(0, leadDays - wants.get(w).daysLeft()))
                .max()
                .orElse(0);
    }
}
