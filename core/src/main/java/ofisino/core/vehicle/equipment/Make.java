package ofisino.core.vehicle.equipment;

import ofisino.core.vehicle.BodyStyle;

/** What is known of a vehicle before anybody looked at it. */
public record Make(BodyStyle body, int builtYear, Layout layout) {}
