package ofisino.server.plan.premises;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.premises.Heating;
import ofisino.core.plan.premises.NoiseHours;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/premises")
record PremisesController(PremisesService service) {
    /**
     * @param placeId absent for the garage itself
     * @param nights  degrees Celsius of a usual night, by month from January; absent for what is usual at that latitude
     * @param noise   absent where noise disturbs nobody
     * @param shelf   of the garage: room for what is taken off, in hundredths of a square metre; absent where nobody measured it
     */
    record PremisesBody(
            @Nullable UUID placeId,
            Heating heating,
            @Nullable List<Integer> nights,
            @Nullable NoiseHours noise,
            @Nullable Integer shelf) {}

    /** @param said of the garage and of its places @param usualNights what is assumed where no nights are given */
    record PremisesResponse(List<PremisesBody> said, List<Integer> usualNights) {}

    @GetMapping
    PremisesResponse all(Caller caller) {
        return service.all(caller);
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @RequestBody PremisesBody body) {
        service.put(caller, body);
    }
}
