package ofisino.core.vehicle.check;

import java.util.List;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;

/** Walks round vehicles for tests. */
public final class Walks {
    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final Bodies BODIES = Bodies.load();

    private Walks() {}

    /** @param facts what was seen on it: {@code "cooling:air"} */
    public static List<PlacedCheck> of(BodyStyle body, int year, String... facts) {
        return of(Vehicles.of(body, year, facts));
    }

    public static List<PlacedCheck> of(Equipment vehicle) {
        return CATALOGUE.of(BODIES.of(vehicle.make().body(), vehicle.make().layout()), vehicle);
    }

    public static List<PlacedCheck> waiting(Equipment vehicle) {
        return CATALOGUE.waiting(BODIES.of(vehicle.make().body(), vehicle.make().layout()), vehicle);
    }
}
