package ofisino.core.plan.job;

import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * A part that one makes oneself, so that it can be made again: for the other side, or in ten years. Its drawing is a picture at its job.
 *
 * @param number   of the drawing or of the part, as the person counts them; may be empty
 * @param material with its thickness: "steel sheet 1 mm"
 * @param sizes    with their units, and what they are measured from
 * @param pieces   1 to 999
 */
public record MadePart(String number, String material, String sizes, int pieces) {
    private static final int MOST = 999;

    public MadePart {
        number = Texts.optionalLine("number", number);
        material = Texts.line("material", material);
        sizes = Texts.note("sizes", sizes);
        if (sizes.isBlank())
            throw InvalidValue.at("sizes", "made.sizes", "No sizes are given.", "Say how large it is, with units.");
        if (pieces < 1 || pieces > MOST)
            throw InvalidValue.at("pieces", "made.pieces", "%d pieces are not made.", "Enter 1 to %d.", pieces, MOST);
    }
}
