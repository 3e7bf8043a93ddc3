package ofisino.core.money.buying;

import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/** Why somebody pays more than a vehicle is worth to the purse. The final tally is judged against it. */
public enum Purpose {
    WILL_NOT_COME_AGAIN,
    SENTIMENT,
    LEARNING,
    TO_SHOW_OTHERS,
    KEEP_FOR_LIFE;

    /**
     * @param purpose may be missing up to the ceiling
     * @throws InvalidValue when the price is above the ceiling and there is no purpose with a reason
     */
    public static void mustBeStated(long price, long ceiling, Purpose purpose, String reason) {
        if (price < 0)
            throw InvalidValue.at(
                    "price", "price.negative", "A price cannot be negative.", "Enter 0 if it costs nothing.");
        if (price <= ceiling) return;
        if (purpose == null)
            throw InvalidValue.at(
                    "purpose",
                    "purpose.missing",
                    "This is more than the ceiling.",
                    "Say what for: it is what the result will be judged by.");
        Texts.line("reason", reason);
    }
}
