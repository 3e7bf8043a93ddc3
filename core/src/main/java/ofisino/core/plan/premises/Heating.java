package ofisino.core.plan.premises;

/** Whether a place is warm enough for what cures in it. */
public enum Heating {
    /** Nobody said: nothing is put off for it, and each coat says what it asks for. */
    NOT_SAID,
    /** Warm enough day and night, the year round. */
    HEATED,
    /** Cold, but whoever paints keeps what cures warm: a heater, a lamp, a tent. */
    WHERE_IT_CURES,
    /** As cold as its nights: a coat waits for the month that is warm enough. */
    COLD
}
