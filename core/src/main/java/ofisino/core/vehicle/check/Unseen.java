package ofisino.core.vehicle.check;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import ofisino.core.vehicle.body.Zone;

/**
 * How much of a vehicle is still unseen, by weight of its checks: unseen is not sound.
 * An answer on a photo, or of a place that is covered, leaves a check undone that asks for more.
 *
 * @param byPlace   in walking order
 * @param openTraps known costly traps of this body of which something is unseen
 */
public record Unseen(Share whole, Map<String, Share> byPlace, int openTraps) {
    /** @param open weight of checks not done at the level each needs; @param all weight of all */
    public record Share(int open, int all) {
        /** From 0 (all seen) to 1. */
        public double share() {
            return all == 0 ? 0 : (double) open / all;
        }

        Share plus(int weight, boolean done) {
            return new Share(done ? open : open + weight, all + weight);
        }
    }

    /** Checks whose failure would stand in the way of the road and that nobody answered well enough: what is unknown is not good. */
    public static List<PlacedCheck> unanswered(List<PlacedCheck> checks, List<Answer> answers) {
        var last = new LastAnswers(answers);
        return checks.stream()
                .filter(c -> c.ifBad().standsInTheWay())
                .filter(c -> last.to(c).filter(a -> a.settles(c.check())).isEmpty())
                .toList();
    }

    /** Of several answers to one check the last counts. */
    public static Unseen of(List<PlacedCheck> checks, List<Answer> answers) {
        return of(checks, answers, Answer::settles);
    }

    /** What a bid has to reckon with: a short look counts too, as walked round and never as opened. */
    public static Unseen forABid(List<PlacedCheck> checks, List<Answer> answers) {
        return of(checks, answers, Answer::settlesForABid);
    }

    private static Unseen of(List<PlacedCheck> checks, List<Answer> answers, BiPredicate<Answer, Check> settles) {
        var last = new LastAnswers(answers);
        Share whole = new Share(0, 0);
        Map<String, Share> byPlace = new LinkedHashMap<>();
        Set<String> openTraps = new HashSet<>();
        for (PlacedCheck placed : checks) {
            boolean done =
                    last.to(placed).filter(a -> settles.test(a, placed.check())).isPresent();
            whole = whole.plus(placed.weight(), done);
            if (!done && placed.zone().filter(Zone::costlyTrap).isPresent()) openTraps.add(placed.place());
            byPlace.merge(
                    placed.place(),
                    new Share(0, 0).plus(placed.weight(), done),
                    (a, b) -> new Share(a.open() + b.open(), a.all() + b.all()));
        }
        return new Unseen(whole, byPlace, openTraps.size());
    }

    /** The place where looking settles most, the road only after all others; empty when all is seen. */
    public Optional<String> lookNext() {
        return byPlace.entrySet().stream()
                .filter(e -> e.getValue().open() > 0)
                .max(Comparator.comparing(
                                (Map.Entry<String, Share> e) -> !e.getKey().equals(Catalogue.ROAD))
                        .thenComparing(e -> e.getValue().open()))
                .map(Map.Entry::getKey);
    }
}
