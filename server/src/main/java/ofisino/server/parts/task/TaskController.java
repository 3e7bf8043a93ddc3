package ofisino.server.parts.task;

import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.PartTasks;
import ofisino.server.parts.PartTasks.PartsNow;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/parts/tasks")
record TaskController(PartTasks tasks) {
    /** What is to be done about parts, the most pressing first. */
    @GetMapping
    PartsNow of(Caller caller, @PathVariable UUID projectId) {
        return tasks.of(caller, projectId);
    }
}
