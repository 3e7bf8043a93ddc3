package ofisino.core.plan.calendar;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.shredzone.commons.suncalc.SunTimes;

/**
 * From sunrise to sunset, at the place after which a time zone is named. Within a zone the sun is up to an hour sooner or later; for work outdoors
 * that is near enough, and nobody has to type coordinates.
 *
 * <p>Sources: the sun by the library commons-suncalc; places of the zones from {@code zone.tab} of the IANA time zone database (public domain).
 */
public final class Daylight {
    private static final Pattern PLACE =
            Pattern.compile("([+-])(\\d{2})(\\d{2})(\\d{2})?([+-])(\\d{3})(\\d{2})(\\d{2})?");

    private final ZoneId zone;
    private final double latitude;
    private final double longitude;

    Daylight(ZoneId zone, double latitudeDegrees, double longitudeDegrees) {
        this.zone = zone;
        this.latitude = latitudeDegrees;
        this.longitude = longitudeDegrees;
    }

    /** A zone that is named after no place has the days of the equator, from six to six by its sun. */
    public static Daylight in(ZoneId zone) {
        try (var lines = new BufferedReader(
                new InputStreamReader(Daylight.class.getResourceAsStream("zone.tab"), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(l -> !l.startsWith("#"))
                    .map(l -> l.split("\t"))
                    .filter(columns -> columns[2].equals(zone.getId()))
                    .findFirst()
                    .map(columns -> at(zone, columns[1]))
                    .orElseGet(() -> new Daylight(
                            zone,
                            0,
                            zone.getRules().getStandardOffset(Instant.EPOCH).getTotalSeconds() / 240.0));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** By ISO 6709: degrees, minutes and perhaps seconds, latitude first. */
    private static Daylight at(ZoneId zone, String place) {
        Matcher m = PLACE.matcher(place);
        if (!m.matches()) throw new IllegalStateException("No place: " + place);
        return new Daylight(zone, degrees(m, 1), degrees(m, 5));
    }

    private static double degrees(Matcher m, int sign) {
        double seconds = m.group(sign + 3) == null ? 0 : Integer.parseInt(m.group(sign + 3));
        double degrees =
                Integer.parseInt(m.group(sign + 1)) + Integer.parseInt(m.group(sign + 2)) / 60.0 + seconds / 3600;
        return m.group(sign).equals("-") ? -degrees : degrees;
    }

    /** Of the place after which the zone is named, degrees, negative south of the equator. */
    public double latitudeDegrees() {
        return latitude;
    }

    /** A window a day, both days included; none where the sun does not rise, the whole day where it does not set. */
    public List<TimeWindow> between(LocalDate first, LocalDate last) {
        List<TimeWindow> found = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
            ZonedDateTime midnight = day.atStartOfDay(zone);
            SunTimes sun = SunTimes.compute()
                    .on(midnight)
                    .at(latitude, longitude)
                    .oneDay()
                    .execute();
            if (sun.isAlwaysDown()) continue;
            ZonedDateTime up = sun.getRise() == null ? midnight : sun.getRise();
            ZonedDateTime down = sun.getSet() == null ? day.plusDays(1).atStartOfDay(zone) : sun.getSet();
            if (up.isBefore(down)) found.add(new TimeWindow(up.toInstant(), down.toInstant()));
        }
        return found;
    }
}
