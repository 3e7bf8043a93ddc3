package ofisino.server.plan;

import ofisino.core.plan.recipe.Recipes;
import ofisino.server.identity.Caller;

/** The door to how a garage repairs things: the recipes that ship, and its own. */
public interface GarageRecipes {
    Recipes of(Caller caller);
}
