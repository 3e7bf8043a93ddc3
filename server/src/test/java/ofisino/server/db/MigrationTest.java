package ofisino.server.db;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Garages of earlier versions (up to V011, V018, V020, V022 and V023) open in this one with nothing lost, and what was done in them can still be taken back. */
class MigrationTest {
    private static final UUID GARAGE = UUID.randomUUID();
    private static final UUID VEHICLE = UUID.randomUUID();
    private static final UUID PROJECT = UUID.randomUUID();
    private static final UUID FINDING = UUID.randomUUID();
    private static final UUID JOB = UUID.randomUUID();
    private static final UUID NEED = UUID.randomUUID();
    private static final UUID PLACE = UUID.randomUUID();
    private static final UUID SENT_OUT = UUID.randomUUID();
    private static final UUID ACCOUNT = UUID.randomUUID();
    private static final UUID PHOTO = UUID.randomUUID();

    private static JdbcTemplate sql;

    @BeforeAll
    static void aGarageOfEachVersionBeforeIsUpgraded() throws SQLException {
        String cluster = System.getenv("OFISINO_TEST_DB");
        String password = System.getenv("OFISINO_TEST_DB_PASSWORD");
        String name = "migration_" + ProcessHandle.current().pid();
        try (Connection admin = DriverManager.getConnection(cluster + "postgres", "ofisino", password)) {
            admin.createStatement().execute("create database " + name);
        }
        var source = new DriverManagerDataSource(cluster + name, "ofisino", password);
        sql = new JdbcTemplate(source);
        Flyway.configure().dataSource(source).target("11").load().migrate();
        fill(sql);
        Flyway.configure().dataSource(source).target("18").load().migrate();
        fillWork(sql);
        Flyway.configure().dataSource(source).target("20").load().migrate();
        fillScope(sql);
        Flyway.configure().dataSource(source).target("22").load().migrate();
        fillPlan(sql);
        Flyway.configure().dataSource(source).target("23").load().migrate();
        fillMoney(sql);
        Flyway.configure().dataSource(source).load().migrate();
    }

    @Test
    void whatMayHaveBeenKeptAHundredTimesTooSmallIsToBeChecked() {
        assertThat(sql.queryForList(
                        "select entity || ' ' || title || ' ' || currency || ' ' || amount_minor from amount_to_check order by 1",
                        String.class))
                .as("what may have been kept a hundred times too small, and nothing else")
                .containsExactly("entry Bore HUF 5000", "purchase_order Alder HUF 4200");
        assertThat(sql.queryForObject("select amount_minor from entry where description = 'Bore'", Long.class))
                .as("nothing is changed")
                .isEqualTo(5000);
    }

    @Test
    void ofNotesOnlyTheLatestStands() {
        assertThat(sql.queryForList(
                        "select done || ' ' || (note_done_at is not null) from work_session order by worked_on",
                        String.class))
                .as("of notes only the latest stands")
                .containsExactly("Mon true", "Tue false", "Wed false");
        assertThat(sql.queryForList(
                        "select n.title || ' ' || (l.returned_on is not null) from order_line l join need n on n.id = l.need_id order by 1",
                        String.class))
                .containsExactly("Hose true", "Rings false");
        assertThat(sql.queryForObject(
                        "select left_at is null from member where account_id = ?", Boolean.class, ACCOUNT))
                .isTrue();
    }

    @Test
    void placesAndWhatIsSentOutGoOn() {
        assertThat(sql.queryForMap("select name, room, usable_on from place where id = ?", PLACE))
                .containsEntry("name", "second name")
                .containsEntry("room", 1)
                .containsEntry("usable_on", 127);
        sql.update("update place set room = 3 where id = ?", PLACE);
        assertThat(takeBack(sql, "place")).isTrue();
        assertThat(sql.queryForMap("select name, room from place where id = ?", PLACE))
                .as("its old history does not know the room")
                .containsEntry("name", "first name")
                .containsEntry("room", 3);
        assertThat(sql.queryForMap("select title, open_on from sent_out where id = ?", SENT_OUT))
                .containsEntry("title", "Zinc")
                .containsEntry("open_on", 127);
        assertThat(sql.queryForMap("select priority, own_pace from project where id = ?", PROJECT))
                .containsEntry("priority", 0)
                .containsEntry("own_pace", false);
    }

