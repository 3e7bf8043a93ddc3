package ofisino.server.plan.appointment;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Appointments;
import ofisino.server.plan.Appointments.Meeting;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Fixed times somewhere, by the clock on the garage's wall. */
@Service
record AppointmentService(AppointmentMapper mapper, Projects projects, Jobs jobs, Garages garages, Clock clock)
        implements Appointments {
    private static final int LONGEST_MINUTES = 14_400;
    private static final Duration FARTHEST = Duration.ofDays(720);

    @Override
    public List<Appointment> ahead(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.ahead(caller.garageId(), projectId, clock.instant());
    }

    /** @param day and @param at by the clock in the garage, quarters of an hour */
    record Fixed(
            UUID id,
            LocalDate day,
            LocalTime at,
            @JsonUnwrapped Meeting what) {}

    void add(Caller caller, UUID projectId, Fixed f) {
        projects.requireOpen(caller, projectId);
        Meeting what = f.what();
        if (what.afterJob() != null) jobs.require(caller, what.afterJob());
        if (what.minutes() < 15 || what.minutes() > LONGEST_MINUTES)
            throw InvalidValue.at(
                    "minutes",
                    "appointment.minutes",
                    "It cannot last %d min.",
                    "Enter 15 minutes to 10 days.",
                    what.minutes());
        if (f.at().getMinute() % 15 != 0)
            throw InvalidValue.at(
                    "at", "appointment.quarter", "Fixed times go by quarters of an hour.", "Choose a quarter.");
        Instant starts = f.day().atTime(f.at()).atZone(garages.zone(caller)).toInstant();
        if (!starts.isAfter(clock.instant()))
            throw InvalidValue.at(
                    "day", "appointment.past", "That time is over already.", "Choose one that is still ahead.");
        if (starts.isAfter(clock.instant().plus(FARTHEST)))
            throw InvalidValue.at("day", "appointment.far", "Plans go two years ahead.", "Choose a day before that.");
        mapper.insert(
                caller.garageId(),
                projectId,
                new Appointment(
                        f.id(),
                        starts,
                        new Meeting(
                                Texts.line("title", what.title()),
                                what.minutes(),
                                what.needsRolling(),
                                what.aim(),
                                what.afterJob())));
    }

    void remove(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        if (mapper.delete(caller.garageId(), projectId, id) == 0) throw new NotFound("appointment", id);
    }
}
