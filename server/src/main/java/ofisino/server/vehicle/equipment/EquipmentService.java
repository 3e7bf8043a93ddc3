package ofisino.server.vehicle.equipment;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.EquipmentLibrary;
import ofisino.core.vehicle.equipment.HowKnown;
import ofisino.core.vehicle.equipment.Item;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.NewVehicle;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.equipment.EquipmentMapper.FactRow;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What a vehicle has: guessed until somebody says, reads or sees it. */
@Service
record EquipmentService(
        EquipmentMapper mapper, EquipmentLibrary library, Projects projects, Garages garages, Clock clock)
        implements Equipments {
    @Override
    public Equipment of(Caller caller, Projects.Project project) {
        return Equipment.of(
                library,
                project.make(),
                facts(caller, project.id()).stream()
                        .map(f -> new Equipment.Fact(f.item(), f.value(), f.how()))
                        .toList());
    }

    List<FactRow> facts(Caller caller, UUID projectId) {
        return mapper.of(caller.garageId(), projectId);
    }

    List<Item> items(Projects.Project project) {
        return library.of(project.make());
    }

    @EventListener
    void known(NewVehicle vehicle) {
        for (Equipment.Fact f : vehicle.equipment())
            say(
                    vehicle.caller(),
                    vehicle.projectId(),
                    UUID.nameUUIDFromBytes((vehicle.projectId() + f.item()).getBytes(StandardCharsets.UTF_8)),
                    f.item(),
                    f.value(),
                    f.how(),
                    null);
    }

    void say(
            Caller caller,
            UUID projectId,
            UUID id,
            String itemId,
            String value,
            HowKnown how,
            @Nullable LocalDate since) {
        Projects.Project project = projects.requireOpen(caller, projectId);
        Item item = library.require(itemId);
        if (!item.fits().contains(project.make()) || item.value(value).isEmpty())
            throw InvalidValue.at(
                    "value",
                    "equipment.value",
                    "This vehicle cannot have that.",
                    "Choose one of those that are offered.");
        if (how == HowKnown.GUESSED)
            throw InvalidValue.at(
                    "how",
                    "equipment.how",
                    "How it is known is missing.",
                    "Say whether it was seen, read or only said.");
        if (since != null && since.isAfter(LocalDate.now(clock.withZone(garages.zone(caller)))))
            throw InvalidValue.at(
                    "since",
                    "equipment.since",
                    "It was converted on a day that has not come.",
                    "Enter it when it is done.");
        mapper.insert(
                caller.garageId(),
                projectId,
                caller.accountId(),
                new FactRow(id, itemId, value, how, since, null, clock.instant()));
    }
}
