package ofisino.core.roadready.gate;

import java.io.Reader;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;

/** The proofs that ship with Ofisino, from {@code proofs.yaml}, which explains its keys. */
public final class Proofs {
    private final List<Proof> all;

    private Proofs(List<Proof> all) {
        this.all = List.copyOf(all);
        Set<String> ids = new HashSet<>();
        for (Proof proof : all)
            if (!ids.add(proof.id()))
                throw InvalidValue.of(
                        "proof.twice", "There is proof %s twice.", "Give one of them another id.", proof.id());
    }

    /** Reads proofs.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Proofs load() {
        return Entry.readBeside(Proofs.class, "proofs.yaml", Proofs::read);
    }

    static Proofs read(Reader yaml) {
        return new Proofs(Entry.listOf("the proofs", yaml).stream()
                .map(e -> proof(e.named("id")))
                .toList());
    }

    private static Proof proof(Entry e) {
        e.only(Applies.keys(
                "id",
                "name",
                "how",
                "gate",
                "after-km",
                "system",
                "voided-by",
                "value",
                "unit",
                "least",
                "until",
                "source"));
        return new Proof(
                e.text("id"),
                e.text("name"),
                e.text("how"),
                e.has("gate") ? Optional.of(e.choice("gate", Gate.class)) : Optional.empty(),
                e.has("after-km") ? OptionalInt.of(e.whole("after-km")) : OptionalInt.empty(),
                e.choice("system", VehicleSystem.class),
                e.choices("voided-by", VehicleSystem.class, Set.of()),
                e.has("value")
                        ? Optional.of(new Proof.Value(e.text("value"), e.text("unit"), e.number("least")))
                        : Optional.empty(),
                e.has("until"),
                Applies.of(e),
                e.has("source") ? Source.fromMemory(e.text("source"), "", "") : Source.COMMON_PRACTICE);
    }

    /** In the order of the gates. */
    public List<Proof> all() {
        return all;
    }

    /** Those that this vehicle asks for, in the order of the gates. */
    public List<Proof> of(Equipment vehicle) {
        return all.stream().filter(p -> p.applies().to(vehicle)).toList();
    }

    /** @throws InvalidValue when nothing is known by this name */
    public Proof require(String id) {
        return all.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() ->
                        InvalidValue.at("proof", "proof.unknown", "There is no test “%s”.", "Reload the page.", id));
    }

    /** What is owed next after the start, by kilometres: the first list that is not done, so that no later one is offered before it. */
    public static Optional<Proof> nextOutstanding(List<Proof> proofs, Set<String> done) {
        return proofs.stream()
                .filter(p -> p.afterKm().isPresent() && !done.contains(p.id()))
                .min(java.util.Comparator.comparingInt(p -> p.afterKm().getAsInt()));
    }
}
