package ofisino.server.parts;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import ofisino.server.identity.Caller;

/** The door to places in which one can work. */
public interface Places {
    /** Bays, benches, and places elsewhere. */
    List<WorkPlace> toWorkIn(Caller caller);

    /** A new place that holds things, with a code of its own. */
    void make(Caller caller, UUID id, String name);

    /** @param room for so many jobs at once @param usableOn days on which it can be used @param elsewhere one has to pack for it */
    record WorkPlace(UUID id, String name, int room, Weekdays usableOn, boolean elsewhere) {}
}