    @Test
    void whatAWayCostsIsKeptForAThousandKilometresAndCanStillBeTakenBack() {
        String kept = "select thousand_km_minor from travel_rate";
        assertThat(sql.queryForObject(kept, Long.class)).isEqualTo(30_000);
        assertThat(sql.queryForObject(
                        "select restore_row('travel_rate', before, after) from history where entity = 'travel_rate' and before is not null",
                        Boolean.class))
                .isTrue();
        assertThat(sql.queryForObject(kept, Long.class)).isEqualTo(25_000);
    }

    @Test
    void partsGoOn() {
        assertThat(sql.queryForMap("select title, grade, grade_reason from need where id = ?", NEED))
                .containsEntry("title", "second part")
                .containsEntry("grade", null)
                .containsEntry("grade_reason", "");
        sql.update("update need set grade = 'SHOW', grade_reason = 'a present' where id = ?", NEED);
        assertThat(takeBack(sql, "need")).isTrue();
        assertThat(sql.queryForMap("select title, grade from need where id = ?", NEED))
                .as("its old history does not know the grade")
                .containsEntry("title", "first part")
                .containsEntry("grade", "SHOW");
    }

    @Test
    void jobsGoOn() {
        assertThat(sql.queryForObject("select interlock from interlock_confirmed where job_id = ?", String.class, JOB))
                .isEqualTo("VENTILATED");
        assertThat(sql.queryForObject("select later from outstanding_item where project_id = ?", String.class, PROJECT))
                .isEqualTo("Fit the final seal");
        assertThat(takeBack(sql, "outstanding_item"))
                .as("what was recorded under the old name of its table")
                .isTrue();
        assertThat(sql.queryForMap("select title, details::text, pieces, cause, half_open from job where id = ?", JOB))
                .containsEntry("title", "second title")
                .containsEntry("details", "{}")
                .containsEntry("pieces", 1)
                .containsEntry("cause", "FORGOTTEN");
        assertThat(sql.queryForObject("select layout from vehicle where id = ?", String.class, VEHICLE))
                .isEqualTo("FRONT_ENGINE_REAR_DRIVE");
        sql.update("update job set pieces = 64 where id = ?", JOB);
        assertThat(takeBack(sql, "job")).isTrue();
        assertThat(sql.queryForMap("select title, pieces from job where id = ?", JOB))
                .as("its old history does not know the new column")
                .containsEntry("title", "first title")
                .containsEntry("pieces", 64);
    }

    @Test
    void findingsGoOn() {
        assertThat(sql.queryForObject("select doubtful_parts from project where id = ?", String.class, PROJECT))
                .isEqualTo("REPLACE");
        assertThat(sql.queryForMap("select note, check_id, behind_id from finding where id = ?", FINDING))
                .containsEntry("note", "second words")
                .containsEntry("check_id", null);
        assertThat(sql.queryForObject("select count(*) from attachment_link where finding_id = ?", Long.class, FINDING))
                .isEqualTo(1);
        assertThat(sql.queryForObject("select workshop_hour_minor from garage where id = ?", Long.class, GARAGE))
                .isNull();

        sql.update("update project set doubtful_parts = 'REUSE_WHAT_MEASURES' where id = ?", PROJECT);
        assertThat(takeBack(sql, "finding")).isTrue();
        assertThat(sql.queryForObject("select note from finding where id = ?", String.class, FINDING))
                .isEqualTo("first words");
        assertThat(takeBack(sql, "project"))
                .as("its old history does not know the new column")
                .isTrue();
        assertThat(sql.queryForMap("select budget_minor, doubtful_parts from project where id = ?", PROJECT))
                .containsEntry("budget_minor", 100L)
                .containsEntry("doubtful_parts", "REUSE_WHAT_MEASURES");
    }

