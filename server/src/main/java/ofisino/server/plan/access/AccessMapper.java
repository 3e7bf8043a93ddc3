package ofisino.server.plan.access;

import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.Access;
import ofisino.core.plan.access.CarState;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface AccessMapper {
    /** Of all jobs of a project, in the order of the work. */
    List<JobAccessRow> jobAccess(UUID garageId, UUID projectId);

    void insertJobAccess(UUID garageId, JobAccessRow row);

    void deleteJobAccess(UUID garageId, UUID jobId);

    int moveStripDown(UUID garageId, UUID jobId, String access, UUID stripDown);

    /** Those that anything recorded of a project is about. */
    List<String> accessesUsed(UUID garageId, UUID projectId);

    List<StripDownRow> stripDowns(UUID garageId, UUID projectId);

    Optional<StripDownRow> findStripDown(UUID garageId, UUID id);

    void insertStripDown(UUID garageId, UUID projectId, StripDownRow stripDown);

    int updateStripDown(UUID garageId, StripDownRow stripDown);

    List<OwnAccessRow> ownAccess(UUID garageId, UUID projectId);

    void insertOwnAccess(UUID garageId, UUID projectId, OwnAccessRow access);

    int updateOwnAccess(UUID garageId, UUID projectId, OwnAccessRow access);

    /** @param direct the job needs it itself, not only another access */
    record JobAccessRow(UUID jobId, String access, boolean direct, UUID stripDown) {}

    /** @param confirmed interlocks that somebody made sure of before it was opened */
    record StripDownRow(
            UUID id,
            String access,
            LocalDate openedOn,
            @Nullable Instant openedAt,
            @Nullable LocalDate closedOn,
            boolean temporary,
            String supportPoints,
            List<String> confirmed,
            long version) {
        StripDownRow closed(LocalDate on, boolean forNow, long known) {
            return new StripDownRow(id, access, openedOn, openedAt, on, forNow, supportPoints, confirmed, known);
        }
    }

    /** @param rolls the car can still be pushed while it is open */
    record OwnAccessRow(
            String access,
            String name,
            List<String> needs,
            int stripMinutes,
            int refitMinutes,
            int people,
            boolean rolls,
            long version) {
        Access toCore(Optional<Access> usual) {
            return new Access(
                    access,
                    name,
                    usual.map(Access::stripName).orElse(name),
                    usual.map(Access::refitName).orElse("Refit: " + name),
                    Set.copyOf(needs),
                    stripMinutes,
                    refitMinutes,
                    people,
                    usual.flatMap(Access::drained),
                    excludes(usual),
                    usual.map(Access::usesUp).orElse(List.of()),
                    usual.map(Access::reaches).orElse(Set.of()),
                    usual.map(Access::touches).orElse(EnumSet.allOf(VehicleSystem.class)),
                    usual.map(Access::cautions).orElse(rolls ? Set.of() : Access.UNKNOWN_CAUTIONS));
        }

        /** What the usual one excludes, save that a person says whether it still rolls. */
        private Set<CarState> excludes(Optional<Access> usual) {
            Set<CarState> found = EnumSet.noneOf(CarState.class);
            usual.ifPresent(u -> found.addAll(u.excludes()));
            if (rolls) found.remove(CarState.ROLLING);
            else found.add(CarState.ROLLING);
            return found;
        }
    }
}
