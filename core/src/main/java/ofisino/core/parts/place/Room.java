package ofisino.core.parts.place;

import ofisino.core.kernel.InvalidValue;

/** For so many jobs at once there is room in a place: 1 to 99. */
public record Room(int jobs) {
    /** Room for one. */
    public static final Room ONE = new Room(1);

    private static final int MOST = 99;

    public Room {
        if (jobs < 1 || jobs > MOST)
            throw InvalidValue.at("room", "place.room", "A place cannot hold %d jobs at once.", "Enter 1 to 99.", jobs);
    }
}
