package ofisino.server.vehicle.secondlook;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.secondlook.SecondLookMapper.LookRow;
import org.springframework.stereotype.Service;

/** Findings looked at again on a later visit. A look never closes a finding: that takes a verified job, or a withdrawal. */
@Service
record SecondLookService(SecondLookMapper mapper, Findings findings, Projects projects) {
    List<LookRow> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    void look(Caller caller, LookRow look) {
        Finding finding = findings.require(caller, look.findingId());
        projects.requireOpen(caller, finding.projectId());
        if (finding.state().isOver())
            throw Conflict.of("second-look.over", "This finding is closed.", "Open it again to compare it.");
        mapper.insert(
                caller.garageId(),
                new LookRow(
                        look.id(),
                        look.findingId(),
                        look.lookedOn(),
                        look.compared(),
                        Texts.note("note", look.note()),
                        null));
    }
}
