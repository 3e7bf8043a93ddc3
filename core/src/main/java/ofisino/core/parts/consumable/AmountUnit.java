package ofisino.core.parts.consumable;

/** In what a need is counted, always in whole numbers. */
public enum AmountUnit {
    PIECE,
    MILLILITRE,
    GRAM,
    CENTIMETRE
}
