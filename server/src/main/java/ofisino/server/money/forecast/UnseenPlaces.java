package ofisino.server.money.forecast;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import ofisino.core.money.buying.BuyingCase.Hidden;
import ofisino.core.plan.risk.Chance;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.estimate.Estimates;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.Inspection;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** What places may hide that nobody has seen all of: parts and material, in the price of a workshop's hours. */
@Component
record UnseenPlaces(Projects projects, Inspection inspection, Estimates usual, Garages garages) {
    /** By place; nothing where nobody knows what an hour of a workshop costs. */
    Map<String, Chance> of(Caller caller, Projects.Project project) {
        Optional<Long> hour = garages.workshopHourMinor(caller);
        if (hour.isEmpty()) return Map.of();
        Body body = projects.bodyOf(project);
        Map<String, Chance> found = new LinkedHashMap<>();
        inspection
                .unseen(caller, project.id())
                .byPlace()
                .forEach((place, unseen) -> body.zone(place)
                        .map(zone -> Hidden.at(zone, unseen.share(), usual, 0, hour.get())
                                .damage())
                        .filter(c -> c.probability() > 0)
                        .ifPresent(c -> found.put(place, c)));
        return found;
    }
}
