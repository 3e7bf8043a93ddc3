package ofisino.core.parts.sourcing;

import java.util.Optional;
import ofisino.core.kernel.Side;

/**
 * What tells whether two things are the same part: the component where both are known, else what a person calls them; the
 * side; and what it has to agree in, where somebody said so of both: two pipes of other lengths are not one.
 *
 * @param item  the component or consumable; empty where nobody knows
 * @param match what it has to agree in; nothing where nobody said
 */
public record SamePart(Optional<String> item, String title, Side side, MustMatch match) {
    /** Of which nobody said what it has to agree in. */
    public static SamePart of(Optional<String> item, String title, Side side) {
        return new SamePart(item, title, side, MustMatch.NOTHING);
    }

    /** Left and right are not the same. */
    public boolean isAs(SamePart other) {
        if (side != other.side || match.contradicts(other.match)) return false;
        return item.isPresent() && other.item.isPresent()
                ? item.equals(other.item)
                : title.strip().equalsIgnoreCase(other.title.strip());
    }
}
