package ofisino.server.vehicle.reading;

import java.util.Arrays;
import java.util.List;
import ofisino.core.vehicle.reading.Unit;
import ofisino.server.identity.Roles;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Units, so that each person may read in those that they are used to. */
@RestController
@Roles
@RequestMapping("/api/units")
class UnitController {
    /**
     * A unit as a straight line of its base unit.
     *
     * @param factor how much one step of it is in the base unit
     * @param zero   what 0 of it is in the base unit
     */
    record UnitResponse(Unit unit, Unit base, double factor, double zero) {
        private static UnitResponse of(Unit u) {
            return new UnitResponse(u, u.base(), u.factor(), u.zero());
        }
    }

    @GetMapping
    List<UnitResponse> all() {
        return Arrays.stream(Unit.values()).map(UnitResponse::of).toList();
    }
}
