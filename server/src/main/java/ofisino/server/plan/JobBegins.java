package ofisino.server.plan;

import ofisino.server.identity.Caller;

/** A job is about to begin. A listener that throws refuses it. */
public record JobBegins(Caller caller, Jobs.Job job) {}
