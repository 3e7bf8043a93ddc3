package ofisino.server.identity.garage;

import java.util.List;
import ofisino.core.kernel.Currencies;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.identity.garage.GarageMapper.GarageRow;
import ofisino.server.identity.garage.GarageMapper.MemberRow;
import ofisino.server.identity.garage.GarageMapper.Units;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.OWNER)
@RequestMapping("/api/garage")
class GarageController {
    private final GarageService service;

    GarageController(GarageService service) {
        this.service = service;
    }

    record GarageRequest(
            String name,
            String zone,
            String locale,
            Units units,
            @Nullable Long workshopHourMinor,
            @Nullable Long commonMonthlyMinor,
            long version) {}

    record GarageResponse(
            String name,
            String baseCurrency,
            String zone,
            String locale,
            Units units,
            @Nullable Long workshopHourMinor,
            @Nullable Long commonMonthlyMinor,
            long version,
            List<MemberRow> members) {}

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
        return response(
                caller,
                service.change(
                        caller,
                        body.name(),
                        body.zone(),
                        body.locale(),
                        body.units(),
                        body.workshopHourMinor(),
                        body.commonMonthlyMinor(),
                        body.version()));
    }

    private GarageResponse response(Caller caller, GarageRow garage) {
        return new GarageResponse(
                garage.name(),
                garage.baseCurrency(),
                garage.zone(),
                garage.locale(),
                garage.units(),
                garage.workshopHourMinor(),
                garage.commonMonthlyMinor(),
                garage.version(),
                service.members(caller));
    }
}
