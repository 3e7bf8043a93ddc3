package ofisino.server.logbook.label;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.label.LabelMapper.LabelKind;
import ofisino.server.logbook.label.LabelMapper.LabelRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Labels for plugs, bags and pieces: written before anything is undone, printed as a sheet. */
@Service
record LabelService(LabelMapper mapper, Projects projects, Garages garages, Clock clock) {
    private static final int MOST_AT_ONCE = 200;

    /** @param id made by the client @param words what it is stuck on */
    record Wanted(UUID id, String words) {}

    List<LabelRow> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    /** One label for each, with codes in the order given. */
    void make(Caller caller, UUID projectId, LabelKind kind, List<Wanted> wanted) {
        projects.requireOpen(caller, projectId);
        if (wanted.isEmpty() || wanted.size() > MOST_AT_ONCE)
            throw InvalidValue.at(
                    "labels",
                    "label.number",
                    "%2$d labels cannot be made at once.",
                    "Enter 1 to %1$d.",
                    MOST_AT_ONCE,
                    wanted.size());
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        for (Wanted w : wanted)
            mapper.insert(
                    caller.garageId(),
                    projectId,
                    new LabelRow(w.id(), kind, garages.nextLabel(caller).value(), Texts.line("words", w.words()), now));
    }
}
