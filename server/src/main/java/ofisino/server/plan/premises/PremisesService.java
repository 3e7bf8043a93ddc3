package ofisino.server.plan.premises;

import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.Daylight;
import ofisino.core.plan.premises.Nights;
import ofisino.core.plan.premises.NoiseHours;
import ofisino.core.plan.premises.Premises;
import ofisino.core.plan.problem.Shelf;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Places;
import ofisino.server.plan.WorkPremises;
import ofisino.server.plan.premises.PremisesController.PremisesBody;
import ofisino.server.plan.premises.PremisesController.PremisesResponse;
import ofisino.server.plan.premises.PremisesMapper.PremisesRow;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What the garage and its places allow: warmth, noise, room for what is taken off. */
@Service
class PremisesService implements WorkPremises {
    private final PremisesMapper mapper;
    private final Garages garages;
    private final Places places;
    private final Map<ZoneId, Nights> usual = new ConcurrentHashMap<>();

    PremisesService(PremisesMapper mapper, Garages garages, Places places) {
        this.mapper = mapper;
        this.garages = garages;
        this.places = places;
    }

    @Override
    public Allowed of(Caller caller) {
        Nights nights = usualNights(caller);
        List<PremisesRow> rows = mapper.all(caller.garageId());
        Optional<PremisesRow> garage =
                rows.stream().filter(r -> r.placeId() == null).findFirst();
        Map<UUID, Premises> byPlace = rows.stream()
                .filter(r -> r.placeId() != null)
                .collect(Collectors.toMap(r -> Objects.requireNonNull(r.placeId()), r -> premises(r, nights)));
        return new Allowed(
                garage.map(r -> premises(r, nights)).orElseGet(() -> Premises.unsaid(nights)),
                byPlace,
                garage.map(PremisesRow::shelf).map(OptionalInt::of).orElseGet(OptionalInt::empty));
    }

    PremisesResponse all(Caller caller) {
        return new PremisesResponse(
                mapper.all(caller.garageId()).stream()
                        .map(r -> new PremisesBody(
                                r.placeId(),
                                r.heating(),
                                r.nights().isEmpty() ? null : nights(r.nights()).celsius(),
                                noise(r).orElse(null),
                                r.shelf()))
                        .toList(),
                usualNights(caller).celsius());
    }

    void put(Caller caller, PremisesBody body) {
        mustBeToWorkIn(caller, body.placeId());
        mustBeRoom(body);
        if (body.nights() != null) new Nights(body.nights());
        mapper.put(
                caller.garageId(),
                new PremisesRow(
                        body.placeId(),
                        body.heating(),
                        body.nights() == null
                                ? List.of()
                                : body.nights().stream().map(String::valueOf).toList(),
                        body.noise() == null ? null : body.noise().fromMinute(),
                        body.noise() == null ? null : body.noise().toMinute(),
                        body.shelf()));
    }

    private void mustBeToWorkIn(Caller caller, @Nullable UUID placeId) {
        if (placeId != null && places.toWorkIn(caller).stream().noneMatch(p -> p.id().equals(placeId)))
            throw InvalidValue.at(
                    "placeId",
                    "premises.place",
                    "One cannot work in that place.",
                    "Choose a bay, a bench or one elsewhere.");
    }

    private static void mustBeRoom(PremisesBody body) {
        if (body.shelf() == null) return;
        new Shelf(body.shelf(), Map.of());
        if (body.placeId() != null)
            throw InvalidValue.at(
                    "shelf",
                    "premises.shelf",
                    "Room for what comes off is said of the garage as a whole.",
                    "Leave it empty here.");
    }

    private Nights usualNights(Caller caller) {
        return usual.computeIfAbsent(
                garages.zone(caller), zone -> Nights.usual(Daylight.in(zone).latitudeDegrees()));
    }

    private static Premises premises(PremisesRow r, Nights usual) {
        return new Premises(r.heating(), r.nights().isEmpty() ? usual : nights(r.nights()), noise(r));
    }

    private static Nights nights(List<String> degrees) {
        return new Nights(degrees.stream().map(Integer::valueOf).toList());
    }

    private static Optional<NoiseHours> noise(PremisesRow r) {
        return r.noiseFrom() == null || r.noiseTo() == null
                ? Optional.empty()
                : Optional.of(new NoiseHours(r.noiseFrom(), r.noiseTo()));
    }
}
