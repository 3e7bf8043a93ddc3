package ofisino.core.plan.permit;

/** What somebody wants to do with a job and needs leave for. */
public enum Move {
    BEGIN,
    FINISH,
    VERIFY
}
