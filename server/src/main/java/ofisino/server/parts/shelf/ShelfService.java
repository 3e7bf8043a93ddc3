package ofisino.server.parts.shelf;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.shelf.Condition;
import ofisino.core.parts.shelf.Fate;
import ofisino.core.parts.shelf.Stock;
import ofisino.core.parts.shelf.StockMove;
import ofisino.core.parts.shelf.StockMove.MoveKind;
import ofisino.core.parts.shelf.StockOrigin;
import ofisino.core.parts.shelf.Thing;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.server.db.Stored;
import ofisino.server.db.Words;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.CalledComponents;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.Shelf;
import ofisino.server.parts.shelf.ShelfController.Counted;
import ofisino.server.parts.shelf.ShelfController.Decided;
import ofisino.server.parts.shelf.ShelfController.FitResponse;
import ofisino.server.parts.shelf.ShelfController.FromStockRequest;
import ofisino.server.parts.shelf.ShelfController.SeveralResponse;
import ofisino.server.parts.shelf.ShelfController.ShelfResponse;
import ofisino.server.parts.shelf.ShelfController.StockFields;
import ofisino.server.parts.shelf.ShelfController.StockMoveRequest;
import ofisino.server.parts.shelf.ShelfController.StockResponse;
import ofisino.server.parts.shelf.ShelfMapper.MoveRow;
import ofisino.server.parts.shelf.ShelfMapper.StockRow;
import ofisino.server.parts.shelf.ShelfMapper.StockSaid;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What lies in the garage. What comes and goes is kept, and adds up to what is there. */
@Service
record ShelfService(
        ShelfMapper mapper, Needs needs, CalledComponents called, Projects projects, Garages garages, Clock clock)
        implements Shelf {
    /** Nobody reads on; he types another word. */
    private static final int MOST = 200;

    ShelfResponse search(Caller caller, String q) {
        String words = Words.literally(q);
        List<StockRow> found = mapper.search(caller.garageId(), words, MOST + 1);
        return new ShelfResponse(
                found.stream().limit(MOST).map(StockResponse::of).toList(),
                found.size() > MOST,
                mapper.low(caller.garageId()).stream().map(StockResponse::of).toList(),
                Thing.several(found.stream().map(StockRow::thing).toList()).stream()
                        .map(s -> new SeveralResponse(
                                s.best().id(),
                                s.others().stream().map(Thing::id).toList()))
                        .toList());
    }

    List<MoveRow> moves(Caller caller, UUID id) {
        return mapper.moves(caller.garageId(), find(caller, id).id());
    }

    List<FitResponse> fits(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        List<StockRow> all = mapper.all(caller.garageId());
        return needs.of(caller, projectId).stream()
                .filter(n -> n.state().isOrderable())
                .flatMap(n -> all.stream()
                        .filter(row -> row.thing().serves(n.part(), n.unit()))
                        .map(row -> new FitResponse(
                                n.id(), row.id(), row.quantity(), row.said().condition(), row.placeCode())))
                .toList();
    }

    StockRow add(Caller caller, UUID id, UUID moveId, int quantity, StockFields fields) {
        var move = new StockMove(MoveKind.IN, quantity);
        Stock fresh = new Stock(0, OptionalInt.empty(), 0, 0).after(move);
        StockSaid said = checked(caller, fields, Optional.empty());
        put(caller, new StockRow(id, fresh.pieces(), 0, worth(caller, fields, 0), null, null, null, 0, said), moveId);
        return find(caller, id);
    }

    private void put(Caller caller, StockRow row, UUID moveId) {
        mapper.insert(caller.garageId(), row);
        mapper.insertMove(
                caller.garageId(),
                row.id(),
                new MoveRow(moveId, MoveKind.IN, row.quantity(), null, today(caller), "", 0));
    }

    @Override
    public void leftOver(Caller caller, Need of, UUID placeId, int pieces, long costMinor) {
        var said = new StockSaid(
                of.projectId(),
                of.item(),
                of.title(),
                of.side(),
                of.unit(),
                null,
                placeId,
                Condition.NEW,
                StockOrigin.LEFT_OVER,
                "",
                Fate.KEEP,
                null,
                null,
                "");
        Stock there = new Stock(pieces, OptionalInt.empty(), costMinor, costMinor);
        put(
                caller,
                new StockRow(
                        UUID.randomUUID(),
                        there.pieces(),
                        there.costMinor(),
                        there.worthMinor(),
                        null,
                        null,
                        null,
                        0,
                        said),
                UUID.randomUUID());
    }

    @Override
    public void takeOff(Caller caller, DonorPiece piece) {
        Optional<Component> component = called.of(caller, piece.projectId(), piece.title());
        var said = new StockSaid(
                piece.projectId(),
                component.map(Component::id).orElse(null),
                Texts.line("title", piece.title()),
                piece.side(),
                AmountUnit.PIECE,
                null,
                piece.placeId(),
                piece.condition()
                        .presumed(
                                StockOrigin.DONOR,
                                component.filter(c -> c.nature().wears()).isPresent()),
                StockOrigin.DONOR,
                "",
                Fate.UNDECIDED,
                null,
                null,
                "");
        Stock there = new Stock(0, OptionalInt.empty(), 0, 0).after(new StockMove(MoveKind.IN, piece.quantity()));
        put(
                caller,
                new StockRow(piece.id(), there.pieces(), 0, piece.worthMinor(), null, null, null, 0, said),
                piece.moveId());
    }

    StockRow change(Caller caller, UUID id, StockFields fields, long version) {
        StockRow row = at(caller, id, version);
        var core = row.toCore();
        StockSaid said = checked(caller, fields, Optional.of(row.said()));
        var changed = new StockRow(
                id,
                core.pieces(),
                core.costMinor(),
                worth(caller, fields, core.worthMinor()),
                null,
                null,
                null,
                version,
                said);
        changed.toCore();
        return save(caller, changed);
    }

    StockRow move(Caller caller, UUID id, StockMoveRequest wish) {
        StockRow row = at(caller, id, wish.version());
        if (wish.kind() != MoveKind.SOLD && wish.kind() != MoveKind.SCRAPPED)
            throw InvalidValue.at(
                    "kind", "stock.kind", "That is not how it goes.", "Say that it was sold or thrown away.");
        if (row.said().replacedBy() != null && !mapper.isReplaced(caller.garageId(), id))
            throw Conflict.of(
                    "stock.keep",
                    "“%s” is the pattern for what takes its place.",
                    "Keep it until the new part is fitted and verified.",
                    row.said().title());
        return moved(
                caller,
                row,
                StockMove.out(wish.kind(), wish.pieces()),
                new MoveRow(
                        wish.id(),
                        wish.kind(),
                        -wish.pieces(),
                        null,
                        today(caller),
                        Texts.optionalLine("note", wish.note()),
                        proceeds(caller, wish)));
    }

    private long proceeds(Caller caller, StockMoveRequest wish) {
        if (wish.proceedsMinor() == null || !caller.seesMoney()) return 0;
        if (wish.proceedsMinor() < 0 || wish.kind() != MoveKind.SOLD)
            throw InvalidValue.at(
                    "proceedsMinor", "stock.proceeds", "Only what is sold brings money.", "Leave the amount empty.");
        return Currencies.minor("proceedsMinor", garages.baseCurrency(caller), wish.proceedsMinor())
                .getAmountMinorLong();
    }

    void count(Caller caller, Counted said) {
        StockRow row = at(caller, said.stockId(), said.version());
        if (said.found() < 0)
            throw InvalidValue.at(
                    "found", "stock.range", "Less than none cannot be there.", "Enter how many you found.");
        row.toCore()
                .counted(said.found())
                .ifPresent(move -> moved(
                        caller,
                        row,
                        move,
                        new MoveRow(said.id(), move.kind(), move.pieces(), null, today(caller), "", 0)));
    }

    void decide(Caller caller, Decided said) {
        Stored.notStale(
                mapper.decide(caller.garageId(), said.stockId(), said.fate(), said.version()),
                "thing",
                () -> StockResponse.of(find(caller, said.stockId())));
    }

    private StockRow moved(Caller caller, StockRow row, StockMove move, MoveRow kept) {
        StockRow after = save(caller, row.with(row.toCore().after(move)));
        mapper.insertMove(caller.garageId(), row.id(), kept);
        return after;
    }

    /** As many as the job needs, or as there are: then the rest is still needed. */
    Need draw(Caller caller, UUID needId, FromStockRequest wish) {
        Need need = needs.open(caller, needId);
        Stored.notStale(need.version() == wish.version() ? 1 : 0, "part", () -> need);
        need.mustBeCompared(wish.matched());
        StockRow row = find(caller, wish.stockId());
        if (row.said().unit() != need.unit() || row.said().side() != need.side())
            throw InvalidValue.at(
                    "stockId",
                    "stock.other",
                    "“%s” is not the same: another side, or counted in another way.",
                    "Choose a thing of the same side.",
                    row.said().title());
        need.state().to(NeedState.ACCEPTED, need.title());
        int taken = Math.min(need.quantity(), row.quantity());
        moved(
                caller,
                row,
                StockMove.out(MoveKind.DRAWN, taken),
                new MoveRow(wish.moveId(), MoveKind.DRAWN, -taken, needId, today(caller), "", 0));
        Need here = need;
        if (taken < need.quantity()) {
            needs.splitOff(caller, need, UUID.randomUUID(), need.quantity() - taken);
            here = needs.open(caller, needId);
        }
        return needs.save(
                caller, here.in(NeedState.ACCEPTED, "", row.said().placeId(), here.arrivedOn(), here.version()));
    }

    private StockSaid checked(Caller caller, StockFields f, Optional<StockSaid> stored) {
        if (f.projectId() != null) projects.require(caller, f.projectId());
        if (f.lowMark() != null) new Stock(0, OptionalInt.of(f.lowMark()), 0, 0);
        if (f.replacedBy() != null) needs.open(caller, f.replacedBy());
        return new StockSaid(
                f.projectId(),
                stored.map(StockSaid::item).orElseGet(() -> itemOf(caller, f)),
                Texts.line("title", f.title()),
                f.side() == null ? Side.NONE : f.side(),
                stored.map(StockSaid::unit).orElse(f.unit() == null ? AmountUnit.PIECE : f.unit()),
                f.lowMark(),
                f.placeId(),
                f.condition() == null ? Condition.UNKNOWN : f.condition(),
                f.origin() == null ? StockOrigin.GIVEN : f.origin(),
                Texts.note("note", f.note()),
                f.fate() == null ? Fate.UNDECIDED : f.fate(),
                f.replacedBy(),
                caller.seesMoney()
                        ? f.askingMinor()
                        : stored.map(StockSaid::askingMinor).orElse(null),
                Texts.optionalLine("buyer", f.buyer()));
    }

    private @Nullable String itemOf(Caller caller, StockFields f) {
        if (f.projectId() == null) return null;
        return called.of(caller, f.projectId(), f.title()).map(Component::id).orElse(null);
    }

    /** Who does not see amounts does not change them either. */
    private long worth(Caller caller, StockFields f, long stored) {
        if (!caller.seesMoney() || f.worthMinor() == null) return stored;
        return Currencies.minor("worthMinor", garages.baseCurrency(caller), f.worthMinor())
                .getAmountMinorLong();
    }

    private StockRow at(Caller caller, UUID id, long version) {
        StockRow row = find(caller, id);
        Stored.notStale(row.version() == version ? 1 : 0, "thing", () -> StockResponse.of(row));
        return row;
    }

    private StockRow save(Caller caller, StockRow changed) {
        Stored.notStale(
                mapper.update(caller.garageId(), changed), "thing", () -> StockResponse.of(find(caller, changed.id())));
        return find(caller, changed.id());
    }

    private StockRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "thing", id);
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
