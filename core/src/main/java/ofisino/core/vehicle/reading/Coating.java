package ofisino.core.vehicle.reading;

/**
 * What the thickness of a coating on steel tells, in micrometres. Common practice, no source: paint from the works lies between about 60 and
 * 180, a second coat adds as much again, filler begins where not even two resprays are that thick. An aged panel may differ; compare it with the roof.
 */
public enum Coating {
    /** Rubbed through, or bare. */
    THIN(0),
    ORIGINAL(60),
    REPAINTED(180),
    FILLER(500);

    private final double fromMicrometres;

    Coating(double fromMicrometres) {
        this.fromMicrometres = fromMicrometres;
    }

    /** What a thickness in micrometres tells of the paint. */
    public static Coating of(double micrometres) {
        Coating found = THIN;
        for (Coating coating : values()) if (micrometres > coating.fromMicrometres) found = coating;
        return found;
    }
}
