package ofisino.server.plan.access;

import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.access.WayIn;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface AccessMapper {
    /** Of all jobs of a project, in the order of the work. */
    List<JobWayRow> jobWays(UUID garageId, UUID projectId);

    void insertJobWay(UUID garageId, JobWayRow row);

    void deleteJobWays(UUID garageId, UUID jobId);

    int moveStay(UUID garageId, UUID jobId, String wayIn, UUID stay);

    /** Those that anything recorded of a project is about. */
    List<String> waysUsed(UUID garageId, UUID projectId);

    List<OpeningRow> openings(UUID garageId, UUID projectId);

    Optional<OpeningRow> findOpening(UUID garageId, UUID id);

    void insertOpening(UUID garageId, UUID projectId, OpeningRow opening);

    int updateOpening(UUID garageId, OpeningRow opening);

    List<OwnWayRow> ownWays(UUID garageId, UUID projectId);

    void insertOwnWay(UUID garageId, UUID projectId, OwnWayRow way);

    int updateOwnWay(UUID garageId, UUID projectId, OwnWayRow way);

    /** @param direct the job needs it itself, not only another way in */
    record JobWayRow(UUID jobId, String wayIn, boolean direct, UUID stay) {}

    /** @param confirmed interlocks that somebody made sure of before it was opened */
    record OpeningRow(
            UUID id,
            String wayIn,
            LocalDate openedOn,
            @Nullable Instant openedAt,
            @Nullable LocalDate closedOn,
            boolean temporary,
            String supportPoints,
            List<String> confirmed,
            long version) {
        OpeningRow closed(LocalDate on, boolean forNow, long known) {
            return new OpeningRow(id, wayIn, openedOn, openedAt, on, forNow, supportPoints, confirmed, known);
        }
    }

    /** @param rolls the car can still be pushed while it is open */
    record OwnWayRow(
            String wayIn,
            String name,
            List<String> needs,
            int stripMinutes,
            int refitMinutes,
            int people,
            boolean rolls,
            long version) {
        WayIn toCore(Optional<WayIn> usual) {
            return new WayIn(
                    wayIn,
                    name,
                    Set.copyOf(needs),
                    stripMinutes,
                    refitMinutes,
                    people,
                    usual.flatMap(WayIn::drained),
                    excludes(usual),
                    usual.map(WayIn::usesUp).orElse(List.of()),
                    usual.map(WayIn::reaches).orElse(Set.of()),
                    usual.map(WayIn::touches).orElse(EnumSet.allOf(VehicleSystem.class)),
                    usual.map(WayIn::cautions).orElse(rolls ? Set.of() : Set.of(Caution.STANDS)));
        }

        /** What the usual one excludes, save that a person says whether it still rolls. */
        private Set<CarState> excludes(Optional<WayIn> usual) {
            Set<CarState> found = EnumSet.noneOf(CarState.class);
            usual.ifPresent(u -> found.addAll(u.excludes()));
            if (rolls) found.remove(CarState.ROLLING);
            else found.add(CarState.ROLLING);
            return found;
        }
    }
}
