package ofisino.server.identity.garage;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.SpeakableCode;
import ofisino.core.kernel.Texts;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.identity.NewGarage;
import ofisino.server.identity.garage.GarageMapper.GarageRow;
import ofisino.server.identity.garage.GarageMapper.GarageSettings;
import ofisino.server.identity.garage.GarageMapper.MemberRow;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The settings of a garage. Its base currency is chosen once: every amount that was converted depends on it. */
@Service
record GarageService(GarageMapper mapper) implements Garages, NewGarage {
    @Override
    public void create(UUID id, String name, String baseCurrency, String zone, String locale) {
        mapper.insert(new GarageRow(
                id,
                Currencies.of("baseCurrency", baseCurrency).getCode(),
                0,
                new GarageSettings(
                        Texts.line("garageName", name), zoneOf(zone).getId(), localeOf(locale), null, null)));
    }

    GarageRow find(Caller caller) {
        return Stored.require(mapper.find(caller.garageId()), "garage", caller.garageId());
    }

    List<MemberRow> members(Caller caller) {
        return mapper.members(caller.garageId());
    }

    GarageRow change(Caller caller, GarageSettings said, long version) {
        GarageRow stored = find(caller);
        var changed = new GarageRow(
                stored.id(),
                stored.baseCurrency(),
                version,
                new GarageSettings(
                        Texts.line("name", said.name()),
                        zoneOf(said.zone()).getId(),
                        localeOf(said.locale()),
                        hourRate(stored, said.workshopHourMinor()),
                        purse(stored, said.commonMonthlyMinor())));
        Stored.notStale(mapper.update(changed), "garage", () -> find(caller));
        return find(caller);
    }

    private static @Nullable Long hourRate(GarageRow garage, @Nullable Long minor) {
        if (minor != null && minor <= 0)
            throw InvalidValue.at(
                    "workshopHour",
                    "workshop-hour.none",
                    "An hour at a workshop costs more than 0.",
                    "Leave it empty if you do not know.");
        return minor == null
                ? null
                : Currencies.minor("workshopHour", CurrencyUnit.of(garage.baseCurrency()), minor)
                        .getAmountMinorLong();
    }

    private static @Nullable Long purse(GarageRow garage, @Nullable Long minor) {
        if (minor != null && minor < 0)
            throw InvalidValue.at(
                    "commonMonthly",
                    "common-purse.negative",
                    "The amount cannot be negative.",
                    "Leave it empty if each car has a purse of its own.");
        return minor == null
                ? null
                : Currencies.minor("commonMonthly", CurrencyUnit.of(garage.baseCurrency()), minor)
                        .getAmountMinorLong();
    }

    private static ZoneId zoneOf(String zone) {
        try {
            return ZoneId.of(zone == null ? "" : zone.strip());
        } catch (DateTimeException unknown) {
            throw InvalidValue.at(
                    "zone", "zone.unknown", "“%s” is no time zone.", "Write it like Europe/Vienna.", zone);
        }
    }

    private static String localeOf(String locale) {
        if (locale == null || !locale.matches("[a-z]{2}(-[A-Z]{2})?"))
            throw InvalidValue.at(
                    "locale", "locale.unknown", "“%s” is no language setting.", "Write it like en-GB.", locale);
        return locale;
    }

    @Override
    public CurrencyUnit baseCurrency(Caller caller) {
        return CurrencyUnit.of(find(caller).baseCurrency());
    }

    @Override
    public ZoneId zone(Caller caller) {
        return ZoneId.of(find(caller).settings().zone());
    }

    @Override
    public Optional<Long> workshopHourMinor(Caller caller) {
        return Optional.ofNullable(find(caller).settings().workshopHourMinor());
    }

    @Override
    public Optional<Long> commonMonthlyMinor(Caller caller) {
        return Optional.ofNullable(find(caller).settings().commonMonthlyMinor());
    }

    @Override
    public SpeakableCode nextLabel(Caller caller) {
        return SpeakableCode.ofNumber(mapper.takeLabel(caller.garageId()));
    }

    @Override
    public String nameOf(Caller caller, UUID accountId) {
        return mapper.nameOf(caller.garageId(), accountId).orElse("");
    }
}
