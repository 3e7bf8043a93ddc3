package ofisino.core.roadready.gate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Vehicles;

/** A car of which everything was looked at, tested and recorded, until a test plants what is wrong with it. */
final class PlantedCar {
    static final UUID ID = new UUID(0, 7);
    static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    static final List<Proof> PROOFS = Proofs.load().of(Vehicles.of(BodyStyle.ESTATE, 1969));

    private final List<Evidence.Found> findings = new ArrayList<>();
    private final List<Evidence.Work> jobs = new ArrayList<>();
    private final List<Evidence.Unanswered> unseen = new ArrayList<>();
    private final List<Evidence.Read> readings = new ArrayList<>();
    private final List<Evidence.Opened> stripDowns = new ArrayList<>();
    private final List<Evidence.Fastener> fasteners = new ArrayList<>();
    private final List<Evidence.Short> missing = new ArrayList<>();
    private final Map<String, Evidence.Proved> proved = PROOFS.stream()
            .collect(Collectors.toMap(
                    Proof::id,
                    p -> new Evidence.Proved(
                            TODAY.minusDays(3), p.until() ? Optional.of(TODAY.plusYears(1)) : Optional.empty())));
    private Evidence.Codes codes = new Evidence.Codes(ID, List.of(), true);
    private final List<Evidence.Outstanding> outstanding = new ArrayList<>();

    PlantedCar finding(Evidence.Found finding) {
        findings.add(finding);
        return this;
    }

    PlantedCar job(Evidence.Work job) {
        jobs.add(job);
        return this;
    }

    PlantedCar unseen(Evidence.Unanswered check) {
        unseen.add(check);
        return this;
    }

    PlantedCar reading(Evidence.Read reading) {
        readings.add(reading);
        return this;
    }

    /** Codes left outweigh a missing drive: both at once are the codes that are left. */
    PlantedCar codes(Evidence.Codes read) {
        if (codes.left().isEmpty()) codes = read;
        return this;
    }

    PlantedCar opened(Evidence.Opened stripDown) {
        stripDowns.add(stripDown);
        return this;
    }

    PlantedCar fastener(Evidence.Fastener fastener) {
        fasteners.add(fastener);
        return this;
    }

    PlantedCar missing(Evidence.Short part) {
        missing.add(part);
        return this;
    }

    PlantedCar outstanding(Evidence.Outstanding item) {
        outstanding.add(item);
        return this;
    }

    PlantedCar unproved(String proof) {
        proved.remove(proof);
        return this;
    }

    PlantedCar proved(String proof, Evidence.Proved done) {
        proved.put(proof, done);
        return this;
    }

    Gates gates() {
        return Gates.of(new Evidence(
                TODAY,
                findings,
                jobs,
                unseen,
                readings,
                Optional.of(codes),
                stripDowns,
                fasteners,
                missing,
                PROOFS,
                proved,
                outstanding));
    }
}
