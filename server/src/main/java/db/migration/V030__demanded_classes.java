package db.migration;

import java.sql.Connection;
import java.sql.Date;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.Proposal;
import ofisino.core.vehicle.finding.ProposalRules;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.SafetyRules;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/**
 * Gives findings of earlier versions the class that is demanded of them, failed checks the findings that they lack, all as proposed, and jobs
 * their systems. What
 * was accepted and turns out to stand in the way is open again. Needs the catalogue, hence Java. Leaves no history: nobody did it.
 */
public class V030__demanded_classes extends BaseJavaMigration {
    private final Bodies bodies = Bodies.load();
    private final Catalogue catalogue = Catalogue.load();

    @Override
    public void migrate(Context context) throws SQLException {
        Connection db = context.getConnection();
        try (Statement sql = db.createStatement()) {
            sql.execute("alter table finding disable trigger history");
            sql.execute("alter table job disable trigger history");
            for (Vehicle vehicle : vehicles(sql)) {
                demand(db, vehicle);
                addOfFailedChecks(db, vehicle);
                nameSystems(db, vehicle);
            }
            sql.execute("alter table finding alter column demanded_class set not null");
            sql.execute(
                    "alter table finding add check ((lowered_reason is null) = (safety_class <= demanded_class)), add check ((lowered_reason is null) = (lowered_by is null))");
            sql.execute("alter table finding enable trigger history");
            sql.execute("alter table job enable trigger history");
        }
    }

    private record Vehicle(UUID garageId, UUID projectId, boolean over, Body body, List<PlacedCheck> checks) {}

    private List<Vehicle> vehicles(Statement sql) throws SQLException {
        List<Vehicle> found = new ArrayList<>();
        try (ResultSet r = sql.executeQuery(
                "select p.garage_id, p.id, p.state in ('FINISHED', 'SOLD', 'SCRAPPED'), v.body_style from project p join vehicle v on v.id = p.vehicle_id")) {
            while (r.next()) {
                Body body = bodies.of(BodyStyle.valueOf(r.getString(4)));
                found.add(new Vehicle(
                        r.getObject(1, UUID.class),
                        r.getObject(2, UUID.class),
                        r.getBoolean(3),
                        body,
                        catalogue.everywhere(body)));
            }
        }
        return found;
    }

    private record Stored(
            UUID id, String zone, VehicleSystem system, FindingKind kind, SafetyClass held, String check) {}

    private void demand(Connection db, Vehicle vehicle) throws SQLException {
        List<Stored> findings = new ArrayList<>();
        try (PreparedStatement select = db.prepareStatement(
                "select id, zone, system, kind, safety_class, check_id from finding where project_id = ?")) {
            select.setObject(1, vehicle.projectId());
            try (ResultSet r = select.executeQuery()) {
                while (r.next())
                    findings.add(new Stored(
                            r.getObject(1, UUID.class),
                            r.getString(2),
                            VehicleSystem.valueOf(r.getString(3)),
                            FindingKind.valueOf(r.getString(4)),
                            SafetyClass.valueOf(r.getString(5)),
                            r.getString(6)));
            }
        }
        try (PreparedStatement update = db.prepareStatement("""
                update finding set demanded_class = ?, safety_class = least(safety_class, ?),
                  proposed = case when safety_class > ? and not 'safetyClass' = any (proposed) then array_append(proposed, 'safetyClass') else proposed end,
                  state = case when ? and decision in ('ACCEPT', 'REUSE') and state = 'CLOSED' then 'OPEN' else state end,
                  decision = case when ? and decision in ('ACCEPT', 'REUSE') then null else decision end,
                  decision_reason = case when ? and decision in ('ACCEPT', 'REUSE') then null else decision_reason end
                where id = ?""")) {
            for (Stored f : findings) {
                SafetyClass demanded = demanded(vehicle, f);
                boolean stands = demanded.standsInTheWay();
                for (int i = 1; i <= 3; i++) update.setString(i, demanded.name());
                for (int i = 4; i <= 6; i++) update.setBoolean(i, stands);
                update.setObject(7, f.id());
                update.executeUpdate();
            }
        }
    }

    private SafetyClass demanded(Vehicle vehicle, Stored f) {
        SafetyClass byPlace = vehicle.body()
                .zone(f.zone())
                .map(zone -> SafetyRules.classOf(zone, f.kind()))
                .orElse(f.held());
        return catalogue.checks().stream()
                .filter(c -> c.id().equals(f.check()))
                .findFirst()
                .map(c -> byPlace.graver(c.ifBad()))
                .orElse(byPlace);
    }

