package ofisino.server.money.forecast;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface KeptMapper {
    /** The oldest first. */
    List<KeptRow> kept(UUID garageId, UUID projectId);

    /** The last of a day stands for it. @param seen the newest change of the garage that it knows of */
    void keep(UUID garageId, UUID projectId, KeptRow row, long seen);

    /** It is as it was; what is newer than it was looked at. */
    void stillSo(UUID garageId, UUID projectId, long seen);

    void forget(UUID garageId, UUID projectId);

    /** Cars that are had, in garages where something changed since their money was last kept; each with an owner to ask as. */
    List<Changed> changed();

    long newestChange(UUID garageId);

    /** @param lines as JSON */
    record KeptRow(LocalDate keptOn, long low, long expected, long high, String lines) {}

    record Changed(UUID garageId, UUID projectId, UUID ownerId) {}
}
