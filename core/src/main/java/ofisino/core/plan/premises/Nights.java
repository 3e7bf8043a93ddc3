package ofisino.core.plan.premises;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;

/**
 * How cold a place gets in a usual night of each month.
 *
 * @param celsius twelve whole degrees from January, −40 to 40
 */
public record Nights(List<Integer> celsius) {
    private static final int MONTHS = 12;
    private static final int COLDEST = -40;
    private static final int WARMEST = 40;

    public Nights {
        celsius = List.copyOf(celsius);
        if (celsius.size() != MONTHS || celsius.stream().anyMatch(c -> c < COLDEST || c > WARMEST))
            throw InvalidValue.at(
                    "nights",
                    "premises.nights",
                    "A usual night is one temperature for each of the twelve months.",
                    "Enter twelve from −40 to 40 °C.");
    }

    /** Of an unheated garage, as guessed in {@code nights.yaml}. @param latitude degrees, negative south of the equator */
    public static Nights usual(double latitude) {
        List<Integer> north = Entry.readBeside(Nights.class, "nights.yaml", yaml -> Entry.listOf("usual nights", yaml))
                .stream()
                .map(e -> e.named("latitude").only("latitude", "celsius"))
                .filter(e -> Math.abs(latitude) >= e.number("latitude"))
                .findFirst()
                .orElseThrow()
                .numbers("celsius")
                .stream()
                .map(Double::intValue)
                .toList();
        List<Integer> byMonth = new ArrayList<>(north);
        if (latitude < 0) Collections.rotate(byMonth, MONTHS / 2);
        return new Nights(byMonth);
    }

    /** In the month of that day. */
    int on(LocalDate day) {
        return celsius.get(day.getMonthValue() - 1);
    }
}
