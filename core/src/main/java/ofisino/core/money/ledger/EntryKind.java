package ofisino.core.money.ledger;

/** What an entry records. Money that comes in is negative: it lowers what was spent. */
public enum EntryKind {
    PURCHASE,
    FEE,
    TRANSPORT,
    DUTY,
    TAX,
    SERVICE,
    DEPOSIT_PAID,
    DEPOSIT_RETURNED,
    REFUND,
    SALE,
    /** It went to another car, which bears it now. */
    MOVED_OUT,
    /** It came from another car. */
    MOVED_IN,
    /** A tool that the workshop keeps for all its cars: none bears it any more. */
    TO_WORKSHOP;

    /** Value that goes from a car or comes to it: no money goes out or comes in. */
    public boolean isMove() {
        return this == MOVED_OUT || this == MOVED_IN || this == TO_WORKSHOP;
    }

    /** Money that is only left with somebody, or comes back from them. */
    public boolean isDeposit() {
        return this == DEPOSIT_PAID || this == DEPOSIT_RETURNED;
    }

    /** Whether money comes in: the amount is then entered positive and counted negative. */
    public boolean comesIn() {
        return this == DEPOSIT_RETURNED || this == REFUND || this == SALE || this == MOVED_OUT || this == TO_WORKSHOP;
    }
}
