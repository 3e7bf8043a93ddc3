package ofisino.server.identity.garage;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import ofisino.core.kernel.Currencies;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.identity.garage.GarageMapper.GarageRow;
import ofisino.server.identity.garage.GarageMapper.GarageSettings;
import ofisino.server.identity.garage.GarageMapper.MemberRow;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.OWNER)
@RequestMapping("/api/garage")
record GarageController(GarageService service) {
    record GarageRequest(@JsonUnwrapped GarageSettings settings, long version) {}

    record GarageResponse(@JsonUnwrapped GarageRow garage, List<MemberRow> members) {}

    /** @param digits after the point: its minor unit is the tenth to this power */
    record CurrencyResponse(String code, int digits) {}

    @GetMapping("/currencies")
    List<CurrencyResponse> currencies() {
        return Currencies.all().stream()
                .map(unit -> new CurrencyResponse(unit.getCode(), unit.getDecimalPlaces()))
                .toList();
    }

    @GetMapping
    GarageResponse get(Caller caller) {
        return response(caller, service.find(caller));
    }

    @PutMapping
    GarageResponse change(Caller caller, @RequestBody GarageRequest body) {
        return response(caller, service.change(caller, body.settings(), body.version()));
    }

    private GarageResponse response(Caller caller, GarageRow garage) {
        return new GarageResponse(garage, service.members(caller));
    }
}
