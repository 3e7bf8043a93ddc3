package ofisino.server.parts.basket;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ofisino.core.parts.donor.NotFromDonors;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.parts.Sources;
import ofisino.server.parts.Sources.PartSource;
import ofisino.server.parts.Suppliers;
import ofisino.server.vehicle.Anatomies;
import org.springframework.stereotype.Service;

/** Gathers what is to be bought for a project and what is offered for it. What is still to be looked into is bought when it is known. */
@Service
record ShoppingToState(
        Needs needs,
        Sources sources,
        Suppliers suppliers,
        PartsInPlan inPlan,
        Anatomies anatomies,
        NotFromDonors notFromDonors,
        Garages garages,
        Clock clock) {
    StatedShopping of(Caller caller, UUID projectId) {
        return of(caller, projectId, part -> true, offer -> true);
    }

    /** Offers of one kind alone, for what may be of that kind without anybody looking at it. */
    StatedShopping of(Caller caller, UUID projectId, SupplyKind kind) {
        return of(
                caller,
                projectId,
                part -> notFromDonors.allowsUnseen(kind, part),
                offer -> offer.said().kind() == kind);
    }

    private StatedShopping of(
            Caller caller, UUID projectId, Predicate<Optional<Component>> which, Predicate<PartSource> whose) {
        Map<UUID, UUID> unopened = needs.unopened(caller, projectId);
        Anatomy anatomy = anatomies.of(caller, projectId);
        List<Need> wanted = needs.of(caller, projectId).stream()
                .filter(n -> !unopened.containsKey(n.id()) && which.test(part(n, anatomy)))
                .toList();
        Set<UUID> neverUsed = wanted.stream()
                .filter(n -> notFromDonors.forbids(SupplyKind.USED, part(n, anatomy)))
                .map(Need::id)
                .collect(Collectors.toSet());
        return new StatedShopping(
                wanted,
                sources.of(caller, projectId).stream().filter(whose).toList(),
                neverUsed,
                suppliers.all(caller),
                inPlan.of(caller, projectId),
                garages.baseCurrency(caller),
                today(caller),
                inPlan.hourMinor(caller));
    }

    private static Optional<Component> part(Need need, Anatomy anatomy) {
        return Optional.ofNullable(need.item()).flatMap(anatomy::find);
    }

    LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
