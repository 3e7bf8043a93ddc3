package ofisino.core.vehicle;

/** Kinds of body. Each has one drawing file; one that takes views from another stands after it. */
public enum BodyStyle {
    ESTATE,
    SALOON,
    HATCHBACK,
    COUPE,
    ROADSTER,
    PICKUP,
    VAN,
    MOTORCYCLE
}
