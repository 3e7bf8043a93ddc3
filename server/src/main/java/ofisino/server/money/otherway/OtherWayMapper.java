package ofisino.server.money.otherway;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.server.money.otherway.OtherWayController.BareMetalFields;
import ofisino.server.money.otherway.OtherWayController.DoneByOthers;
import ofisino.server.money.otherway.OtherWayController.GivenAwayJob;
import ofisino.server.money.otherway.OtherWayController.OtherWayFields;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface OtherWayMapper {
    /** In the order in which they were thought of. */
    List<WayRow> of(UUID garageId, UUID projectId);

    List<GivenAwayRow> givenAway(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, WayRow way);

    void insertGivenAway(UUID garageId, GivenAwayRow job);

    int delete(UUID garageId, UUID projectId, UUID id);

    record WayRow(
            UUID id,
            String name,
            @Nullable Aim standard,
            int sessionsMore,
            @Nullable SupplyKind boughtAs,
            boolean bareMetal,
            @Nullable Integer stripDays,
            @Nullable Long stripMinor,
            @Nullable Integer coatDays,
            @Nullable Long coatMinor) {
        static WayRow of(OtherWayFields f) {
            Optional<DoneByOthers> strip = Optional.ofNullable(f.bareMetal()).map(BareMetalFields::strip);
            Optional<DoneByOthers> coat = Optional.ofNullable(f.bareMetal()).map(BareMetalFields::coat);
            return new WayRow(
                    f.id(),
                    Texts.line("name", f.name()),
                    f.standard(),
                    f.sessionsMore(),
                    f.boughtAs(),
                    f.bareMetal() != null,
                    strip.map(DoneByOthers::days).orElse(null),
                    strip.map(DoneByOthers::costMinor).orElse(null),
                    coat.map(DoneByOthers::days).orElse(null),
                    coat.map(DoneByOthers::costMinor).orElse(null));
        }

        OtherWayFields fields(List<GivenAwayJob> givenAway) {
            return new OtherWayFields(
                    id,
                    name,
                    standard,
                    sessionsMore,
                    boughtAs,
                    bareMetal ? new BareMetalFields(others(stripDays, stripMinor), others(coatDays, coatMinor)) : null,
                    givenAway);
        }

        private static @Nullable DoneByOthers others(@Nullable Integer days, @Nullable Long minor) {
            return days == null || minor == null ? null : new DoneByOthers(days, minor);
        }
    }

    /** @param costMinor in the base currency */
    record GivenAwayRow(UUID wayId, UUID jobId, int days, long costMinor) {}
}
