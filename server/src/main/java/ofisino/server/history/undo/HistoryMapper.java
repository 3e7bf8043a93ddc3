package ofisino.server.history.undo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Role;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface HistoryMapper {
    /** The person's own latest changes that have not been taken back, newest first. */
    List<ChangeRow> latestOf(UUID garageId, UUID accountId, int most);

    /** All rows that one write changed, last change first. */
    List<HistoryRow> ofWrite(UUID garageId, UUID writeId);

    boolean isUndone(UUID garageId, UUID writeId);

    /** Which role the change asked for; empty where that is not known any more. */
    Optional<Role> roleOf(UUID garageId, UUID writeId);

    /** Whether a later change, that still stands, touched this row or points to it. */
    boolean builtUpon(UUID garageId, UUID writeId, UUID rowId, long lastId);

    /** Marks what follows in this transaction as taking back the given write. */
    void markUndo(UUID writeId);

    /** Puts all rows of a write back. @return what is no longer as the change left it, or is still used; empty where all are back */
    Optional<String> restore(UUID garageId, UUID writeId);

    enum Action {
        ADDED,
        CHANGED,
        REMOVED
    }

    /** @param title what the changed thing is called, where it has a name */
    record ChangeRow(
            UUID writeId,
            Instant at,
            String entity,
            Action action,
            @Nullable String title,
            @Nullable String state) {}

    record HistoryRow(long id, String entity, @Nullable UUID rowId) {}
}
