package ofisino.core.roadready.gate;

import java.util.UUID;

/**
 * One thing that stands in the way.
 *
 * @param rule    id of the rule that says so; the screen has its words
 * @param subject the finding or job
 * @param title   what the person calls it
 */
public record Blocker(String rule, UUID subject, String title) {}
