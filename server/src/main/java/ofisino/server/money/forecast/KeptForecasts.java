package ofisino.server.money.forecast;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import ofisino.core.money.forecast.KeptForecast;
import ofisino.core.money.forecast.KeptForecast.KeptLine;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.money.VehicleBought;
import ofisino.server.money.forecast.KeptMapper.Changed;
import ofisino.server.money.forecast.KeptMapper.KeptRow;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what each car was thought to cost, from the bid on: a day later nobody can work it out any more. */
@Component
class KeptForecasts {
    private static final Logger LOG = LoggerFactory.getLogger(KeptForecasts.class);
    /** Its own: what a reader may not see, or reads in another language, is kept as it is. */
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final KeptMapper mapper;
    private final ForecastService forecasts;
    private final boolean byItself;

    KeptForecasts(
            KeptMapper mapper, ForecastService forecasts, @Value("${ofisino.kept-forecasts:true}") boolean byItself) {
        this.mapper = mapper;
        this.forecasts = forecasts;
        this.byItself = byItself;
    }

    /** The sum of the bid: what is to be paid is drafted, the rest is what was thought of it. */
    @EventListener
    void bought(VehicleBought bought) {
        mapper.forget(bought.caller().garageId(), bought.projectId()); // of a purchase that was taken back
        keep(bought.caller(), bought.projectId());
    }

    @Scheduled(initialDelay = 2, fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
    void keepByItself() {
        if (byItself) keepWhatChanged();
    }

    void keepWhatChanged() {
        for (Changed car : mapper.changed())
            try {
                keep(new Caller(car.ownerId(), car.garageId(), Role.OWNER), car.projectId());
            } catch (RuntimeException broken) {
                LOG.warn("the forecast of {} was not kept", car.projectId(), broken);
            }
    }

    void keep(Caller caller, UUID projectId) {
        long seen = mapper.newestChange(caller.garageId());
        KeptForecast now = forecasts.today(caller, projectId);
        List<KeptForecast> before = kept(caller, projectId);
        if (isKept(before, now)) mapper.stillSo(caller.garageId(), projectId, seen);
        else mapper.keep(caller.garageId(), projectId, rowOf(now), seen);
    }

    /** It is as it was last; or it is the day of the first, which stays as where the money began. */
    private static boolean isKept(List<KeptForecast> before, KeptForecast now) {
        if (before.isEmpty()) return false;
        KeptForecast last = before.get(before.size() - 1);
        return last.lines().equals(now.lines())
                || before.size() == 1 && last.on().equals(now.on());
    }

    /** From the first to now: today as it is at this moment, beside what was kept when it was bought today. */
    List<KeptForecast> untilNow(Caller caller, UUID projectId) {
        KeptForecast now = forecasts.today(caller, projectId);
        List<KeptForecast> all = new ArrayList<>(kept(caller, projectId));
        if (all.size() > 1 && all.get(all.size() - 1).on().equals(now.on())) all.remove(all.size() - 1);
        all.add(now);
        return all;
    }

    private List<KeptForecast> kept(Caller caller, UUID projectId) {
        return mapper.kept(caller.garageId(), projectId).stream()
                .map(r -> new KeptForecast(
                        r.keptOn(), r.low(), r.high(), Arrays.asList(JSON.readValue(r.lines(), KeptLine[].class))))
                .toList();
    }

    private static KeptRow rowOf(KeptForecast k) {
        return new KeptRow(k.on(), k.lowMinor(), k.expectedMinor(), k.highMinor(), JSON.writeValueAsString(k.lines()));
    }
}
