package ofisino.core.plan.permit;

/**
 * One thing that stands in the way of a move, with its way out.
 *
 * @param id     of the job, part, strip-down or send-out to go to; the interlock; empty where the job itself is meant
 * @param saying one sentence that says what to do
 */
public record Obstacle(ObstacleKind kind, String id, String saying) {
    /** What can stand in the way of a job. */
    public enum ObstacleKind {
        /** A job before it is not done. */
        JOB_BEFORE,
        /** A rule of order that must hold is broken. */
        RULE,
        /** A part that it cannot do without is not here, looked at and right. */
        PART,
        /** A piece is away. */
        AWAY,
        /** Nobody made sure of a condition that protects people. */
        INTERLOCK,
        /** Nobody opened what it needs to have open. */
        STRIP_DOWN,
        /** It drives, starts or loads the vehicle, and its gate is shut. */
        GATE,
        /** It is spared for something that has not happened. */
        SPARED,
        /** Torque is not recorded, or only by feel. */
        TORQUE,
        /** Whoever finished it has to look again later, or another person now. */
        SECOND_LOOK
    }
}
