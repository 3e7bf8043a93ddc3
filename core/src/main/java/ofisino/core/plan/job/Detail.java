package ofisino.core.plan.job;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** What an operation does more exactly, where the order of work depends on it. */
public enum Detail {
    /** Wires, pipes and hoses behind it are moved aside or shielded from heat. */
    SHIELD,
    SEALER_OFF,
    DEGREASE,
    SEAM_SEAL,
    CAVITY_WAX,
    /** Held by tacks only: it can still be moved. */
    TACK,
    /** Welded for good. */
    WELD_OUT,
    DRILL,
    CRACK_CHECK,
    /** Threads, bearing seats and earth points are covered before a coat. */
    MASK,
    /** Every gallery is washed out and proved clear, one at a time. */
    FLUSH,
    MEASURE,
    CARPET,
    GLASS,
    HEADLINING,
    WATER_TEST,
    /** Battery off, and the wait that the maker states. */
    ISOLATE,
    NEEDS_POWER,
    /** Rubber bushes are tightened with the weight on the wheels. */
    RIDE_HEIGHT,
    BRAKE_TEST,
    TURN_BY_HAND,
    FIRST_START,
    /** The engine runs for it. */
    RUNS,
    /** It moves under its own power, on private ground. */
    DRIVE,
    ROAD_TEST,
    EARTHS,
    /** Flame or induction heat, a torch on a stuck nut, soldering by flame. */
    HEAT,
    /** After it nobody sees the place again. */
    CLOSE_UP,
    /** The coolant circuit, closed and full. */
    PRESSURE_TEST,
    /** Tank empty, pipes plugged, vapour out: nothing burns where something sparks. A carburettor that comes off does not do that. */
    FUEL_OUT,
    /** The fuel tank goes on for good. */
    TANK_ON,
    /** Filled with fuel and looked at for leaks. */
    FUEL_LEAK_TEST,
    /** Mends what is needed for now only; the permanent job comes later. */
    FOR_NOW,
    /** A mark that brings it back to where it was: drilled, tacked, scribed, photographed. */
    MARK_POSITION,
    /** Something hangs loose or moves once this is undone. */
    LOOSENS,
    /** A fault is looked for as the vehicle stands: before anything that it could come from is drained, off or apart. */
    AS_FOUND;

    private static final Map<Detail, Pattern> IN_WORDS = Map.of(
            FIRST_START, words("first start|first firing|start (it|the engine|her)|fire (it|her) up"),
            DRIVE, words("(first|test|trial) (drive|ride|run)|(drive|ride) (it|her)|under (its|her) own power"),
            ROAD_TEST, words("road test|(drive|ride) on the road|shake-?down|maiden (drive|ride|voyage)"));

    private static Pattern words(String alternatives) {
        return Pattern.compile("\\b(" + alternatives + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** What a job of that title starts or drives, so that it waits for its gate also where nobody ticked it. May only add. */
    public static Set<Detail> impliedBy(String title) {
        Set<Detail> found = EnumSet.noneOf(Detail.class);
        IN_WORDS.forEach((detail, pattern) -> {
            if (pattern.matcher(title).find()) found.add(detail);
        });
        return found;
    }
}
