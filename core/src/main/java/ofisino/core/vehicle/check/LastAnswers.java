package ofisino.core.vehicle.check;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What was said last at each check of a vehicle. */
public final class LastAnswers {
    private record At(String check, String place) {}

    private final Map<At, Answer> last = new HashMap<>();

    /** @param answers in the order in which they were given */
    public LastAnswers(List<Answer> answers) {
        for (Answer a : answers) last.put(new At(a.checkId(), a.place()), a);
    }

    /**
     * The answer that counts. Where one look answers for several places, one that was given for one of them alone counts only when there is one for
     * each; then the worst.
     */
    public Optional<Answer> to(PlacedCheck check) {
        String id = check.check().id();
        Optional<Answer> here = Optional.ofNullable(last.get(new At(id, check.place())));
        if (check.also().isEmpty() || here.filter(Answer::whole).isPresent()) return here;
        List<Optional<Answer>> all = Stream.concat(
                        Stream.of(here),
                        check.also().stream().map(z -> Optional.ofNullable(last.get(new At(id, z.id())))))
                .toList();
        return all.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : all.stream().flatMap(Optional::stream).max(Comparator.comparingInt(a -> gravity(a.seen())));
    }

    private static int gravity(Answer.Seen seen) {
        return switch (seen) {
            case GOOD -> 0;
            case DOUBTFUL -> 2;
            case MISSING -> 3;
            case BAD -> 4;
            case COVERED, NOT_OPENED, NO_REACH, NO_CURRENT, NOT_ALLOWED -> 1;
        };
    }
}
