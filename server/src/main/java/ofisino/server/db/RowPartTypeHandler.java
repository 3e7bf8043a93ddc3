package ofisino.server.db;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.TypeHandler;
import org.apache.ibatis.type.TypeHandlerRegistry;

/** Reads a record out of the columns of a row that are called as its components. Abstract, so that MyBatis does not make one by itself. */
abstract class RowPartTypeHandler<R extends Record> implements TypeHandler<R> {
    private final RecordComponent[] components;
    private final Constructor<R> constructor;
    private final TypeHandlerRegistry handlers;

    RowPartTypeHandler(Class<R> part, TypeHandlerRegistry handlers) {
        this.components = part.getRecordComponents();
        this.handlers = handlers;
        try {
            constructor = part.getDeclaredConstructor(
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
        } catch (NoSuchMethodException impossible) {
            throw new IllegalStateException(part + " has no canonical constructor", impossible);
        }
        constructor.setAccessible(true);
    }

    /** @param column that of the first component */
    @Override
    public R getResult(ResultSet results, String column) throws SQLException {
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++)
            values[i] =
                    handlers.getTypeHandler(components[i].getType()).getResult(results, snake(components[i].getName()));
        try {
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException broken) {
            throw new SQLException(
                    "the row makes no " + constructor.getDeclaringClass().getSimpleName(), broken);
        }
    }

    private static String snake(String name) {
        return name.replaceAll("([A-Z])", "_$1").toLowerCase(java.util.Locale.ROOT);
    }

    @Override
    public R getResult(ResultSet results, int index) throws SQLException {
        return getResult(results, "");
    }

    @Override
    public R getResult(CallableStatement call, int index) {
        throw new UnsupportedOperationException("no procedure gives a row");
    }

    @Override
    public void setParameter(PreparedStatement statement, int index, R part, JdbcType type) {
        throw new UnsupportedOperationException("name the components of the part, such as #{row.said.title}");
    }
}
