package ofisino.core.plan.sentout;

import java.time.LocalDate;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/** Pieces that go out counted and come back counted. */
public record SentOut(int pieces, State state, Optional<LocalDate> expectedOn, Optional<Integer> piecesBack) {
    /** Where the pieces are. */
    public enum State {
        TO_SEND,
        AWAY,
        BACK,
        /** Whoever had them gave up; the next is asked. */
        REFUSED
    }

    private static final int MOST_PIECES = 9999;

    public SentOut {
        if (pieces < 1 || pieces > MOST_PIECES)
            throw InvalidValue.at(
                    "pieces", "pieces.number", "%2$d pieces cannot be right.", "Enter 1 to %1$d.", MOST_PIECES, pieces);
        if (piecesBack.filter(b -> b < 0 || b > pieces).isPresent())
            throw InvalidValue.at(
                    "piecesBack", "pieces.back", "%d went out: no more can have come back.", "Count again.", pieces);
    }

    /** Away longer than promised. */
    public boolean isLate(LocalDate today) {
        return state == State.AWAY && expectedOn.filter(today::isAfter).isPresent();
    }

    /** The day on which to reckon with it: as promised, or tomorrow while it is late. Empty while it is not away. */
    public Optional<LocalDate> reckonedBackOn(LocalDate today) {
        if (state != State.AWAY) return Optional.empty();
        return isLate(today) ? Optional.of(today.plusDays(1)) : expectedOn;
    }

    /** Pieces that did not come back; 0 while all are away. */
    public int missing() {
        return piecesBack.map(back -> pieces - back).orElse(0);
    }
}