    /** A garage of the version that counted the digits of forints in two ways. */
    private static void fillMoney(JdbcTemplate sql) {
        UUID supplier = UUID.randomUUID();
        UUID order = UUID.randomUUID();
        sql.update("insert into member (garage_id, account_id, role) values (?, ?, 'OWNER')", GARAGE, ACCOUNT);
        sql.update(
                "insert into supplier (id, garage_id, name, currency) values (?, ?, 'Alder', 'HUF')", supplier, GARAGE);
        sql.update(
                "insert into purchase_order (id, garage_id, project_id, supplier_id, currency, rate, rate_on, post_minor, ordered_on, expected_on) "
                        + "values (?, ?, ?, ?, 'HUF', 0.0025, '2026-01-01', 200, '2026-01-01', '2026-01-09')",
                order,
                GARAGE,
                PROJECT,
                supplier);
        for (String part : new String[] {"Hose RETURNED 1000", "Rings RECEIVED 3000"}) {
            String[] words = part.split(" ");
            UUID need = UUID.randomUUID();
            sql.update(
                    "insert into need (id, garage_id, project_id, job_id, title, side, quantity, estimate_minor, lead_days, state) "
                            + "values (?, ?, ?, ?, ?, 'NONE', 1, 0, 7, ?)",
                    need,
                    GARAGE,
                    PROJECT,
                    JOB,
                    words[0],
                    words[1]);
            sql.update(
                    "insert into order_line (id, garage_id, order_id, need_id, amount_minor) values (?, ?, ?, ?, ?::bigint)",
                    UUID.randomUUID(),
                    GARAGE,
                    order,
                    need,
                    words[2]);
        }
        for (String currency : new String[] {"HUF", "EUR"})
            sql.update(
                    "with e as (insert into entry (id, garage_id, project_id, kind, paid_on, description, currency, amount_minor, rate, rate_on, base_minor, state) "
                            + "values (gen_random_uuid(), ?, ?, 'SERVICE', '2026-01-02', ?, ?, 5000, 1, '2026-01-02', 13, 'DRAFT') returning id, garage_id) "
                            + "insert into split (id, garage_id, entry_id, position, destination, base_minor) select gen_random_uuid(), garage_id, id, 0, 'UNASSIGNED', 13 from e",
                    GARAGE,
                    PROJECT,
                    currency.equals("HUF") ? "Bore" : "Crank",
                    currency);
        for (String workSession : new String[] {"Mon first 2026-01-05", "Tue second 2026-01-06", "Wed  2026-01-07"}) {
            String[] words = workSession.split(" ");
            sql.update(
                    "insert into evening (id, garage_id, project_id, account_id, worked_on, done, note_to_self) values (?, ?, ?, ?, ?::date, ?, ?)",
                    UUID.randomUUID(),
                    GARAGE,
                    PROJECT,
                    ACCOUNT,
                    words[2],
                    words[0],
                    words[1]);
        }
    }

    private static void fillPlan(JdbcTemplate sql) {
        sql.update(
                "insert into travel_rate (id, garage_id, km_minor, hour_minor) values (gen_random_uuid(), ?, 25, 1000)",
                GARAGE);
        sql.update("update travel_rate set km_minor = 30");
        sql.update(
                "insert into place (id, garage_id, code, name, kind) values (?, ?, 'P3X', 'first name', 'BAY')",
                PLACE,
                GARAGE);
        sql.update("update place set name = 'second name', version = 1 where id = ?", PLACE);
        sql.update(
                "insert into send_out (id, garage_id, project_id, title, pieces, away_days, car_goes, aim) values (?, ?, ?, 'Zinc', 3, 10, false, 'DRIVER')",
                SENT_OUT,
                GARAGE,
                PROJECT);
    }

