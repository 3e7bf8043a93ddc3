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
    MOVED_IN;

    /** Value that goes from car to car: no money goes out or comes in. */
    public boolean isMove() {
        return this == MOVED_OUT || this == MOVED_IN;
    }

    /** Money that is only left with somebody, or comes back from them. */
    public boolean isDeposit() {
        return this == DEPOSIT_PAID || this == DEPOSIT_RETURNED;
    }

    /** Whether money comes in: the amount is then entered positive and counted negative. */
    public boolean comesIn() {
        return this == DEPOSIT_RETURNED || this == REFUND || this == SALE || this == MOVED_OUT;
    }
}
