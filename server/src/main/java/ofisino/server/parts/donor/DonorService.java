package ofisino.server.parts.donor;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.parts.donor.DonorLedger;
import ofisino.core.parts.donor.NotFromDonors;
import ofisino.core.parts.shelf.Condition;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.identity.VariantPart;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.parts.Places;
import ofisino.server.parts.Shelf;
import ofisino.server.parts.Shelf.DonorPiece;
import ofisino.server.parts.donor.DonorController.DonorFields;
import ofisino.server.parts.donor.DonorController.DonorResponse;
import ofisino.server.parts.donor.DonorController.HarvestResponse;
import ofisino.server.parts.donor.DonorController.NewPieceRequest;
import ofisino.server.parts.donor.DonorController.PieceResponse;
import ofisino.server.parts.donor.DonorController.VerdictRequest;
import ofisino.server.parts.donor.DonorMapper.DonorRow;
import ofisino.server.parts.donor.DonorMapper.PieceRow;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.Variants;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is bought for its parts: each piece is a thing on the shelf, and lies on the donor until it is taken off. */
@Service
record DonorService(
        DonorMapper mapper,
        Shelf shelf,
        Places places,
        Needs needs,
        PartsInPlan inPlan,
        Variants variants,
        Anatomies anatomies,
        Consumables consumables,
        NotFromDonors notFromDonors,
        Projects projects,
        Garages garages) {
    List<DonorResponse> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(d -> response(d, mapper.pieces(caller.garageId(), d.id())))
                .toList();
    }

    private static DonorResponse response(DonorRow donor, List<PieceRow> pieces) {
        DonorLedger ledger = DonorLedger.of(
                donor.costMinor(), pieces.stream().map(PieceRow::toCore).toList());
        return new DonorResponse(
                ledger.soldMinor(),
                ledger.hopedMinor(),
                ledger.netMinor(),
                ledger.unsharedMinor(),
                (int) pieces.stream().filter(PieceRow::stillOn).count(),
                pieces.stream()
                        .map(p -> new PieceResponse(ledger.sharesMinor().get(p.stockId()), p))
                        .toList(),
                donor);
    }

    List<HarvestResponse> harvest(Caller caller, UUID projectId) {
        Anatomy anatomy = anatomies.of(caller, projectId);
        List<VariantPart> otherwise = variants.parts(caller, projectId);
        Map<UUID, List<String>> tools = inPlan.toolsToReach(caller, projectId);
        return needs.of(caller, projectId).stream()
                .filter(n -> n.state().isOrderable())
                .filter(n -> isLookedFor(n, anatomy))
                .map(n -> new HarvestResponse(
                        n.id(),
                        n.title(),
                        n.side(),
                        n.quantity(),
                        n.unit(),
                        Stream.concat(
                                        n.mustMatch().lines(),
                                        otherwise.stream()
                                                .filter(v -> v.concerns(n.title()))
                                                .map(VariantPart::difference))
                                .toList(),
                        tools.getOrDefault(n.id(), List.of()),
                        n.estimateMinor() == 0 ? null : (Long) n.estimateMinor()))
                .toList();
    }

    /** What is used up, what wears and what lives hang on is bought new. */
    private boolean isLookedFor(Need need, Anatomy anatomy) {
        if (need.item() == null) return true;
        return consumables.find(need.item()).isEmpty()
                && anatomy.find(need.item()).filter(notFromDonors::concerns).isEmpty();
    }

    void add(Caller caller, UUID projectId, UUID id, UUID placeId, DonorFields said) {
        projects.requireOpen(caller, projectId);
        DonorRow donor = checked(caller, new Fresh(id, projectId, placeId), said, 0, 0);
        places.make(caller, placeId, donor.name());
        mapper.insert(caller.garageId(), donor);
    }

    /** What goes with the shell is said, piece by piece. */
    private void mustBeStripped(Caller caller, DonorRow donor) {
        long left = mapper.pieces(caller.garageId(), donor.id()).stream()
                .filter(PieceRow::stillOn)
                .count();
        if (left > 0)
            throw Conflict.of(
                    "donor.not-stripped",
                    "%d pieces are still on “%s”.",
                    "Put each in its place, or take off the list what goes with the shell.",
                    left,
                    donor.name());
    }

    private record Fresh(UUID id, UUID projectId, UUID placeId) {}

    void change(Caller caller, UUID id, DonorFields said, long version) {
        DonorRow stored = open(caller, id);
        if (said.goneOn() != null) mustBeStripped(caller, stored);
        DonorRow changed =
                checked(caller, new Fresh(id, stored.projectId(), stored.placeId()), said, stored.costMinor(), version);
        Stored.notStale(mapper.update(caller.garageId(), changed), "donor", () -> open(caller, id));
    }

    /** @param costMinor as it stands: who does not see amounts does not change it */
    private DonorRow checked(Caller caller, Fresh its, DonorFields said, long costMinor, long version) {
        return new DonorRow(
                its.id(),
                its.projectId(),
                its.placeId(),
                said.kind(),
                Texts.line("name", said.name()),
                minor(caller, "costMinor", said.costMinor(), costMinor),
                said.boughtOn(),
                notBefore("goneBy", said.goneBy(), said.boughtOn()),
                notBefore("goneOn", said.goneOn(), said.boughtOn()),
                Texts.note("note", said.note()),
                version);
    }

    private static @Nullable LocalDate notBefore(String field, @Nullable LocalDate day, LocalDate bought) {
        if (day != null && day.isBefore(bought))
            throw InvalidValue.at(field, "donor.gone", "It cannot go before it comes.", "Correct one of the two days.");
        return day;
    }

    void piece(Caller caller, UUID donorId, NewPieceRequest said) {
        DonorRow donor = open(caller, donorId);
        if (donor.goneOn() != null)
            throw Conflict.of(
                    "donor.gone",
                    "“%s” is gone.",
                    "Put what is still here on the shelf, or correct the day on which it went.",
                    donor.name());
        long value = minor(caller, "valueMinor", said.valueMinor(), 0);
        new DonorLedger.Piece(said.id(), said.verdict(), value, 0, 0);
        shelf.takeOff(
                caller,
                new DonorPiece(
                        said.id(),
                        said.moveId(),
                        donor.projectId(),
                        donor.placeId(),
                        said.title(),
                        said.side() == null ? Side.NONE : said.side(),
                        said.quantity(),
                        said.condition() == null ? Condition.UNKNOWN : said.condition(),
                        value));
        mapper.piece(caller.garageId(), donorId, said.id(), said.verdict(), value);
    }

    void judge(Caller caller, UUID stockId, VerdictRequest said) {
        open(caller, Stored.require(mapper.donorOf(caller.garageId(), stockId), "piece", stockId));
        long value = minor(caller, "valueMinor", said.valueMinor(), 0);
        new DonorLedger.Piece(stockId, said.verdict(), value, 0, 0);
        Stored.notStale(
                mapper.judge(caller.garageId(), stockId, said.verdict(), value, said.version()),
                "piece",
                () -> Map.of("id", stockId));
    }

    private long minor(Caller caller, String field, @Nullable Long said, long stored) {
        if (!caller.seesMoney() || said == null) return stored;
        if (said < 0)
            throw InvalidValue.at(field, "donor.value", "It cannot be less than nothing.", "Enter 0 or more.");
        return Currencies.minor(field, garages.baseCurrency(caller), said).getAmountMinorLong();
    }

    private DonorRow open(Caller caller, UUID id) {
        DonorRow donor = Stored.require(mapper.find(caller.garageId(), id), "donor", id);
        projects.requireOpen(caller, donor.projectId());
        return donor;
    }
}
