package ofisino.server.parts.search;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import ofisino.core.parts.sourcing.PartSearch;
import ofisino.core.parts.sourcing.PartSearch.Missing;
import ofisino.core.parts.sourcing.WayOut;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface SearchMapper {
    List<SearchRow> of(UUID garageId, UUID projectId);

    void put(UUID garageId, SearchRow search);

    void delete(UUID garageId, UUID needId);

    /** @param words with a blank between them; each stands somewhere in the note */
    List<InterchangeRow> interchange(UUID garageId, String words);

    Optional<InterchangeRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, InterchangeRow note);

    int update(UUID garageId, InterchangeRow note);

    int deleteNote(UUID garageId, UUID id);

    /** @param lookedAt where, and what was there */
    record SearchRow(
            UUID needId, Missing why, @Nullable Long mostMinor, LocalDate lookedOn, String lookedAt, WayOut wayOut) {
        PartSearch toCore() {
            return new PartSearch(
                    why, mostMinor == null ? OptionalLong.empty() : OptionalLong.of(mostMinor), lookedOn, wayOut);
        }
    }

    /** @param fitsFrom another model of which it fits @param change what has to be done to it @param toldBy who says so @param tried fitted here, and it fits */
    record InterchangeRow(
            UUID id, String part, String fitsFrom, String change, String toldBy, boolean tried, long version) {}
}
