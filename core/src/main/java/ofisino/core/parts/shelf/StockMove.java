package ofisino.core.parts.shelf;

import ofisino.core.kernel.InvalidValue;

/**
 * Something comes onto the shelf or goes off it.
 *
 * @param pieces in the unit of the thing; more than 0 where it comes, less where it goes
 */
public record StockMove(MoveKind kind, int pieces) {
    /** Why it comes or goes. */
    public enum MoveKind {
        IN,
        /** For a job. */
        DRAWN,
        /** A count found more or less than was thought. */
        COUNTED,
        SOLD,
        SCRAPPED
    }

    public StockMove {
        boolean wrongWay = kind == MoveKind.IN ? pieces < 1 : kind != MoveKind.COUNTED && pieces > -1;
        if (pieces == 0 || wrongWay)
            throw InvalidValue.at("pieces", "stock.pieces", "That moves nothing.", "Enter how many, 1 or more.");
    }

    /** So many go. @param pieces 1 or more */
    public static StockMove out(MoveKind kind, int pieces) {
        return new StockMove(kind, -pieces);
    }
}
