package ofisino.core.vehicle.anatomy;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;

/** What data files name instead of a price and of the days that a thing takes to come, from {@code bands.yaml} beside this class. */
public final class Bands {
    private final Map<String, Price> prices;
    private final Map<String, Integer> leads;

    private Bands(Entry file) {
        file.only("price", "lead");
        prices = byId(file.list("price"), Bands::price);
        leads = byId(file.list("lead"), e -> e.whole("days"));
    }

    /** Reads bands.yaml. @throws ofisino.core.kernel.InvalidValue naming the entry that is wrong */
    public static Bands load() {
        return new Bands(Entry.beside(Bands.class, "bands.yaml"));
    }

    /** What stands under {@code price}, or else in the band named. @throws ofisino.core.kernel.InvalidValue when there is no such band */
    public Price price(Entry e, String otherwise) {
        return e.oneOf("price", otherwise, prices);
    }

    /** Days under {@code lead}, or else in the band named. @throws ofisino.core.kernel.InvalidValue when there is no such band */
    public int leadDays(Entry e, String otherwise) {
        return e.oneOf("lead", otherwise, leads);
    }

    private static Price price(Entry e) {
        List<Double> hours = e.numbers("hours");
        return new Price(hours.get(0), hours.get(1), hours.get(2));
    }

    static <T> Map<String, T> byId(List<Entry> entries, Function<Entry, T> read) {
        return entries.stream().collect(Collectors.toMap(e -> e.text("id"), read));
    }
}
