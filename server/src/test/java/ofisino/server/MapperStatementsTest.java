package ofisino.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Method;
import java.sql.PreparedStatement;
import java.sql.ResultSetMetaData;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.server.attachments.Subject;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestApplication.Running;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.SqlSessionFactory;
import org.apache.ibatis.type.BaseTypeHandler;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.support.JdbcUtils;

/** What must hold for every statement of every mapper. */
@ExtendWith(TestApplication.class)
class MapperStatementsTest {
    /** Before it is known which garage: accounts, sign-in, pairing; the garage's own row, which is found by its id; and what clears up in all. */
    private static final Set<String> WITHOUT_GARAGE = Set.of(
            "AccountMapper.isEmpty",
            "AccountMapper.bySignInName",
            "AccountMapper.byId",
            "AccountMapper.insert",
            "AccountMapper.update",
            "AccountMapper.setPassword",
            "AccountMapper.deviceOwner",
            "AccountMapper.insertDevice",
            "AccountMapper.forgetDevices",
            "PairingMapper.redeem",
            "GarageMapper.insert",
            "GarageMapper.find",
            "GarageMapper.update",
            "GarageMapper.takeLabel",
            "WriteMapper.sign",
            "WriteMapper.forgetOlderThan",
            "AttachmentMapper.hashes",
            "HistoryMapper.markUndo");

    @Test
    void everyMapperMethodHasItsStatement(Running running) {
        Configuration configuration = running.bean(SqlSessionFactory.class).getConfiguration();
        List<String> missing = new ArrayList<>();
        for (Class<?> mapper : configuration.getMapperRegistry().getMappers())
            for (Method method : mapper.getDeclaredMethods())
                if (!method.isSynthetic()
                        && !method.isDefault()
                        && !configuration.hasStatement(mapper.getName() + "." + method.getName()))
                    missing.add(mapper.getSimpleName() + "." + method.getName());
        assertThat(configuration.getMapperRegistry().getMappers()).hasSizeGreaterThan(12);
        assertThat(missing).isEmpty();
    }

    @Test
    void everyStatementIsLimitedToItsGarage(Running running) {
        List<String> unlimited = statements(running)
                .filter(s -> !sql(s).contains("garage_id"))
                .map(MapperStatementsTest::shortName)
                .toList();
        assertThat(unlimited).isSubsetOf(WITHOUT_GARAGE);
        assertThat(WITHOUT_GARAGE)
                .allSatisfy(name -> assertThat(statements(running).map(MapperStatementsTest::shortName))
                        .contains(name));
    }

    /** PostgreSQL itself reads each statement and finds its tables, columns and types. */
    @Test
    void everyStatementIsUnderstoodByPostgres(Running running) {
        statements(running).forEach(statement -> {
            String sql = sql(statement);
            var numbered = new StringBuilder();
            int next = 1;
            for (char c : sql.toCharArray()) numbered.append(c == '?' ? "$" + next++ : String.valueOf(c));
            running.sql().execute("prepare check_it as " + numbered);
            running.sql().execute("deallocate all");
        });
    }

    /** Rows are made by position, which is much faster than by name: so each select names its columns in the order of its record. */
    @Test
    void everySelectNamesItsColumnsInTheOrderOfItsRecord(Running running) {
        List<String> wrong = new ArrayList<>();
        statements(running)
                .filter(s -> s.getSqlCommandType() == SqlCommandType.SELECT)
                .forEach(statement -> {
                    Class<?> row = statement.getResultMaps().get(0).getType();
                    if (!row.isRecord()) return;
                    List<String> components = components(row, configuration(running));
                    List<String> columns = columns(running, sql(statement));
                    if (!columns.equals(components))
                        wrong.add("%s selects %s for %s".formatted(shortName(statement), columns, components));
                });
        assertThat(wrong).isEmpty();
    }

    /** What is said of a thing is a record of its own, last in the row. */
    private static List<String> components(Class<?> row, Configuration configuration) {
        return Arrays.stream(row.getRecordComponents())
                .flatMap(c -> c.getType().isRecord() && !isColumn(c.getType(), configuration)
                        ? components(c.getType(), configuration).stream()
                        : Stream.of(c.getName()))
                .toList();
    }

    private static boolean isColumn(Class<?> type, Configuration configuration) {
        return configuration.getTypeHandlerRegistry().getTypeHandler(type) instanceof BaseTypeHandler<?>;
    }

    private static Configuration configuration(Running running) {
        return running.bean(SqlSessionFactory.class).getConfiguration();
    }

    private static List<String> columns(Running running, String sql) {
        return running.sql().execute((ConnectionCallback<List<String>>) connection -> {
            try (PreparedStatement prepared = connection.prepareStatement(sql)) {
                ResultSetMetaData metaData = prepared.getMetaData();
                List<String> columns = new ArrayList<>();
                for (int i = 1; i <= metaData.getColumnCount(); i++)
                    columns.add(JdbcUtils.convertUnderscoreNameToPropertyName(metaData.getColumnLabel(i)));
                return columns;
            }
        });
    }

    private static Stream<MappedStatement> statements(Running running) {
        return running.bean(SqlSessionFactory.class).getConfiguration().getMappedStatementNames().stream()
                .filter(name -> name.startsWith("ofisino."))
                .map(name ->
                        running.bean(SqlSessionFactory.class).getConfiguration().getMappedStatement(name));
    }

    private static String sql(MappedStatement statement) {
        return statement.getBoundSql(Map.of("subject", Subject.FINDING)).getSql();
    }

    private static String shortName(MappedStatement statement) {
        String[] parts = statement.getId().split("\\.");
        return parts[parts.length - 2] + "." + parts[parts.length - 1];
    }
}
