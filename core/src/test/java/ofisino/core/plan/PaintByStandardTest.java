package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import org.junit.jupiter.api.Test;

/** A car for the road is closed with a top coat; one to drive every day gets its colour, one to show is polished. Common practice, no source. */
class PaintByStandardTest {
    private static final Equipment ESTATE = Vehicles.of(BodyStyle.ESTATE, 1969);
    private static final String TOP_COAT = "Paint,";

    @Test
    void aDoorGetsItsPaintWhereTheCarIsToBeSeen() {
        assertThat(steps("door-bottom", Aim.ROAD_READY))
                .noneMatch(s -> s.startsWith("Colour"))
                .anyMatch(s -> s.startsWith(TOP_COAT));
        assertThat(steps("door-bottom", Aim.DRIVER))
                .anyMatch(s -> s.startsWith("Colour and lacquer, 18 °C and no draught"))
                .noneMatch(s -> s.startsWith(TOP_COAT) || s.startsWith("Polished"));
        assertThat(steps("door-bottom", Aim.SHOW)).endsWith("Polished when it is hard: {zone}");
    }

    @Test
    void nobodyLacquersAFloor() {
        for (Aim standard : Aim.values())
            assertThat(steps("floor", standard)).as(standard.name()).noneMatch(s -> s.startsWith("Colour"));
    }

    /** The road does not wait for the colour. */
    @Test
    void thePaintIsNeededForNoMoreThanItIsFor() {
        assertThat(recipe("door-bottom", Aim.SHOW).steps())
                .filteredOn(s -> s.operation() == Operation.PAINT)
                .extracting(Recipe.Step::onlyFor)
                .containsExactly(Optional.of(Aim.DRIVER));
    }

    private static java.util.List<String> steps(String place, Aim standard) {
        return recipe(place, standard).steps().stream().map(Recipe.Step::title).toList();
    }

    private static Recipe recipe(String place, Aim standard) {
        VehicleSystem system = place.equals("floor") ? VehicleSystem.STRUCTURE : VehicleSystem.BODY;
        return ThingRecipes.RECIPES
                .propose(
                        new ToDo(FindingKind.RUST_THROUGH, system, place, Optional.empty(), Decision.REPAIR, standard),
                        ESTATE)
                .orElseThrow();
    }
}
