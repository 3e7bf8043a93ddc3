package ofisino.core.kernel;

/** Dangers of the work. The words stand in the interface's catalogue; each defers to the maker's manual and local codes. */
public enum Caution {
    STANDS,
    WELDING,
    GRINDING,
    FUEL,
    BRAKES,
    PAINT_FUMES,
    HOT_COOLANT,
    BATTERY,
    SPRINGS,
    GLASS,
    RESTRAINT,
    EXHAUST_GAS,
    ASBESTOS,
    /** A hoist or engine crane carries the load. */
    HOIST,
    GAS_STRUTS,
    REFRIGERANT,
    /** Lamps with a gas discharge hold a high voltage. */
    GAS_DISCHARGE,
    LEAD,
    HIGH_VOLTAGE,
    CONTROL_UNITS
}
