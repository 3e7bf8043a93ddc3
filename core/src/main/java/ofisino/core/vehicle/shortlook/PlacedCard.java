package ofisino.core.vehicle.shortlook;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.LastAnswers;
import ofisino.core.vehicle.check.PlacedCheck;

/**
 * A card at one vehicle.
 *
 * @param answers the vehicle's checks that it answers, the one meant first; never empty
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

    /**
     * Whether an answer to the card leaves the check as it is: it was found good by a better look than that of a card, or it was seen and now is not, which
     * takes nothing back.
     */
    public boolean isSettled(PlacedCheck check, Answer.Seen now, LastAnswers known) {
        Optional<Answer> before = known.to(check).filter(a -> a.howSeen() != HowSeen.PHOTO);
        if (now.isSeen())
            return before.filter(a -> a.seen() == Answer.Seen.GOOD && !a.covered())
                    .isPresent();
        return before.filter(a -> a.seen().isSeen()).isPresent();
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
