package ofisino.server.money.forecast;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;
import ofisino.core.money.forecast.KeptForecast;
import ofisino.core.money.forecast.KeptForecast.GrowthCause;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record ForecastController(ForecastService service, KeptForecasts keptForecasts) {
    /**
     * @param about     of a finding its title, of what is forgotten its prompt, of what runs its name; else empty
     * @param findingId where it is guessed from one
     * @param setAside  a person's own sum stands for it
     */
    record ForecastLine(
            ForecastKind kind,
            String about,
            @Nullable UUID findingId,
            long lowMinor,
            long likelyMinor,
            long highMinor,
            boolean setAside) {}

    /** In so many of ten draws it costs no more. */
    record TotalInTen(long oneMinor, long fiveMinor, long eightMinor, long nineMinor) {}

    record RunningSaid(
            UUID id,
            String name,
            long perMonthMinor,
            LocalDate fromOn,
            @Nullable LocalDate untilOn) {}

    /**
     * What the whole will have cost: the sum of its lines.
     *
     * @param expectedMinor on average: what goes wrong costs more than what goes well saves
     * @param unpriced    things to buy of which nobody named a price
     * @param unestimated findings of which nobody can say what they cost: the sums are so much too low
     * @param roadUnknown what runs until the road has no end that one could reckon with
     * @param unseenPlaces how many places nobody has seen all of
     */
    record ForecastResponse(
            String currency,
            long lowMinor,
            long likelyMinor,
            long highMinor,
            long expectedMinor,
            boolean guess,
            int unpriced,
            int unestimated,
            boolean roadUnknown,
            int unseenPlaces,
            TotalInTen inTen,
            List<ForecastLine> lines,
            List<RunningSaid> running) {}

    record KeptDay(LocalDate on, long lowMinor, long expectedMinor, long highMinor) {}

    record GrownBy(GrowthCause cause, long minor) {}

    /** @param why from the day before it on */
    record GrowthStep(LocalDate on, long grownMinor, List<GrownBy> why) {}

    /**
     * What the whole was thought to cost, from the bid on.
     *
     * @param days  the last is today
     * @param why   what it grew by since the first, by cause, the most first; they sum to the difference
     * @param steps each change of it, the newest first
     */
    record GrowthResponse(String currency, List<KeptDay> days, List<GrownBy> why, List<GrowthStep> steps) {
        static GrowthResponse of(String currency, List<KeptForecast> kept) {
            List<GrowthStep> steps = new ArrayList<>();
            for (int i = kept.size() - 1; i > 0; i--) {
                KeptForecast before = kept.get(i - 1);
                KeptForecast then = kept.get(i);
                if (!then.since(before).isEmpty())
                    steps.add(new GrowthStep(
                            then.on(), then.expectedMinor() - before.expectedMinor(), why(then, before)));
            }
            return new GrowthResponse(
                    currency,
                    kept.stream()
                            .map(k -> new KeptDay(k.on(), k.lowMinor(), k.expectedMinor(), k.highMinor()))
                            .toList(),
                    why(kept.get(kept.size() - 1), kept.get(0)),
                    steps);
        }

        private static List<GrownBy> why(KeptForecast then, KeptForecast before) {
            return then.since(before).entrySet().stream()
                    .map(e -> new GrownBy(e.getKey(), e.getValue()))
                    .sorted(Comparator.comparingLong((GrownBy g) -> -Math.abs(g.minor())))
                    .toList();
        }
    }

    record AllowanceRequest(UUID id, long minor) {}

    @GetMapping("/projects/{projectId}/forecast")
    ForecastResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.answer(caller, projectId);
    }

    @GetMapping("/projects/{projectId}/forecast/growth")
    GrowthResponse growth(Caller caller, @PathVariable UUID projectId) {
        return GrowthResponse.of(service.currency(caller), keptForecasts.untilNow(caller, projectId));
    }

    /** Sets a sum aside for what is usually forgotten; 0 where nothing is to come of it. */
    @PutMapping("/projects/{projectId}/forecast/allowances/{what}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setAside(
            Caller caller,
            @PathVariable UUID projectId,
            @PathVariable String what,
            @RequestBody AllowanceRequest body) {
        service.setAside(caller, projectId, what, body.id(), body.minor());
    }

    /** The usual share again. */
    @DeleteMapping("/projects/{projectId}/forecast/allowances/{what}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void asUsual(Caller caller, @PathVariable UUID projectId, @PathVariable String what) {
        service.asUsual(caller, projectId, what);
    }

    @PostMapping("/projects/{projectId}/running-costs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addRunning(Caller caller, @PathVariable UUID projectId, @RequestBody RunningSaid body) {
        service.addRunning(caller, projectId, body);
    }

    @DeleteMapping("/running-costs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeRunning(Caller caller, @PathVariable UUID id) {
        service.removeRunning(caller, id);
    }
}
