package ofisino.server.testing;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import ofisino.server.Application;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Starts the real application once per run, on a database of its own in the test cluster, and hands out garages to work in.
 * The cluster is started by {@code ./ofisino test}; its address comes in as OFISINO_TEST_DB.
 */
public final class TestApplication implements ParameterResolver {
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

        private Running(ServletWebServerApplicationContext context, Path data) {
            this.context = context;
            this.data = data;
        }

        static Running start() {
            String cluster = System.getenv("OFISINO_TEST_DB");
            if (cluster == null)
                throw new IllegalStateException("There is no test database. Run the tests with ./ofisino test");
            String password = System.getenv("OFISINO_TEST_DB_PASSWORD");
            String name = "server_" + ProcessHandle.current().pid();
            try (Connection admin = DriverManager.getConnection(cluster + "postgres", "ofisino", password)) {
                admin.createStatement().execute("create database " + name);
                Path data = Files.createTempDirectory("ofisino-data");
                var application = new SpringApplication(Application.class);
                var context = (ServletWebServerApplicationContext) application.run(
                        "--server.port=0",
                        "--spring.datasource.url=" + cluster + name,
                        "--spring.datasource.username=ofisino",
                        "--spring.datasource.password=" + password,
                        "--ofisino.data=" + data,
                        "--ofisino.lan-url=https://192.0.2.7:8470",
                        "--ofisino.notice=for tests",
                        "--ofisino.journal=");
                return new Running(context, data);
            } catch (SQLException | java.io.IOException broken) {
                throw new IllegalStateException(broken);
            }
        }

        public int port() {
            return context.getWebServer().getPort();
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
