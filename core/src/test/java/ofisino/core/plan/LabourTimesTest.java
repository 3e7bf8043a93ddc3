package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A job at home, with all that is taken apart and put together for it, beside what a workshop takes: {@code labour.txt}, recalled and unverified. */
class LabourTimesTest {
    private static final Equipment ESTATE =
            Vehicles.of(BodyStyle.ESTATE, 1969, "brakes-front:disc", "brakes-rear:drum", "fuel-pump:mechanical");

    private static final double SLOWEST = 2.5;

    static Stream<String> lines() throws IOException {
        try (InputStream in = LabourTimesTest.class.getResourceAsStream("labour.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#") && !l.isBlank());
        }
    }

    @ParameterizedTest
    @MethodSource("lines")
    void takesAnAmateurUpToTwoAndAHalfTimesAsLong(String line) {
        String[] said = line.strip().split("\\s+");
        Component thing = ThingRecipes.ANATOMY.require(said[0]);
        Recipe recipe = ThingRecipes.RECIPES
                .propose(
                        new ToDo(
                                FindingKind.valueOf(said[2]),
                                thing.system(),
                                said[1].replaceAll("-(left|right)$", ""),
                                Optional.of(thing),
                                Decision.REPLACE),
                        ESTATE)
                .orElseThrow();
        Set<String> opened = new LinkedHashSet<>();
        for (Recipe.Step step : recipe.steps())
            opened.addAll(ThingRecipes.ACCESS.needed(ESTATE, said[1], step.operation(), step.access()));
        int own = recipe.steps().stream()
                .mapToInt(s -> s.effort().likelyMinutes())
                .sum();
        double hours = (own + ThingRecipes.ACCESS.of(ESTATE).minutesAlone(opened)) / 60.0;
        assertThat(hours)
                .as("%s: %s", recipe.id(), opened)
                .isBetween(Double.parseDouble(said[3]), SLOWEST * Double.parseDouble(said[4]));
    }
}
