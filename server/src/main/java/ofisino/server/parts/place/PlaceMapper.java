package ofisino.server.parts.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface PlaceMapper {
    List<PlaceRow> all(UUID garageId);

    Optional<PlaceRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, PlaceRow place);

    int update(UUID garageId, PlaceRow place);

    List<LabelledRow> labelled(UUID garageId, String code);

    enum PlaceKind {
        SHELF,
        BENCH,
        BAY,
        BOX,
        BAG,
        AWAY
    }

    enum Labelled {
        PLACE,
        JOB,
        /** Stuck on a plug, a bag or a piece. */
        LABEL
    }

    /**
     * @param room     for so many jobs at once
     * @param usableOn days on which it can be used: a bay that is lent on Saturdays
     * @param within   the place that it is in: a box on a shelf
     * @param parts    how many things lie there: parts that are kept for a job, and what is on the shelf
     */
    record PlaceRow(
            UUID id,
            String code,
            String name,
            PlaceKind kind,
            int room,
            Weekdays usableOn,
            @Nullable UUID within,
            int parts,
            long version) {
        /** One can work there; the others only hold things. */
        public boolean isToWorkIn() {
            return kind == PlaceKind.BAY || kind == PlaceKind.BENCH || kind == PlaceKind.AWAY;
        }
    }

    record LabelledRow(Labelled what, UUID id, String name) {}
}