    private static void nameSystems(Connection db, Vehicle vehicle) throws SQLException {
        try (PreparedStatement update =
                db.prepareStatement("update job set system = ? where project_id = ? and zone = ?")) {
            for (Zone zone : vehicle.body().zones()) {
                update.setString(1, zone.system().name());
                update.setObject(2, vehicle.projectId());
                update.setString(3, zone.id());
                update.executeUpdate();
            }
        }
    }

    private record Failed(UUID answer, PlacedCheck check, FindingKind kind, HowSeen howSeen, Date on) {}

    private void addOfFailedChecks(Connection db, Vehicle vehicle) throws SQLException {
        if (vehicle.over()) return;
        List<Failed> failed = new ArrayList<>();
        try (PreparedStatement select = db.prepareStatement("""
                select * from (
                  select distinct on (check_id, place) id, check_id, place, seen, how_seen, answered_at::date
                  from check_answer where project_id = ? order by check_id, place, answered_at desc, id) last
                where seen in ('BAD', 'DOUBTFUL', 'MISSING')""")) {
            select.setObject(1, vehicle.projectId());
            try (ResultSet r = select.executeQuery()) {
                while (r.next()) {
                    String check = r.getString(2);
                    String place = r.getString(3);
                    Answer.Seen seen = Answer.Seen.valueOf(r.getString(4));
                    for (PlacedCheck c : vehicle.checks())
                        if (c.check().id().equals(check) && c.place().equals(place))
                            failed.add(new Failed(
                                    r.getObject(1, UUID.class),
                                    c,
                                    c.check().finding(seen).orElseThrow(),
                                    HowSeen.valueOf(r.getString(5)),
                                    r.getDate(6)));
                }
            }
        }
        // what a person recorded by hand stands for its check, with the class that the check asks for
        try (PreparedStatement raise = db.prepareStatement("""
                update finding set demanded_class = least(demanded_class, ?), safety_class = least(safety_class, ?),
                  proposed = case when safety_class > ? and not 'safetyClass' = any (proposed) then array_append(proposed, 'safetyClass') else proposed end
                where project_id = ? and zone = ? and kind = ? and state not in ('CLOSED', 'WITHDRAWN')""")) {
            for (Failed f : failed) {
                String asked = f.check().classOf(f.kind()).name();
                for (int i = 1; i <= 3; i++) raise.setString(i, asked);
                raise.setObject(4, vehicle.projectId());
                raise.setString(5, f.check().foundIn().id());
                raise.setString(6, f.kind().name());
                raise.executeUpdate();
            }
        }
        try (PreparedStatement insert = db.prepareStatement("""
                insert into finding (id, garage_id, project_id, zone, system, kind, severity, safety_class, demanded_class, how_seen, aim, proposed,
                                     note, found_on, check_id, state)
                select ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, array ['severity', 'safetyClass', 'aim'], ?, ?, ?, 'OPEN'
                where not exists (
                  select 1 from finding where project_id = ? and zone = ? and (check_id = ? or kind = ? and state <> 'WITHDRAWN'))""")) {
            for (Failed f : failed) {
                Proposal p = ProposalRules.propose(
                        f.check().foundIn(),
                        f.kind(),
                        Map.of(Proposal.Reason.CHECK_FAILED, f.check().check().ifBad()),
                        java.util.Optional.of(f.howSeen()));
                Object[] values = {
                    f.answer(),
                    vehicle.garageId(),
                    vehicle.projectId(),
                    f.check().foundIn().id(),
                    f.check().system().name(),
                    f.kind().name(),
                    p.severity().grade(),
                    p.safetyClass().name(),
                    p.safetyClass().name(),
                    f.howSeen().name(),
                    p.aim().name(),
                    f.check().check().means()
                            + " Made when this garage was upgraded: the check had failed and no finding stood for it.",
                    f.on(),
                    f.check().check().id(),
                    vehicle.projectId(),
                    f.check().foundIn().id(),
                    f.check().check().id(),
                    f.kind().name()
                };
                for (int i = 0; i < values.length; i++) insert.setObject(i + 1, values[i]);
                insert.executeUpdate();
            }
        }
    }
}
