package ofisino.core.parts.sourcing;

import java.util.Optional;
import ofisino.core.kernel.Side;

/**
 * What tells whether two things are the same part: the component where both are known, else what a person calls them; and the side.
 *
 * @param item the component or consumable; empty where nobody knows
 */
public record SamePart(Optional<String> item, String title, Side side) {
    /** Left and right are not the same. */
    public boolean isAs(SamePart other) {
        if (side != other.side) return false;
        return item.isPresent() && other.item.isPresent()
                ? item.equals(other.item)
                : title.strip().equalsIgnoreCase(other.title.strip());
    }
}
