package ofisino.server.parts.need;

import java.util.List;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.consumable.Consumable;
import ofisino.core.parts.consumable.Consumables;
import ofisino.server.identity.Roles;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record ConsumableController(Consumables consumables) {
    /** @param pack how much is bought at once, in its unit */
    record ConsumableResponse(String id, String name, AmountUnit unit, int pack) {
        static ConsumableResponse of(Consumable c) {
            return new ConsumableResponse(c.id(), c.name(), c.unit(), c.pack());
        }
    }

    /** What the work uses up, and in which packs it is bought. */
    @GetMapping("/consumables")
    List<ConsumableResponse> all() {
        return consumables.all().stream().map(ConsumableResponse::of).toList();
    }
}
