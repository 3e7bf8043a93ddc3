package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import ofisino.core.plan.access.Access;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;

/** Amounts of the recipes beside published relations. Each was recalled, not looked up. */
class AmountsTest {
    private static final Equipment ESTATE = Vehicles.of(BodyStyle.ESTATE, 1969, "cooling:water");

    /** Half of the circuit is concentrate: ethylene glycol at 50 % by volume freezes near -36 °C (ASHRAE Fundamentals, secondary coolants). */
    @Test
    void coolantIsMixedHalfAndHalf() {
        double litres = ThingRecipes.ACCESS
                .of(ESTATE)
                .require("coolant-drained")
                .drained()
                .map(Access.Drained::litres)
                .orElseThrow();
        assertThat(amount(shared("coolant-test").step(), "coolant-concentrate") / 1000.0 / litres)
                .isCloseTo(0.5, withPercentage(2));
    }

    /**
     * Spreading rate in m²/l = 10 × volume solids in % ÷ dry film in µm (paint makers' data sheets, ISO 23811 for the solids). Epoxy at 50 % and 60 µm
     * on rough metal with 40 % lost: 200 ml for a square metre.
     */
    @Test
    void primerCoversASquareMetre() {
        double squareMetresOfALitre = 10 * 50 / 60.0 * (1 - 0.4);
        Recipe rust = recipe("surface-rust"); // its figures are for one square metre
        double millilitres = rust.steps().stream()
                .mapToDouble(s -> amount(s, "epoxy-primer"))
                .sum();
        assertThat(millilitres).isCloseTo(1000 / squareMetresOfALitre, withPercentage(30));
    }

    /** One and a half fillings of the circuit run through it before the new fluid comes clear: 0.5 to 0.6 l hold most cars' (common practice, no source). */
    @Test
    void brakeFluidRunsThroughOnceAndAHalf() {
        assertThat(amount(shared("brake-bleed").step(), "brake-fluid-tin")).isBetween(750.0, 900.0);
    }

    private static Recipe recipe(String id) {
        return ThingRecipes.RECIPES.all().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static SharedWork shared(String id) {
        return ThingRecipes.RECIPES.sharedWork().stream()
                .filter(w -> w.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double amount(Recipe.Step step, String consumable) {
        return step.needs().stream()
                .filter(n -> n.item().filter(consumable::equals).isPresent())
                .mapToInt(Recipe.NeedTemplate::quantity)
                .sum();
    }
}
