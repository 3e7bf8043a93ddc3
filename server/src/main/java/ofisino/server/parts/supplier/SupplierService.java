package ofisino.server.parts.supplier;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.Weekdays;
import ofisino.core.parts.basket.Levies;
import ofisino.core.parts.order.ReturnWindow;
import ofisino.core.parts.order.SellerRecord;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Purchases;
import ofisino.server.parts.Purchases.Purchase;
import ofisino.server.parts.Suppliers;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Who parts and services come from. */
@Service
record SupplierService(SupplierMapper mapper, Purchases purchases, Garages garages) implements Suppliers {
    @Override
    public List<Supplier> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    Supplier add(Caller caller, UUID id, String name, String currency, String note) {
        var supplier = new Supplier(
                id,
                Texts.line("name", name),
                Currencies.of("currency", currency).getCode(),
                Texts.note("note", note),
                Weekdays.ALL,
                false,
                "",
                0,
                ParcelTerms.UNKNOWN);
        mapper.insert(caller.garageId(), supplier);
        return supplier;
    }

    @Override
    public void note(Caller caller, UUID id, String name, String currency, ParcelTerms parcel) {
        add(caller, id, name, currency, "");
        putParcel(caller, id, parcel, 0);
    }

    void putOpenOn(Caller caller, UUID id, Weekdays openOn, long version) {
        Stored.notStale(mapper.putOpenOn(caller.garageId(), id, openOn, version), "supplier", () -> find(caller, id));
    }

    void putParcel(Caller caller, UUID id, ParcelTerms said, long version) {
        Supplier supplier = find(caller, id);
        CurrencyUnit currency = Currencies.of("currency", supplier.currency());
        new Levies(said.dutyPerMille(), said.taxPerMille());
        amount("postMinor", currency, said.postMinor());
        if (said.freeFromMinor() != null) amount("freeFromMinor", currency, said.freeFromMinor());
        if (said.returnDays() != null) new ReturnWindow(LocalDate.EPOCH, said.returnDays());
        if (said.rate() != null) new ExchangeRate(currency, garages.baseCurrency(caller), said.rate(), LocalDate.EPOCH);
        Stored.notStale(mapper.putParcel(caller.garageId(), id, said, version), "supplier", () -> find(caller, id));
    }

    void putAvoid(Caller caller, UUID id, boolean avoid, @Nullable String reason, long version) {
        String why = avoid ? Texts.line("reason", reason) : "";
        Stored.notStale(
                mapper.putAvoid(caller.garageId(), id, avoid, why, version), "supplier", () -> find(caller, id));
    }

    /** By supplier from whom something was ordered. */
    Map<UUID, SellerRecord> records(Caller caller) {
        return purchases.all(caller).stream()
                .collect(Collectors.groupingBy(
                        Purchase::supplierId,
                        Collectors.collectingAndThen(
                                Collectors.mapping(Purchase::dealt, Collectors.toList()), SellerRecord::of)));
    }

    private static void amount(String field, CurrencyUnit currency, long minor) {
        if (minor < 0)
            throw InvalidValue.at(
                    field, "supplier.post", "Post cannot cost less than nothing.", "Enter 0 if it is free.");
        Currencies.minor(field, currency, minor);
    }

    private Supplier find(Caller caller, UUID id) {
        return Stored.require(
                all(caller).stream().filter(s -> s.id().equals(id)).findFirst(), "supplier", id);
    }

    @Override
    public Weekdays openOn(Caller caller) {
        return all(caller).stream().map(Supplier::openOn).reduce(Weekdays::or).orElse(Weekdays.ALL);
    }
}
