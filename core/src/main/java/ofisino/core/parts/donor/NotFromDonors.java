package ofisino.core.parts.donor;

import java.util.Collection;
import java.util.Optional;
import ofisino.core.parts.sourcing.ComponentRules;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.vehicle.anatomy.Component;

/** What nobody takes off another vehicle to fit it, from {@code not-from-donors.yaml} beside this class. */
public record NotFromDonors(ComponentRules rules) {
    /** It is bought new. What wears is too. */
    public boolean concerns(Component component) {
        return component.nature().wears() || rules.concerns(component);
    }

    /** Whether nobody buys it of that kind. @param part empty where nobody knows what it is */
    public boolean forbids(SupplyKind kind, Optional<Component> part) {
        return kind == SupplyKind.USED && part.filter(this::concerns).isPresent();
    }

    /** Whether it may be taken of that kind without anybody looking at it: used only what is known for what it is. @param part empty where nobody knows what it is */
    public boolean allowsUnseen(SupplyKind kind, Optional<Component> part) {
        return kind != SupplyKind.USED || part.isPresent() && !forbids(kind, part);
    }

    /** Reads not-from-donors.yaml. @param natures ids of all that there are @throws InvalidValue naming the entry that is wrong */
    public static NotFromDonors load(Collection<String> natures) {
        return new NotFromDonors(ComponentRules.beside(NotFromDonors.class, "not-from-donors.yaml", natures));
    }
}
