package ofisino.core.vehicle.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ofisino.core.vehicle.finding.Decision;

/**
 * What became of the items of a walk round: each ends as sound, to repair, to replace, missing, not opened or not seen, or waits for its decision.
 *
 * @param notSeen covered, out of reach, without current or not allowed
 * @param missing and not decided yet
 * @param other   put off, accepted, mended for the time being, or still looked into
 * @param waiting there, not good, and not decided yet
 */
public record Tally(
        int sound, int repair, int replace, int notOpened, int notSeen, int missing, int other, int waiting) {
    private static final Tally NOTHING = new Tally(0, 0, 0, 0, 0, 0, 0, 0);

    /** @param decided what was decided on the finding made at an answer, where one was made and decided */
    public static Tally of(List<Answer> answers, Function<Answer, Optional<Decision>> decided) {
        return answers.stream().map(a -> one(a.seen(), decided.apply(a))).reduce(NOTHING, Tally::plus);
    }

    /** All that was asked. */
    public int items() {
        return sound + repair + replace + notOpened + notSeen + missing + other + waiting;
    }

    private static Tally one(Answer.Seen seen, Optional<Decision> decision) {
        return switch (seen) {
            case GOOD -> new Tally(1, 0, 0, 0, 0, 0, 0, 0);
            case NOT_OPENED -> new Tally(0, 0, 0, 1, 0, 0, 0, 0);
            case COVERED, NO_REACH, NO_CURRENT, NOT_ALLOWED -> new Tally(0, 0, 0, 0, 1, 0, 0, 0);
            case MISSING -> decision.map(Tally::decided).orElse(new Tally(0, 0, 0, 0, 0, 1, 0, 0));
            case DOUBTFUL, BAD -> decision.map(Tally::decided).orElse(new Tally(0, 0, 0, 0, 0, 0, 0, 1));
        };
    }

    private static Tally decided(Decision decision) {
        return switch (decision) {
            case REPAIR -> new Tally(0, 1, 0, 0, 0, 0, 0, 0);
            case REPLACE -> new Tally(0, 0, 1, 0, 0, 0, 0, 0);
            case INVESTIGATE, REUSE, TEMPORARY, DEFER, ACCEPT -> new Tally(0, 0, 0, 0, 0, 0, 1, 0);
        };
    }

    private Tally plus(Tally more) {
        return new Tally(
                sound + more.sound,
                repair + more.repair,
                replace + more.replace,
                notOpened + more.notOpened,
                notSeen + more.notSeen,
                missing + more.missing,
                other + more.other,
                waiting + more.waiting);
    }
}
