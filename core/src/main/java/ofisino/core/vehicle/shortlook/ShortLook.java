package ofisino.core.vehicle.shortlook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.check.LastAnswers;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.equipment.Make;

/**
 * What a buyer looks at in half an hour, in walking order.
 *
 * @param cards no check stands twice at one place of a vehicle
 */
public record ShortLook(LookKind kind, List<Card> cards) {
    /** Which vehicle is looked at. */
    public enum LookKind {
        OLD_CAR,
        RECENT_CAR,
        MOTORCYCLE;

        /** From this year on the money moves from rot to electronics, belts and hidden crash damage. Common practice, no source. */
        private static final int RECENT = 1991;

        /** The one that suits a vehicle; another may be taken. */
        public static LookKind of(Make vehicle) {
            if (vehicle.body() == BodyStyle.MOTORCYCLE) return MOTORCYCLE;
            return vehicle.builtYear() >= RECENT ? RECENT_CAR : OLD_CAR;
        }

        /** Those that may be taken for a vehicle. */
        public static List<LookKind> possibleFor(Make vehicle) {
            return vehicle.body() == BodyStyle.MOTORCYCLE ? List.of(MOTORCYCLE) : List.of(OLD_CAR, RECENT_CAR);
        }
    }

    /** What is left of it. @param weight of the cards left; @param all of all of them */
    public record Left(int cards, int minutes, int weight, int all) {}

    public ShortLook {
        cards = List.copyOf(cards);
        if (cards.stream().map(Card::id).distinct().count() < cards.size())
            throw InvalidValue.of(
                    "card.twice", "The short look at %s has a card twice.", "Leave one of them out.", kind);
    }

    /** At one vehicle: a card of which it has nothing is left out. @param checks all that are asked of it */
    public List<PlacedCard> at(List<PlacedCheck> checks) {
        List<PlacedCard> placed = new ArrayList<>();
        for (Card card : cards) {
            List<PlacedCheck> answers = of(card.checks(), checks, card::answers);
            if (!answers.isEmpty()) placed.add(new PlacedCard(card, answers, of(card.finds(), checks, card::mayFind)));
        }
        return List.copyOf(placed);
    }

    private static List<PlacedCheck> of(List<String> ids, List<PlacedCheck> checks, Predicate<PlacedCheck> here) {
        return checks.stream()
                .filter(here)
                .sorted(Comparator.comparingInt(c -> ids.indexOf(c.check().id())))
                .toList();
    }

    /** How many cards nobody answered, and the minutes that they take. */
    public static Left left(List<PlacedCard> cards, LastAnswers answers) {
        List<Card.Prompt> open = cards.stream()
                .filter(c -> c.said(answers).isEmpty())
                .map(c -> c.card().asks())
                .toList();
        return new Left(
                open.size(),
                open.stream().mapToInt(Card.Prompt::minutes).sum(),
                open.stream().mapToInt(Card.Prompt::weight).sum(),
                cards.stream().mapToInt(c -> c.card().asks().weight()).sum());
    }
}
