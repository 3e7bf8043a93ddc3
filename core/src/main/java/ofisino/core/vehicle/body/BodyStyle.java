package ofisino.core.vehicle.body;

/** Kinds of body. Each has one drawing file. */
public enum BodyStyle {
    ESTATE,
    SALOON,
    HATCHBACK,
    VAN,
    MOTORCYCLE
}
