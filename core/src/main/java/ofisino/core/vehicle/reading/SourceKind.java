package ofisino.core.vehicle.reading;

/** Where a figure comes from, the best first: a better source decides, whichever was entered last. The figure that ships comes after all. */
public enum SourceKind {
    /** The maker of the part: stamped on a disc, in the papers of a ring set. */
    COMPONENT,
    /** The vehicle's own manual. */
    VEHICLE,
    /** A law or an inspection manual. */
    PUBLIC
}
