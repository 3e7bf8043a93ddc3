package ofisino.core.plan;

import static java.lang.Math.PI;
import static java.lang.Math.cos;
import static java.lang.Math.sin;
import static java.lang.Math.tan;
import static java.lang.Math.toRadians;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import ofisino.core.plan.calendar.Daylight;
import ofisino.core.plan.calendar.TimeWindow;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class DaylightTest {
    /** Longest and shortest day in London as almanacs print them: 4:43 to 21:21 and 8:04 to 15:53 (values from memory). */
    @Test
    void theSolsticesOfLondonAreThoseOfTheAlmanac() {
        assertThat(wall("Europe/London", LocalDate.of(2026, 6, 21), true))
                .isCloseTo(LocalTime.of(4, 43), threeMinutes());
        assertThat(wall("Europe/London", LocalDate.of(2026, 6, 21), false))
                .isCloseTo(LocalTime.of(21, 21), threeMinutes());
        assertThat(wall("Europe/London", LocalDate.of(2026, 12, 21), true))
                .isCloseTo(LocalTime.of(8, 4), threeMinutes());
        assertThat(wall("Europe/London", LocalDate.of(2026, 12, 21), false))
                .isCloseTo(LocalTime.of(15, 53), threeMinutes());
    }

    /**
     * The length of the day by cos H = −tan φ · tan δ, δ by the series of J. W. Spencer, Search 2 (1971) 172. It counts the middle of the sun and no
     * refraction, so that the day is some minutes longer: 0.833° of height, which near a solstice in the north is 20 min at most.
     */
    @Test
    void theLengthOfTheDayFollowsTheDeclinationOfTheSun() {
        Map<String, Double> latitudes = Map.of(
                "Europe/Berlin", 52.5, "Europe/Athens", 37.97, "Africa/Nairobi", -1.28, "Australia/Hobart", -42.88);
        latitudes.forEach((zone, latitude) -> {
            for (int day = 0; day < 365; day += 13) {
                LocalDate date = LocalDate.of(2026, 1, 1).plusDays(day);
                TimeWindow sun =
                        Daylight.in(ZoneId.of(zone)).between(date, date).get(0);
                double minutes = Duration.between(sun.from(), sun.to()).toSeconds() / 60.0;
                assertThat(minutes - byDeclination(latitude, day))
                        .as("%s %s", zone, date)
                        .isBetween(2.0, 20.0);
            }
        });
    }

    private static double byDeclination(double latitude, int day) {
        double g = 2 * PI * day / 365;
        double declination = 0.006918
                - 0.399912 * cos(g)
                + 0.070257 * sin(g)
                - 0.006758 * cos(2 * g)
                + 0.000907 * sin(2 * g)
                - 0.002697 * cos(3 * g)
                + 0.00148 * sin(3 * g);
        return 2 * Math.toDegrees(Math.acos(-tan(toRadians(latitude)) * tan(declination))) * 4;
    }

    /** North of the polar circle the sun does not rise in December and does not set in June. */
    @Test
    void whereTheSunDoesNotRiseThereIsNoWindow() {
        Daylight north = Daylight.in(ZoneId.of("Arctic/Longyearbyen"));
        assertThat(north.between(LocalDate.of(2026, 12, 21), LocalDate.of(2026, 12, 21)))
                .isEmpty();
        TimeWindow june = north.between(LocalDate.of(2026, 6, 21), LocalDate.of(2026, 6, 21))
                .get(0);
        assertThat(Duration.between(june.from(), june.to())).isEqualTo(Duration.ofDays(1));
    }

    /** Named after no place: the equator, twelve hours and the few minutes of refraction, around noon by its own clock. */
    @Test
    void aZoneWithoutAPlaceHasTheDaysOfTheEquator() {
        assertThat(wall("Etc/GMT-3", LocalDate.of(2026, 3, 20), true))
                .isCloseTo(LocalTime.of(6, 4), Assertions.within(10, ChronoUnit.MINUTES));
        assertThat(wall("Etc/GMT-3", LocalDate.of(2026, 3, 20), false))
                .isCloseTo(LocalTime.of(18, 10), within(10, ChronoUnit.MINUTES));
    }

    private static org.assertj.core.data.TemporalUnitOffset threeMinutes() {
        return within(3, ChronoUnit.MINUTES);
    }

    private static LocalTime wall(String zone, LocalDate day, boolean rise) {
        ZoneId id = ZoneId.of(zone);
        TimeWindow sun = Daylight.in(id).between(day, day).get(0);
        return (rise ? sun.from() : sun.to()).atZone(id).toLocalTime();
    }
}
