package ofisino.server.testing;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** A database of its own in the test cluster, which {@code ./ofisino test} starts and throws away; its address comes in as OFISINO_TEST_DB. */
public record TestDatabase(String name) {
    public static final String USER = "ofisino";
    public static final String PASSWORD = System.getenv("OFISINO_TEST_DB_PASSWORD");
    private static final String CLUSTER = System.getenv("OFISINO_TEST_DB");
    private static final AtomicInteger COUNT = new AtomicInteger();

    public static TestDatabase create(String purpose) {
        if (CLUSTER == null)
            throw new IllegalStateException("There is no test database. Run the tests with ./ofisino test");
        var made = new TestDatabase(
                "%s_%d_%d".formatted(purpose, ProcessHandle.current().pid(), COUNT.incrementAndGet()));
        try (Connection admin = DriverManager.getConnection(CLUSTER + "postgres", USER, PASSWORD)) {
            admin.createStatement().execute("create database " + made.name);
            return made;
        } catch (SQLException broken) {
            throw new IllegalStateException(broken);
        }
    }

    public String url() {
        return CLUSTER + name;
    }

    public DriverManagerDataSource source() {
        return new DriverManagerDataSource(url(), USER, PASSWORD);
    }

    public JdbcTemplate sql() {
        return new JdbcTemplate(source());
    }

    /** A sum over all rows of each table, by which two databases are told apart. */
    public Map<String, String> sums() {
        var one = new SingleConnectionDataSource(url(), USER, PASSWORD, true); // opening costs more than asking
        try {
            return sums(new JdbcTemplate(one));
        } finally {
            one.destroy();
        }
    }

    private static Map<String, String> sums(JdbcTemplate sql) {
        Map<String, String> sums = new TreeMap<>();
        for (String table : sql.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'",
                String.class))
            sums.put(
                    table,
                    sql.queryForObject(
                            "select count(*) || ' ' || coalesce(md5(string_agg(t::text, chr(10) order by t::text)), '') from \"%s\" t"
                                    .formatted(table),
                            String.class));
        return sums;
    }
}
