package ofisino.server.db;

import java.sql.Array;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** PostgreSQL's text[] as a list of texts. */
@MappedTypes(List.class)
public class TextListTypeHandler extends BaseTypeHandler<List<String>> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, List<String> value, JdbcType type)
            throws SQLException {
        statement.setArray(index, statement.getConnection().createArrayOf("text", value.toArray()));
    }

    @Override
    public List<String> getNullableResult(ResultSet results, String column) throws SQLException {
        return list(results.getArray(column));
    }

    @Override
    public List<String> getNullableResult(ResultSet results, int index) throws SQLException {
        return list(results.getArray(index));
    }

    @Override
    public List<String> getNullableResult(CallableStatement call, int index) throws SQLException {
        return list(call.getArray(index));
    }

    private static List<String> list(Array array) throws SQLException {
        return array == null ? List.of() : List.of((String[]) array.getArray());
    }
}
