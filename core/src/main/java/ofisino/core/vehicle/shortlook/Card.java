package ofisino.core.vehicle.shortlook;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.PlacedCheck;

/**
 * One card of a short look. It stands for checks of the catalogue: what is answered here is answered there.
 *
 * @param asks   what is read from it
 * @param stop   what a fault here means for the buyer
 * @param checks answered by a good answer, in passing: it settles a bid, and none of them; the first is the one meant
 * @param finds  further checks that only a fault answers: seen from here it is no proof that they are good
 * @param places only there; empty for all places of its checks
 * @param side   only there; none for both
 */
public record Card(
        Prompt asks, Optional<Stop> stop, List<String> checks, List<String> finds, Set<String> places, Side side) {
    /**
     * What a card asks.
     *
     * @param id      never renamed
     * @param minutes for a practised eye, 1 or 2
     * @param where   where one stands
     * @param task    what to look at or do
     * @param weight  how much of the usual repair money it settles, 1 to 5; a practitioner's guess
     * @param inTen   one of those for somebody with ten minutes
     * @param running needs current or a running engine
     * @param photo   a photo belongs to it
     */
    public record Prompt(
            String id,
            int minutes,
            String where,
            String task,
            String good,
            String bad,
            int weight,
            boolean inTen,
            boolean running,
            boolean photo) {
        public Prompt {
            if (minutes < 1 || minutes > 2 || weight < 1 || weight > 5)
                throw InvalidValue.of(
                        "card.weight",
                        "Card %s is too long or too heavy.",
                        "Give it 1 or 2 minutes and a weight of 1 to 5.",
                        id);
        }
    }

    /** A fault that ends the look as it was meant: the buyer decides, and is told at once. */
    public record Stop(Meaning meaning, String because) {
        /** What a stop means for the buyer. */
        public enum Meaning {
            /** No money before somebody explained it. */
            SETTLE_FIRST,
            /** Its price is that of its parts. */
            DONOR
        }
    }

    public Card {
        checks = List.copyOf(checks);
        finds = List.copyOf(finds);
        places = Set.copyOf(places);
        if (checks.isEmpty())
            throw InvalidValue.of(
                    "card.checks", "Card %s of the short look answers no check.", "Name at least one.", asks.id());
    }

    String id() {
        return asks.id();
    }

    /** Whether it answers that check. One look that answers for both sides is not done on one of them. */
    boolean answers(PlacedCheck check) {
        return checks.contains(check.check().id())
                && check.zone().map(this::isAt).orElse(isAnywhere())
                && (side == Side.NONE || check.also().isEmpty());
    }

    /** Whether a fault here may be that of the check. */
    boolean mayFind(PlacedCheck check) {
        return finds.contains(check.check().id())
                && (isAnywhere()
                        || Stream.concat(check.zone().stream(), check.also().stream())
                                .anyMatch(this::isAt));
    }

    private boolean isAnywhere() {
        return places.isEmpty() && side == Side.NONE;
    }

    private boolean isAt(Zone zone) {
        return (places.isEmpty() || places.contains(zone.place())) && (side == Side.NONE || zone.side() == side);
    }
}
