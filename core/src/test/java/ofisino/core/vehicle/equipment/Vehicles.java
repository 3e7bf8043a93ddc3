package ofisino.core.vehicle.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ofisino.core.vehicle.BodyStyle;

/** Vehicles for tests, with what was seen on them: {@code "cooling:air"}, or {@code "cooling:air said"}. */
public final class Vehicles {
    public static final EquipmentLibrary LIBRARY = EquipmentLibrary.load();

    private Vehicles() {}

    public static Layout usual(BodyStyle body) {
        return switch (body) {
            case MOTORCYCLE -> Layout.MOTORCYCLE;
            case HATCHBACK -> Layout.FRONT_ENGINE_FRONT_DRIVE;
            default -> Layout.FRONT_ENGINE_REAR_DRIVE;
        };
    }

    /** Those that there can be. */
    public static List<Make> makes(int... years) {
        List<Make> all = new ArrayList<>();
        for (BodyStyle body : BodyStyle.values())
            for (Layout layout : Layout.values())
                if ((body == BodyStyle.MOTORCYCLE) == (layout == Layout.MOTORCYCLE))
                    for (int year : years) all.add(new Make(body, year, layout));
        return all;
    }

    public static Equipment of(BodyStyle body, int year, String... facts) {
        return of(new Make(body, year, usual(body)), facts);
    }

    public static Equipment of(Make make, String... facts) {
        return Equipment.of(LIBRARY, make, Stream.of(facts).map(Vehicles::fact).toList());
    }

    private static Equipment.Fact fact(String text) {
        String[] parts = text.split("[: ]");
        return new Equipment.Fact(
                parts[0],
                parts[1],
                parts.length > 2 ? HowKnown.valueOf(parts[2].toUpperCase(java.util.Locale.ROOT)) : HowKnown.SEEN);
    }
}
