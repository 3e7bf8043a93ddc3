package ofisino.server.history.undo;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;
import ofisino.server.history.undo.HistoryMapper.ChangeRow;
import ofisino.server.history.undo.HistoryMapper.HistoryRow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import org.springframework.stereotype.Service;

/**
 * Takes back one's own changes. Undoing is a new change in the history; nothing is ever erased from it.
 * Refused where others, or the person, have built on the change since, and for whom the change itself would be refused by now.
 */
@Service
record UndoService(HistoryMapper mapper) {
    private static final int OFFERED = 20;

    List<ChangeRow> latest(Caller caller) {
        return mapper.latestOf(caller.garageId(), caller.accountId(), OFFERED);
    }

    void undo(Caller caller, UUID writeId) {
        if (mapper.isUndone(caller.garageId(), writeId))
            throw Conflict.of("undo.done", "This was undone already.", "Reload the page.");
        if (latest(caller).stream().noneMatch(change -> change.writeId().equals(writeId)))
            throw new NotFound("change of yours among the last %d".formatted(OFFERED), writeId);
        caller.must(mapper.roleOf(caller.garageId(), writeId).orElse(Role.OWNER));
        List<HistoryRow> rows = mapper.ofWrite(caller.garageId(), writeId);
        long last = rows.get(0).id();
        for (HistoryRow row : rows)
            if (row.rowId() != null && mapper.builtUpon(caller.garageId(), writeId, row.rowId(), last))
                throw builtUpon(row.entity());
        mapper.markUndo(writeId);
        mapper.restore(caller.garageId(), writeId).ifPresent(entity -> {
            throw builtUpon(entity);
        });
    }

    private static Conflict builtUpon(String entity) {
        return Conflict.about(
                Map.of("entity", entity),
                "undo.built-upon",
                "This cannot be undone: something was built on it since.",
                "Undo that first, or change it by hand.");
    }
}
