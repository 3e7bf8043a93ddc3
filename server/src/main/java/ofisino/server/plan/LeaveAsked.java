package ofisino.server.plan;

import ofisino.core.plan.permit.Facts;
import ofisino.core.plan.permit.Move;
import ofisino.server.identity.Caller;

/** Somebody wants to begin, end or verify a job, or to know whether he may. Each listener adds what it knows; nothing is changed. */
public record LeaveAsked(Caller caller, Jobs.Job job, Move move, Facts facts) {}
