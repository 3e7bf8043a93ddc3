package ofisino.server.vehicle;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.finding.DoubtfulParts;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to projects. */
public interface Projects {
    /** @throws ofisino.core.kernel.NotFound when the garage has no such project */
    Project require(Caller caller, UUID projectId);

    /** @throws ofisino.core.kernel.Conflict when the project is finished, sold or scrapped */
    Project requireOpen(Caller caller, UUID projectId);

    /** Those that are worked on, in the order in which they have evenings, places and a common purse. */
    List<Project> inHand(Caller caller);

    Body bodyOf(Project project);

    /** It is to go so far from now on, and no further. */
    void aimAt(Caller caller, UUID projectId, Aim aim);

    /** Once bought, it is worked on; what was looked at and found stays as it is. */
    void activate(Caller caller, UUID projectId);

    /** It is somebody else's now: its records stay as they are. */
    void sold(Caller caller, UUID projectId);

    /** One that is finished is worked on again, or sold. */
    void reopen(Caller caller, UUID projectId);

    enum State {
        LOOKING,
        ACTIVE,
        RESTING,
        FINISHED,
        SOLD,
        SCRAPPED;

        /** It is here no more. */
        public boolean isGone() {
            return this == SOLD || this == SCRAPPED;
        }

        public boolean isOver() {
            return this == FINISHED || this == SOLD || this == SCRAPPED;
        }
    }

    enum DriverSide {
        LEFT,
        RIGHT,
        NONE
    }

    /** @param ownPace its plan reckons with the hours that its person really takes */
    record Project(
            UUID id,
            UUID vehicleId,
            String vehicleName,
            BodyStyle bodyStyle,
            int builtYear,
            Layout layout,
            DriverSide driverSide,
            String identity,
            String note,
            Aim aim,
            State state,
            DoubtfulParts doubtfulParts,
            long budgetMinor,
            long monthlyMinor,
            @Nullable LocalDate targetOn,
            LocalDate begunOn,
            boolean ownPace,
            long version) {
        public Make make() {
            return new Make(bodyStyle, builtYear, layout);
        }
    }
}
