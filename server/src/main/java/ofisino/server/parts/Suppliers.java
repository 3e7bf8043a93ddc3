package ofisino.server.parts;

import ofisino.core.kernel.Weekdays;
import ofisino.server.identity.Caller;

/** The door to suppliers. */
public interface Suppliers {
    /** Days on which at least one of them is open; every day while there is none. */
    Weekdays openOn(Caller caller);
}
