package ofisino.server.money.market;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.money.Entries;
import ofisino.server.money.market.MarketController.BoughtNeed;
import ofisino.server.money.market.MarketController.BoughtRequest;
import ofisino.server.parts.Deliveries;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What is bought away from home, over the counter. */
@Service
record MarketService(Projects projects, Needs needs, Deliveries deliveries, Entries entries) {
    void bought(Caller caller, UUID projectId, BoughtRequest bought) {
        projects.requireOpen(caller, projectId);
        if (bought.needs().isEmpty())
            throw InvalidValue.at("needs", "bought.nothing", "Nothing was bought.", "Tick what was.");
        List<Need> kept = bought.needs().stream()
                .map(b -> kept(caller, projectId, b, bought))
                .toList();
        if (bought.paidMinor() == 0) return;
        caller.must(Role.OWNER);
        if (bought.paidMinor() < 0 || bought.entryId() == null)
            throw InvalidValue.at(
                    "paidMinor", "bought.paid", "That is no price.", "Enter what was paid, or leave it empty.");
        entries.draftPurchase(
                caller,
                projectId,
                bought.entryId(),
                kept.get(0).title(),
                bought.boughtOn(),
                Split.byAmount(
                        bought.paidMinor(),
                        kept.stream()
                                .map(n -> new Split.Taking(Optional.ofNullable(n.jobId()), n.quantity()))
                                .toList()));
    }

    private Need kept(Caller caller, UUID projectId, BoughtNeed one, BoughtRequest bought) {
        Need need = needs.open(caller, one.needId());
        if (!need.projectId().equals(projectId)) throw new NotFound("part of this car", one.needId());
        return deliveries.had(
                caller,
                need.id(),
                one.version(),
                bought.placeId(),
                bought.matched(),
                Objects.requireNonNullElse(bought.remark(), ""));
    }
}
