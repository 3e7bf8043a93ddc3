package ofisino.server.plan;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** One job was made of two; the other is dropped. */
public record JobJoined(Caller caller, UUID into, UUID dropped) {}