    private static void fillScope(JdbcTemplate sql) {
        sql.update(
                "insert into account (id, sign_in_name, display_name, password_hash) values (?, 'old', 'Old', 'x')",
                ACCOUNT);
        sql.update(
                "insert into need (id, garage_id, project_id, job_id, title, side, quantity, estimate_minor, lead_days, state) "
                        + "values (?, ?, ?, ?, 'first part', 'NONE', 1, 0, 7, 'NEEDED')",
                NEED,
                GARAGE,
                PROJECT,
                JOB);
        sql.update("update need set title = 'second part', version = 1 where id = ?", NEED);
        sql.update(
                "insert into interlock_confirmed (id, garage_id, job_id, interlock, account_id, confirmed_at) values (?, ?, ?, 'VENTILATED', ?, now())",
                UUID.randomUUID(),
                GARAGE,
                JOB,
                ACCOUNT);
        sql.update(
                "insert into debt (id, garage_id, project_id, what, later, trigger_on, event, job_id) values (?, ?, ?, 'Glued', 'Fit the final seal', 'EVENT', 'after the trip', ?)",
                UUID.randomUUID(),
                GARAGE,
                PROJECT,
                JOB);
        sql.update("update debt set what = 'Glued with the wrong glue' where project_id = ?", PROJECT);
    }

    private static void fillWork(JdbcTemplate sql) {
        sql.update(
                "insert into job (id, garage_id, project_id, code, title, operation, aim, optimistic_minutes, likely_minutes, pessimistic_minutes, state) "
                        + "values (?, ?, ?, 'K7M', 'first title', 'WELD', 'DRIVER', 10, 20, 30, 'PLANNED')",
                JOB,
                GARAGE,
                PROJECT);
        sql.update("update job set title = 'second title', version = 1 where id = ?", JOB);
    }

    private static void fill(JdbcTemplate sql) {
        sql.update(
                "insert into garage (id, name, base_currency, zone, locale, units) values (?, 'old', 'EUR', 'UTC', 'en-GB', 'METRIC')",
                GARAGE);
        sql.update(
                "insert into vehicle (id, garage_id, name, body_style, built_year, drive, driver_side) values (?, ?, 'Pipit', 'ESTATE', 1969, 'REAR', 'LEFT')",
                VEHICLE,
                GARAGE);
        sql.update(
                "insert into project (id, garage_id, vehicle_id, aim, state, budget_minor, monthly_minor, begun_on) values (?, ?, ?, 'DRIVER', 'ACTIVE', 100, 0, '2026-01-01')",
                PROJECT,
                GARAGE,
                VEHICLE);
        sql.update(
                "insert into finding (id, garage_id, project_id, zone, system, kind, severity, safety_class, how_seen, aim, note, found_on, state) "
                        + "values (?, ?, ?, 'bonnet', 'BODY', 'DENT', 2, 'D', 'PHOTO', 'DRIVER', 'first words', '2026-01-02', 'OPEN')",
                FINDING,
                GARAGE,
                PROJECT);
        sql.update("update finding set note = 'second words', version = 1 where id = ?", FINDING);
        sql.update("update project set budget_minor = 200, version = 1 where id = ?", PROJECT);
        sql.update(
                "insert into attachment (id, garage_id, media_type, file_name, sha256, bytes) values (?, ?, 'application/pdf', 'a.pdf', ?, 1)",
                PHOTO,
                GARAGE,
                "0".repeat(64));
        sql.update(
                "insert into attachment_link (id, garage_id, attachment_id, finding_id) values (gen_random_uuid(), ?, ?, ?)",
                GARAGE,
                PHOTO,
                FINDING);
    }

    private static Boolean takeBack(JdbcTemplate sql, String entity) {
        return sql.queryForObject(
                "select restore_row(entity::regclass, before, after) from history where entity = ? and before is not null and after is not null "
                        + "and not before ?? 'doubtful_parts' and not before ?? 'pieces' and not before ?? 'grade' and not before ?? 'room' order by id desc limit 1",
                Boolean.class,
                entity);
    }
}
