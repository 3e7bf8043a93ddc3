package ofisino.core.vehicle.shortlook;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.LastAnswers;
import ofisino.core.vehicle.check.PlacedCheck;

/**
 * A card at one vehicle.
 *
 * @param answers the vehicle's checks that it answers in passing, the one meant first; never empty
 * @param finds   those that only a fault answers
 */
public record PlacedCard(Card card, List<PlacedCheck> answers, List<PlacedCheck> finds) {
    public PlacedCard {
        answers = List.copyOf(answers);
        finds = List.copyOf(finds);
    }

    /** What may be at fault here. */
    public List<PlacedCheck> faults() {
        return Stream.concat(answers.stream(), finds.stream()).toList();
    }

    /**
     * What was said of it: the worst that was said of any of its checks; good, or why it was not seen, only when the check meant at each of its places was
     * answered. What was judged on a photo is still to be looked at.
     */
    public Optional<Answer.Seen> said(LastAnswers answers) {
        Optional<Answer.Seen> worst = faults().stream()
                .flatMap(c -> here(c, answers).stream())
                .filter(seen -> PlacedCard.gravity(seen) > 0)
                .max(Comparator.comparingInt(PlacedCard::gravity));
        if (worst.isPresent()) return worst;
        List<Optional<Answer.Seen>> meant =
                meant().stream().map(c -> here(c, answers)).toList();
        if (meant.stream().anyMatch(Optional::isEmpty)) return Optional.empty();
        return meant.stream().flatMap(Optional::stream).max(Comparator.comparing((Answer.Seen seen) -> !seen.isSeen()));
    }

    /** Which of its checks is at fault. @param place one of the places that the check answers for */
    public record Fault(String checkId, String place) {}

    /** An answer at one of its checks. @param foundAt where the fault lies; empty where there is none */
    public record At(PlacedCheck check, Optional<String> foundAt) {}

    /**
     * What an answer to the card says at its checks. A fault speaks for its own check alone; all else for every check that nothing better is known of: a card
     * takes no better look back, and "not seen" none at all.
     *
     * @param fault of what is not good; the check meant where it is empty
     * @throws InvalidValue when the fault is none of this card's
     */
    public List<At> answered(Answer.Seen now, Optional<Fault> fault, LastAnswers known) {
        if (now.isSeen() && now != Answer.Seen.GOOD) {
            Fault at = fault.orElseGet(
                    () -> new Fault(answers.get(0).check().id(), answers.get(0).place()));
            return List.of(new At(faulty(at), Optional.of(at.place())));
        }
        return answers.stream()
                .filter(c -> !isKnownBetter(c, now, known))
                .map(c -> new At(c, Optional.empty()))
                .toList();
    }

    private PlacedCheck faulty(Fault fault) {
        return faults().stream()
                .filter(c ->
                        c.check().id().equals(fault.checkId()) && c.places().contains(fault.place()))
                .findFirst()
                .orElseThrow(() -> InvalidValue.at(
                        "fault",
                        "card.fault",
                        "That is none of what this card looks at.",
                        "Choose one of its faults."));
    }

    private static boolean isKnownBetter(PlacedCheck check, Answer.Seen now, LastAnswers known) {
        return known.to(check)
                .filter(a -> a.howSeen() != HowSeen.PHOTO && a.seen().isSeen())
                .filter(a -> !a.isGlance() || !now.isSeen())
                .isPresent();
    }

    /** The check meant at each place of the first one. */
    private List<PlacedCheck> meant() {
        Map<String, PlacedCheck> byPlace = new LinkedHashMap<>();
        String first = answers.get(0).check().id();
        for (PlacedCheck c : answers) if (c.check().id().equals(first)) byPlace.putIfAbsent(c.place(), c);
        return List.copyOf(byPlace.values());
    }

    private static Optional<Answer.Seen> here(PlacedCheck check, LastAnswers answers) {
        return answers.to(check).filter(a -> a.howSeen() != HowSeen.PHOTO).map(Answer::seen);
    }

    private static int gravity(Answer.Seen seen) {
        return switch (seen) {
            case DOUBTFUL -> 1;
            case MISSING -> 2;
            case BAD -> 3;
            default -> 0;
        };
    }
}
