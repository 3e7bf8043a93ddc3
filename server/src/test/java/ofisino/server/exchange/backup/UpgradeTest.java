package ofisino.server.exchange.backup;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication.Running;
import ofisino.server.testing.TestDatabase;
import ofisino.server.testing.TestGarage;
import ofisino.server.web.StartRefused;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Garages as earlier versions kept them: the demo garage of the last day of each schema, made by the program of that day. Restored and
 * opened by this one. (The first and the last have their photos; of most others only the records are kept here.)
 */
class UpgradeTest {
    private static final boolean EACH = Boolean.getBoolean("ofisino.all-garages");
    private static final Path GARAGES = Path.of("src/test/resources/ofisino/server/exchange/backup/garages");

    @TempDir
    Path folder;

    private static List<Path> all() throws IOException {
        try (Stream<Path> all = Files.list(GARAGES)) {
            return all.sorted().toList();
        }
    }

    /** The youngest; all of them where time is no matter ({@code ./ofisino prove}). The oldest is upgraded for its photos in any case. */
    static Stream<Path> garages() throws IOException {
        return EACH ? all().stream() : ends().skip(1);
    }

    /** The youngest, and the oldest too where time is no matter: its photos are looked at in any case. */
    static Stream<Path> opened() throws IOException {
        return EACH ? ends() : ends().skip(1);
    }

    private static Stream<Path> ends() throws IOException {
        List<Path> all = all();
        return Stream.of(0, all.size() - 1).map(all::get);
    }

