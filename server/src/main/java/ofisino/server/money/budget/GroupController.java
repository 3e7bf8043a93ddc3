package ofisino.server.money.budget;

import java.util.List;
import java.util.UUID;
import ofisino.core.money.budget.Position;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/groups")
record GroupController(GroupService service) {
    /**
     * @param group        a system of the vehicle, or what else money is spent on
     * @param safety       a failure there hurts people at once: its money comes first
     * @param budgetMinor  null where nobody set one
     * @param position     against that budget, of 0 where there is none
     */
    record GroupPosition(
            String group,
            boolean safety,
            @Nullable Long budgetMinor,
            Position position,
            long committedMinor,
            long leftMinor,
            long overBasisPoints) {
        static GroupPosition of(String group, boolean safety, @Nullable Long budget, Position position) {
            return new GroupPosition(
                    group,
                    safety,
                    budget,
                    position,
                    position.willHaveCost(),
                    position.left(),
                    position.overBasisPoints());
        }
    }

    /** @param freeMinor of the project's budget, given to no group; below 0 where the groups have more than it @param groups where somebody's safety hangs on it first */
    record GroupsResponse(String currency, long projectBudgetMinor, long freeMinor, List<GroupPosition> groups) {}

    record GroupBudgetRequest(UUID id, long minor) {}

    @GetMapping
    GroupsResponse groups(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PutMapping("/{group}/budget")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void give(
            Caller caller,
            @PathVariable UUID projectId,
            @PathVariable String group,
            @RequestBody GroupBudgetRequest body) {
        service.give(caller, projectId, group, body);
    }

    @DeleteMapping("/{group}/budget")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBudgetBack(Caller caller, @PathVariable UUID projectId, @PathVariable String group) {
        service.takeBack(caller, projectId, group);
    }
}
