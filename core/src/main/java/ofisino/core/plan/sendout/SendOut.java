package ofisino.core.plan.sendout;

import java.time.LocalDate;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/** Pieces that go out counted and come back counted. */
public record SendOut(int pieces, State state, Optional<LocalDate> expectedOn, Optional<Integer> piecesBack) {
    public enum State {
        TO_SEND,
        AWAY,
        BACK,
        /** Whoever had them gave up; the next is asked. */
        REFUSED
    }

    public SendOut {
        if (pieces < 1)
            throw InvalidValue.of("pieces", "pieces.number", "At least one piece, not %d.".formatted(pieces));
        if (piecesBack.filter(b -> b < 0 || b > pieces).isPresent())
            throw InvalidValue.of(
                    "piecesBack", "pieces.back", "%d went out; count again what came back.".formatted(pieces));
    }

    /** Away longer than promised. */
    public boolean isLate(LocalDate today) {
        return state == State.AWAY && expectedOn.filter(today::isAfter).isPresent();
    }

    public int missing() {
        return piecesBack.map(back -> pieces - back).orElse(0);
    }
}