    @ParameterizedTest
    @MethodSource("garages")
    void isUpgradedWithNothingLost(Path saved) throws IOException {
        TestDatabase garage = TestDatabase.create("upgraded");
        restore(saved, garage, data());
        Totals before = Totals.of(garage.sql());
        assertThat(before.rows().get("finding"))
                .as("a garage that was worked in")
                .isPositive();
        Flyway.configure().dataSource(garage.source()).load().migrate();
        Totals.of(garage.sql()).holdsAllOf(before);
        assertThat(garage.sql()
                        .queryForList(
                                "select coalesce(restore_write(garage_id, write_id), 'all of it') from (select garage_id, write_id from history where entity in ('finding', 'job', 'need') and before is not null and after is not null group by garage_id, write_id order by max(id) desc limit 20) w",
                                String.class))
                .as("what was done before can be taken back")
                .contains("all of it");
        assertThat(garage.sql()
                        .queryForObject(
                                "select count(*) from finding where demanded_class is null or safety_class > demanded_class or demanded_class > 'B' and kind = 'LEAK' and system in ('BRAKES', 'FUEL')",
                                Long.class))
                .as("no finding is milder than what is known of it asks for")
                .isZero();
        assertThat(garage.sql()
                        .queryForList(
                                "select check_id || ' ' || place from (select distinct on (project_id, check_id, place) * from check_answer order by project_id, check_id, place, answered_at desc, id) a where seen in ('BAD', 'DOUBTFUL', 'MISSING') and not exists (select 1 from finding f where f.project_id = a.project_id and (f.zone in (a.place, 'vehicle') or f.check_id = a.check_id))",
                                String.class))
                .as("every failed check has its finding")
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("opened")
    void opensInThisOne(Path saved) throws IOException {
        TestDatabase garage = TestDatabase.create("opened");
        restore(saved, garage, data());
        Totals before = Totals.of(garage.sql());
        try (var running = Running.start(garage, data(), "--ofisino.backups=" + copies())) {
            Totals.of(garage.sql()).holdsAllOf(before);
            assertThat(copies().toFile().list())
                    .as("saved before it was changed")
                    .anyMatch(name -> name.startsWith("before-upgrade-"));
            Api owner = signedIn(garage, running);
            JsonNode projects = owner.get("/api/projects").ok();
            String project = "/api/projects/" + projects.get(0).path("id").asString();
            for (String page : List.of("/today", "/findings", "/jobs", "/plan", "/money", "/entries"))
                assertThat(owner.get(project + page).ok()).as(page).isNotEmpty();
            takesSomethingBack(owner);

            running.bean(BackupService.class).makeDaily();
            JsonNode backup = owner.get("/api/backup").ok();
            assertThat(backup.path("latestAt").asString()).isNotEmpty();
            assertThat(backup.path("overdue").asBoolean()).isFalse();
            assertThat(backup.path("sameDisk").asBoolean()).isTrue();
            assertThat(backup.path("lost").asInt()).isZero();
        }
    }

    @Test
    void itsPhotosComeWithItAndItGivesItsOwnBackup() throws IOException {
        TestDatabase garage = TestDatabase.create("pages");
        restore(ends().findFirst().orElseThrow(), garage, data());
        try (var running = Running.start(garage, data())) {
            Api owner = signedIn(garage, running);
            for (var photo : garage.sql().queryForList("select id, sha256 from attachment"))
                assertThat(Archive.sha256(
                                new ByteArrayInputStream(owner.get("/api/attachments/" + photo.get("id") + "/file")
                                        .raw()
                                        .body())))
                        .isEqualTo(photo.get("sha256"));

            assertThat(owner.get("/api/backup").ok().path("overdue").asBoolean())
                    .isTrue();
            String name =
                    owner.post("/api/backup/archives", map()).ok().path("name").asString();
            Path fetched = Files.write(
                    folder.resolve("fetched.zip"),
                    owner.get("/api/backup/archives/" + name).raw().body());
            TestDatabase again = TestDatabase.create("fetched");
            restore(fetched, again, Files.createDirectories(folder.resolve("fetched")));
            assertThat(Totals.of(again.sql())).isEqualTo(Totals.of(garage.sql()));
            assertThat(owner.get("/api/backup/archives/..%2Frunning").status()).isGreaterThanOrEqualTo(400);
            assertThat(owner.get("/api/backup/archives/running").status()).isEqualTo(404);
        }
    }

    private Path data() throws IOException {
        return Files.createDirectories(folder.resolve("data"));
    }

    private Path copies() throws IOException {
        return Files.createDirectories(folder.resolve("copies"));
    }

    private void restore(Path saved, TestDatabase into, Path data) throws IOException {
        var access = new GarageDatabase(into.url(), TestDatabase.USER, TestDatabase.PASSWORD, "");
        new BackupCommand(access, data, copies(), Clock.systemUTC())
                .run(List.of("restore", saved.toString(), "--incomplete"));
    }

    private static Api signedIn(TestDatabase database, Running running) {
        database.sql().update("update account set password_hash = ?", "{noop}" + TestGarage.PASSWORD);
        String name = database.sql()
                .queryForObject(
                        "select a.sign_in_name from account a join member m on m.account_id = a.id where m.role = 'OWNER' limit 1",
                        String.class);
        return new Api(running.port()).signIn(name, TestGarage.PASSWORD);
    }

    /** Of the last changes, the latest that nothing was built on. */
    private static void takesSomethingBack(Api owner) {
        JsonNode changes = owner.get("/api/changes").ok();
        assertThat(changes.isEmpty()).isFalse();
        for (JsonNode change : changes) {
            int status = owner.post("/api/changes/" + change.path("writeId").asString() + "/undo", map())
                    .status();
            if (status == 204) return;
            assertThat(status).isEqualTo(409);
        }
        throw new AssertionError("nothing of the old garage can be taken back");
    }

    @Test
    void isNotOpenedByAnOlderProgram() throws IOException {
        TestDatabase newer = TestDatabase.create("newer");
        restore(garages().findFirst().orElseThrow(), newer, data());
        newer.sql()
                .update(
                        "insert into flyway_schema_history values (9999, '999', 'of a newer program', 'SQL', 'V999__x.sql', 1, 'ofisino', now(), 1, true)");
        Map<String, String> before = newer.sums();
        assertThatThrownBy(() -> Running.start(newer, data()))
                .hasRootCauseInstanceOf(StartRefused.class)
                .rootCause()
                .hasMessageContaining("A newer Ofisino has opened this garage (schema 999");
        assertThat(newer.sums()).isEqualTo(before);
    }

    /** What a person would count to see whether all is there. */
    private record Totals(Map<String, Long> rows, String money, String photos, String history) {
        private static final List<String> COUNTED = List.of(
                "account",
                "vehicle",
                "project",
                "finding",
                "finding_event",
                "check_answer",
                "reading",
                "attachment",
                "job",
                "job_link",
                "need",
                "purchase_order",
                "order_line",
                "work_session",
                "entry",
                "split",
                "place",
                "supplier");

        private static final Map<String, String> CALLED_BEFORE = Map.of("work_session", "evening");

        /** What stands in a row that was kept, whatever its columns are called. */
        private static String values(String kept) {
            return "(select array_agg(value order by value) from jsonb_each_text(%1$s - 'drive' - 'layout')) as %1$s"
                    .formatted(kept);
        }

        void holdsAllOf(Totals before) {
            assertThat(money).isEqualTo(before.money);
            assertThat(photos).isEqualTo(before.photos);
            assertThat(history).isEqualTo(before.history);
            assertThat(rows.get("finding"))
                    .as("failed checks had none before")
                    .isGreaterThanOrEqualTo(before.rows.get("finding"));
            Map<String, Long> others = new TreeMap<>(before.rows);
            others.remove("finding");
            assertThat(rows).containsAllEntriesOf(others);
        }

        static Totals of(JdbcTemplate sql) {
            Map<String, Long> rows = new TreeMap<>();
            for (String name : COUNTED)
                for (String table : List.of(name, CALLED_BEFORE.getOrDefault(name, name)))
                    if (sql.queryForObject("select to_regclass(?) is not null", Boolean.class, table))
                        rows.put(name, sql.queryForObject("select count(*) from " + table, Long.class));
            return new Totals(
                    rows,
                    sql.queryForList(
                                    "select currency || ' ' || sum(amount_minor) || ' ' || sum(base_minor) from entry group by currency order by 1",
                                    String.class)
                            .toString(),
                    sql.queryForObject("select string_agg(sha256, ' ' order by id) from attachment", String.class),
                    sql.queryForObject(
                            "select md5(string_agg(h::text, chr(10) order by id)) from (select id, garage_id, at, account_id, write_id, undo_of, row_id, "
                                    + values("before") + ", " + values("after")
                                    // what a way costs is kept for a thousand kilometres since (MigrationTest)
                                    + " from history where write_id is not null and entity <> 'travel_rate') h",
                            String.class));
        }
    }
}
