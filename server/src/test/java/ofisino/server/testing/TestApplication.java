package ofisino.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import ofisino.server.Application;
import ofisino.standins.sellers.SellersStandIn;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Starts the real application once per run, on a database of its own in the test cluster, and hands out garages to work in.
 * The cluster is started by {@code ./ofisino test}; its address comes in as OFISINO_TEST_DB.
 */
public final class TestApplication implements ParameterResolver {
    /** A Wednesday morning: what is planned must not hang on the hour and the weekday at which somebody tests. */
    private static final Instant BEGIN = Instant.parse("2026-11-25T09:00:00Z");

    public static final Clock CLOCK = Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(), BEGIN));

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        return type == Running.class || type == TestGarage.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        Running running = context.getRoot()
                .getStore(ExtensionContext.Namespace.GLOBAL)
                .getOrComputeIfAbsent(Running.class, key -> Running.start(), Running.class);
        return parameter.getParameter().getType() == Running.class ? running : TestGarage.fresh(running);
    }

    /** The started application. */
    public static final class Running implements AutoCloseable, ExtensionContext.Store.CloseableResource {
        private final ServletWebServerApplicationContext context;
        private final Path data;

        private final TestDatabase database;

        private Running(ServletWebServerApplicationContext context, Path data, TestDatabase database) {
            this.context = context;
            this.data = data;
            this.database = database;
        }

        static Running start() {
            try {
                return start(
                        TestDatabase.create("server"),
                        Files.createTempDirectory("ofisino-data"),
                        "--ofisino.sellers=" + new SellersStandIn(0).url());
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }

        /** The application on a garage of its own, for what cannot be tried on the one that all tests share. */
        public static Running start(TestDatabase database, Path data, String... settings) {
            var application = new SpringApplication(Application.class);
            var all = new ArrayList<>(List.of(
                    "--server.port=0",
                    "--spring.datasource.url=" + database.url(),
                    "--spring.datasource.username=" + TestDatabase.USER,
                    "--spring.datasource.password=" + TestDatabase.PASSWORD,
                    "--ofisino.data=" + data,
                    "--ofisino.lan-url=https://192.0.2.7:8470",
                    "--ofisino.kept-forecasts=false", // of all garages of all tests
                    "--ofisino.longer-search=false", // takes a processor for seconds, after each plan
                    "--ofisino.notice=for tests"));
            for (String setting : settings) { // a later one stands in the place of the one that usually stands
                String name = setting.substring(0, setting.indexOf('=') + 1);
                all.removeIf(usual -> usual.startsWith(name));
                all.add(setting);
            }
            application.addInitializers(context -> ((GenericApplicationContext) context)
                    .registerBean("testClock", Clock.class, () -> CLOCK, bean -> bean.setPrimary(true)));
            return new Running(
                    (ServletWebServerApplicationContext) application.run(all.toArray(String[]::new)), data, database);
        }

        public int port() {
            return context.getWebServer().getPort();
        }

        public TestDatabase database() {
            return database;
        }

        public Path data() {
            return data;
        }

        public JdbcTemplate sql() {
            return new JdbcTemplate(context.getBean(javax.sql.DataSource.class));
        }

        public <T> T bean(Class<T> type) {
            return context.getBean(type);
        }

        @Override
        public void close() {
            context.close();
        }
    }
}
