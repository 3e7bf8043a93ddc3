package ofisino.server.db;

import java.sql.Array;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;

/** PostgreSQL's text[] as a collection; null is an empty one. */
abstract class TextArrayTypeHandler<T> extends BaseTypeHandler<T> {
    abstract Object[] texts(T value);

    abstract T of(String[] texts);

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, T value, JdbcType type)
            throws SQLException {
        statement.setArray(index, statement.getConnection().createArrayOf("text", texts(value)));
    }

    @Override
    public T getNullableResult(ResultSet results, String column) throws SQLException {
        return of(results.getArray(column));
    }

    @Override
    public T getNullableResult(ResultSet results, int index) throws SQLException {
        return of(results.getArray(index));
    }

    @Override
    public T getNullableResult(CallableStatement call, int index) throws SQLException {
        return of(call.getArray(index));
    }

    private T of(Array array) throws SQLException {
        return of(array == null ? new String[0] : (String[]) array.getArray());
    }
}
