package ofisino.core.plan.recipe;

import java.util.List;
import java.util.function.UnaryOperator;
import ofisino.core.kernel.Caution;

/** One of the things that are tried, one after the other, on what will not come loose. */
public record Rung(String id, Recipe.Step step, List<Caution> cautions) {
    public Rung {
        cautions = List.copyOf(cautions);
    }

    /** @param say makes of each text, in which {@code {zone}} may stand, what is read */
    public Rung said(UnaryOperator<String> say) {
        return new Rung(id, step.said(say), cautions);
    }
}
