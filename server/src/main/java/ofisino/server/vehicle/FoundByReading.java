package ofisino.server.vehicle;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** A finding was made of a reading: it is as grave as what was read. */
public record FoundByReading(Caller caller, UUID projectId) {}
