package ofisino.core.plan.interlock;

import java.util.ArrayList;
import java.util.List;
import ofisino.core.vehicle.BodyStyle;

/** What a battery that was off leaves to be set again, so that nobody takes it for a new fault. Common practice, no source. */
public final class Reconnection {
    private Reconnection() {}

    public enum Reset {
        TERMINALS_CLEAN_AND_TIGHT(0, true),
        CLOCK(1950, true),
        RADIO_CODE(1988, false),
        IDLE_LEARNS_AGAIN(1992, true),
        WINDOWS_END_STOPS(1998, false),
        ROOF_END_STOPS(1998, false),
        STEERING_ANGLE(2002, false),
        CODES_READ_AND_ERASED(1992, true),
        MODULES_SLEEP_AND_WAKE(2004, false);

        private final int fromYear;
        private final boolean bikesToo;

        Reset(int fromYear, boolean bikesToo) {
            this.fromYear = fromYear;
            this.bikesToo = bikesToo;
        }
    }

    /** In the order in which they are done. */
    public static List<Reset> of(BodyStyle body, int builtYear) {
        List<Reset> found = new ArrayList<>();
        for (Reset r : Reset.values())
            if (builtYear >= r.fromYear && (r.bikesToo || body != BodyStyle.MOTORCYCLE)) found.add(r);
        return found;
    }
}
