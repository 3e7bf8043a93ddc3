package ofisino.server.vehicle;

import java.util.List;
import java.util.UUID;
import ofisino.core.roadready.gate.Evidence;
import ofisino.server.identity.Caller;

/** The door to what was measured, and what nobody measured yet. */
public interface Readings {
    /** Of each thing at each place the last readings, and each check of class A or B that measures and has none. */
    List<Evidence.Read> of(Caller caller, UUID projectId);
}
