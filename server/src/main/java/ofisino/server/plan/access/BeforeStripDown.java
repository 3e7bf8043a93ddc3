package ofisino.server.plan.access;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.Access;
import ofisino.core.plan.access.Raising;
import ofisino.core.plan.access.StripDowns.StripDown;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.interlock.Interlocks;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** What has to be so before an access is opened: conditions that protect people, and sound points where it is raised. */
@Component
record BeforeStripDown(Interlocks interlocks, Projects projects, Findings findings, Equipments equipments) {
    /** It, and all around it that is not open yet, in the order in which they are opened. */
    List<StripDown<UUID>> stillClosed(Standing s, StripDown<UUID> stripDown) {
        List<StripDown<UUID>> all = new ArrayList<>(s.stripDowns().around(stripDown));
        all.add(stripDown);
        all.removeIf(o -> s.isOpen(o.id()));
        return all;
    }

    Equipment vehicle(Caller caller, UUID projectId) {
        return equipments.of(caller, projects.require(caller, projectId));
    }

    Set<Interlock> asked(Equipment vehicle, Standing s, StripDown<UUID> stripDown) {
        Set<Interlock> asked = EnumSet.noneOf(Interlock.class);
        for (StripDown<UUID> o : stillClosed(s, stripDown))
            asked.addAll(interlocks.ofStripDown(o.access().cautions(), vehicle));
        return asked;
    }

    /** @throws InvalidValue when a condition is not confirmed, or it is raised on nothing that is known to be sound */
    void check(Caller caller, UUID projectId, Standing s, StripDown<UUID> stripDown, MadeSure made) {
        Set<Interlock> asked = asked(vehicle(caller, projectId), s, stripDown);
        if (!made.confirmed().containsAll(asked))
            throw InvalidValue.at(
                    "confirmed",
                    "strip-down.unconfirmed",
                    "“%s” is opened when each condition for working safely is confirmed by itself.",
                    "Tick what is so.",
                    stripDown.access().name());
        if (stillClosed(s, stripDown).stream().anyMatch(o -> isRaising(s, o)))
            Raising.check(weak(caller, projectId), made.supportPoints());
    }

    static boolean isRaising(Standing s, StripDown<UUID> o) {
        Collection<Access> around =
                s.stripDowns().around(o).stream().map(StripDown::access).toList();
        return Raising.isRaising(o.access(), around);
    }

    /** Places of the structure that may not bear it. */
    List<String> weak(Caller caller, UUID projectId) {
        Body body = projects.bodyOf(projects.require(caller, projectId));
        return findings.of(caller, projectId).stream()
                .filter(f -> f.system() == VehicleSystem.STRUCTURE
                        && f.safetyClass().standsInTheWay()
                        && !f.state().isOver())
                .map(f -> body.placeOf(f.zone(), f.system()).label())
                .distinct()
                .toList();
    }

    /** @param supportPoints where it stands, in a person's words; empty where nobody said */
    record MadeSure(String supportPoints, Set<Interlock> confirmed) {
        MadeSure {
            confirmed = Set.copyOf(confirmed);
        }
    }
}
