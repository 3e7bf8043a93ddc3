package ofisino.core.vehicle.finding;

import java.util.Optional;
import java.util.UUID;

/** What a move did to a finding, for those who have to follow it. */
public sealed interface FindingEvent {
    record Raised(SafetyClass from, SafetyClass to) implements FindingEvent {}

    /** By a person, with a reason. */
    record Lowered(SafetyClass from, SafetyClass to) implements FindingEvent {}

    record Decided(Decision decision) implements FindingEvent {}

    record Closed() implements FindingEvent {}

    /** @param duplicateOf the finding that stays, and takes over the graver class of the two */
    record Withdrawn(Optional<UUID> duplicateOf) implements FindingEvent {}

    record Reopened() implements FindingEvent {}
}
