package ofisino.core.vehicle.reading;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.finding.Proposal;
import ofisino.core.vehicle.finding.ProposalRules;

/**
 * A reading outside its limit at one place: it proposes a finding, and counts as open until one stands for it or the place is measured again
 * and lies within.
 *
 * @param zone where it was measured; the vehicle as a whole for papers and road
 */
public record OutsideLimit(Limit limit, Zone zone) {
    /** @param place a zone of the body, {@code papers} or {@code road} */
    public static OutsideLimit at(String place, Limit limit, Body body) {
        boolean drawn = !place.equals(Catalogue.PAPERS) && !place.equals(Catalogue.ROAD);
        return new OutsideLimit(limit, body.placeOf(drawn ? place : Zone.WHOLE, limit.system()));
    }

    /** With the class that the limit or the place asks for, whichever is graver. */
    public Proposal proposal() {
        return ProposalRules.propose(
                zone, limit.kind(), Map.of(Proposal.Reason.READING_OUTSIDE, limit.ifOutside()), Optional.empty());
    }

    /** A finding as far as it may stand for a reading. @param over closed or withdrawn */
    public record Known(
            String zone, Optional<String> checkId, Optional<String> limitId, LocalDate foundOn, boolean over) {}

    /**
     * @param checks ids of those that measure this limit
     * @param readOn the day of the latest reading: what was over before it explains nothing that was read since
     */
    public boolean standsFor(Known finding, Set<String> checks, LocalDate readOn) {
        boolean same = finding.limitId().filter(limit.id()::equals).isPresent()
                || finding.checkId().filter(checks::contains).isPresent();
        return same
                && finding.zone().equals(zone.id())
                && (!finding.over() || !finding.foundOn().isBefore(readOn));
    }
}
