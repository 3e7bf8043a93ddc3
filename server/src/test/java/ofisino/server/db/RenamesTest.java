package ofisino.server.db;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ofisino.server.testing.TestDatabase;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** History keeps the names of tables and columns; what is renamed or gone since can still be taken back, or is refused in peace. */
class RenamesTest {
    private static final Pattern BARE = Pattern.compile(
            "(?i)(?<!alter index \\w{1,63} )\\brename\\s+(to|column|constraint)\\b|\\bdrop\\s+table\\b");
    private static final int SINCE = 29;

    @Test
    void aChangeFromBeforeARenameIsTakenBack() {
        var sql = TestDatabase.create("renames").sql();
        Flyway.configure().dataSource(sql.getDataSource()).load().migrate();
        UUID garage = UUID.randomUUID();
        UUID place = UUID.randomUUID();
        sql.update(
                "insert into garage (id, name, base_currency, zone, locale) values (?, 'g', 'EUR', 'UTC', 'en-GB')",
                garage);
        sql.update(
                "insert into place (id, garage_id, code, name, kind) values (?, ?, 'P3X', 'first name', 'BAY')",
                place,
                garage);
        sql.update("update place set name = 'second name', version = 1 where id = ?", place);

        sql.queryForList("select rename_column('place', 'name', 'called')");
        sql.queryForList("select rename_table('place', 'spot')");
        assertThat(sql.queryForObject(
                        "select restore_row(to_regclass(entity), before, after) from history where entity = 'spot' and before is not null",
                        Boolean.class))
                .isTrue();
        assertThat(sql.queryForObject("select called from spot where id = ?", String.class, place))
                .isEqualTo("first name");
        assertThat(sql.queryForObject("select count(*) from history where entity = 'place'", Long.class))
                .isZero();

        sql.update("update spot set room = 2, called = 'third name' where id = ?", place);
        sql.execute("alter table spot drop column room");
        assertThat(sql.queryForObject(
                        "select restore_row(to_regclass(entity), before, after) from history where entity = 'spot' order by id desc limit 1",
                        Boolean.class))
                .as("a column that is gone does not keep it from being taken back")
                .isTrue();
        assertThat(sql.queryForObject("select called from spot where id = ?", String.class, place))
                .isEqualTo("first name");

        sql.execute("drop table spot cascade");
        assertThat(sql.queryForObject(
                        "select restore_row(to_regclass(entity), before, after) from history where entity = 'spot' order by id desc limit 1",
                        Boolean.class))
                .as("of a table that is gone")
                .isFalse();
    }

    @Test
    void laterMigrationsRenameOnlySoThatHistoryKnows() throws IOException {
        try (Stream<Path> all = Files.list(Path.of("src/main/resources/db/migration"))) {
            List<Path> later = all.filter(file -> number(file) >= SINCE).toList();
            for (Path file : later)
                assertThat(Files.readString(file))
                        .as("%s: call rename_table or rename_column", file)
                        .doesNotContainPattern(BARE);
        }
        assertThat("alter table place RENAME  to spot").containsPattern(BARE);
        assertThat("select rename_table('place', 'spot')").doesNotContainPattern(BARE);
    }

    private static int number(Path file) {
        return Integer.parseInt(file.getFileName().toString().substring(1, 4));
    }
}
