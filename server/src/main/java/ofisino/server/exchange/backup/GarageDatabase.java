package ofisino.server.exchange.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The garage's database as PostgreSQL's own programs see it.
 *
 * @param url      {@code jdbc:postgresql://host:port/name}
 * @param programs folder of {@code pg_dump} and {@code pg_restore}; empty to find them on the path
 */
record GarageDatabase(String url, String user, String password, String programs) {
    /** Rows that would sign somebody in: no use to whoever restores, and of use to whoever finds a backup. */
    private static final List<String> LEFT_OUT = List.of("spring_session", "spring_session_attributes", "pairing");

    private static final String RESTORED = "_restored";
    private static final String REPLACED = "_replaced";

    static GarageDatabase ofEnvironment() {
        return new GarageDatabase(
                System.getenv("OFISINO_DB_URL"),
                "ofisino",
                System.getenv("OFISINO_DB_PASSWORD"),
                System.getenv().getOrDefault("OFISINO_DATABASE_PROGRAMS", ""));
    }

    /**
     * @param garage    what it is called; empty before the first account
     * @param schema    number of the last migration; 0 where there was none
     * @param files     all photos and receipts, each once
     * @param changedAt when something was last changed, by the clock of that time; empty for never
     */
    record Contents(String garage, int schema, Map<String, Long> rows, List<Stored> files, String changedAt) {}

    record Stored(String sha256, long bytes) {}

    /** What is read while nothing that is read changes: sums, files and dump are of one moment. */
    interface OneMoment<T> {
        T read(Contents contents, String snapshot) throws IOException, SQLException;
    }

    <T> T atOneMoment(OneMoment<T> work) throws IOException {
        try (Connection garage = DriverManager.getConnection(url, user, password)) {
            garage.setAutoCommit(false);
            garage.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
            garage.setReadOnly(true);
            return work.read(contents(garage), text(garage, "select pg_export_snapshot()"));
        } catch (SQLException broken) {
            throw new BackupRefused("The database cannot be read: " + broken.getMessage(), broken);
        }
    }

    private static Contents contents(Connection garage) throws SQLException {
        List<String> tables = texts(
                garage,
                "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'");
        if (!tables.contains("flyway_schema_history")) return new Contents("", 0, Map.of(), List.of(), "");
        Map<String, Long> rows = new TreeMap<>();
        for (String table : tables)
            if (!LEFT_OUT.contains(table))
                rows.put(table, Long.valueOf(text(garage, "select count(*) from \"%s\"".formatted(table))));
        return new Contents(
                text(garage, "select coalesce(string_agg(name, ', ' order by name), '') from garage"),
                Integer.parseInt(
                        text(garage, "select coalesce(max(version::int), 0) from flyway_schema_history where success")),
                rows,
                texts(garage, "select distinct sha256 || ' ' || bytes from attachment order by 1").stream()
                        .map(row -> row.split(" "))
                        .map(row -> new Stored(row[0], Long.parseLong(row[1])))
                        .toList(),
                text(garage, "select coalesce(to_char(max(at), 'YYYY-MM-DD HH24:MI'), '') from history"));
    }

    void dump(String snapshot, OutputStream out) throws IOException {
        List<String> command = new ArrayList<>(command(
                "pg_dump", name(), "--format=custom", "--no-owner", "--no-privileges", "--snapshot=" + snapshot));
        LEFT_OUT.forEach(table -> command.add("--exclude-table-data=" + table));
        run(command, out);
    }

    /** Fills a database beside the garage's own, which stays as it is. */
    void restoreBeside(Path dump) throws IOException {
        admin(
                "drop database if exists \"%s\"".formatted(name() + RESTORED),
                "create database \"%s\"".formatted(name() + RESTORED));
        List<String> command = new ArrayList<>(
                command("pg_restore", name() + RESTORED, "--no-owner", "--no-privileges", "--exit-on-error"));
        command.add(dump.toString());
        run(command, OutputStream.nullOutputStream());
    }

    GarageDatabase beside() {
        return new GarageDatabase(url.replaceFirst("/[^/]*$", "/" + name() + RESTORED), user, password, programs);
    }

    /** Puts the database beside in the place of the garage's own: all at once, so that no moment is without a garage. */
    void swap() {
        String nobody = "select pg_terminate_backend(pid) from pg_stat_activity where datname in ('%s', '%s')"
                .formatted(name(), name() + RESTORED);
        admin("drop database if exists \"%s\"".formatted(name() + REPLACED), nobody);
        try (Connection admin = DriverManager.getConnection(adminUrl(), user, password)) {
            admin.setAutoCommit(false);
            admin.createStatement()
                    .execute("alter database \"%s\" rename to \"%s\"".formatted(name(), name() + REPLACED));
            admin.createStatement()
                    .execute("alter database \"%s\" rename to \"%s\"".formatted(name() + RESTORED, name()));
            admin.commit();
        } catch (SQLException broken) {
            throw new BackupRefused("The restored garage could not be put in place: " + broken.getMessage(), broken);
        }
    }

    void dropReplaced() {
        admin("drop database if exists \"%s\"".formatted(name() + REPLACED));
    }

    void dropBeside() {
        admin("drop database if exists \"%s\"".formatted(name() + RESTORED));
    }

    private void admin(String... statements) {
        try (Connection admin = DriverManager.getConnection(adminUrl(), user, password)) {
            for (String sql : statements) admin.createStatement().execute(sql);
        } catch (SQLException broken) {
            throw new BackupRefused("The database does not do it: " + broken.getMessage(), broken);
        }
    }

    private String adminUrl() {
        return url.replaceFirst("/[^/]*$", "/postgres");
    }

    private String name() {
        return url.substring(url.lastIndexOf('/') + 1);
    }

    private List<String> command(String program, String database, String... options) {
        URI server = URI.create(url.replaceFirst("^jdbc:", ""));
        List<String> command = new ArrayList<>(List.of(
                programs.isBlank() ? program : Path.of(programs, program).toString(),
                "--host=" + server.getHost(),
                "--port=" + server.getPort(),
                "--username=" + user,
                "--no-password",
                "--dbname=" + database));
        command.addAll(List.of(options));
        return command;
    }

    private void run(List<String> command, OutputStream out) throws IOException {
        Path said = Files.createTempFile("ofisino-backup", ".log");
        var builder = new ProcessBuilder(command).redirectError(said.toFile());
        builder.environment().put("PGPASSWORD", password);
        Process process = builder.start();
        try (InputStream in = process.getInputStream()) {
            in.transferTo(out);
            if (process.waitFor() != 0)
                throw new BackupRefused("%s failed: %s"
                        .formatted(
                                Path.of(command.get(0)).getFileName(),
                                Files.readString(said).strip()));
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new BackupRefused("It was stopped before it was done.", stopped);
        } finally {
            process.destroy();
            Files.deleteIfExists(said);
        }
    }

    private static String text(Connection connection, String sql) throws SQLException {
        return texts(connection, sql).get(0);
    }

    private static List<String> texts(Connection connection, String sql) throws SQLException {
        List<String> found = new ArrayList<>();
        try (var statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) found.add(rows.getString(1));
        }
        return found;
    }
}
