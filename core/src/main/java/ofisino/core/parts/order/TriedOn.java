package ofisino.core.parts.order;

import java.util.Collection;
import ofisino.core.parts.sourcing.ComponentRules;
import ofisino.core.vehicle.anatomy.Component;

/** What is tried on the vehicle while it may still go back, from {@code tried-on.yaml} beside this class. */
public record TriedOn(ComponentRules rules) {
    /** Holding it up, looking along its gaps, taking it away again: common practice, no source. */
    public static final int USUAL_MINUTES = 45;

    /** Only on the vehicle it shows whether such a thing fits. */
    public boolean concerns(Component component) {
        return rules.concerns(component);
    }

    /** Reads tried-on.yaml. @param natures ids of all that there are @throws InvalidValue naming the entry that is wrong */
    public static TriedOn load(Collection<String> natures) {
        return new TriedOn(ComponentRules.beside(TriedOn.class, "tried-on.yaml", natures));
    }
}
