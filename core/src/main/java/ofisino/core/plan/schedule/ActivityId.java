package ofisino.core.plan.schedule;

/** Names an activity within one problem: a job, an order, a strip, a refit. The caller chooses the text. */
public record ActivityId(String value) {
    @Override
    public String toString() {
        return value;
    }
}
