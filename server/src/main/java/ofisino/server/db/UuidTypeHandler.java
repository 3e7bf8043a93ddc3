package ofisino.server.db;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** PostgreSQL's uuid, which MyBatis does not know by itself. */
@MappedTypes(UUID.class)
public class UuidTypeHandler extends BaseTypeHandler<UUID> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, UUID value, JdbcType type)
            throws SQLException {
        statement.setObject(index, value);
    }

    @Override
    public UUID getNullableResult(ResultSet results, String column) throws SQLException {
        return results.getObject(column, UUID.class);
    }

    @Override
    public UUID getNullableResult(ResultSet results, int index) throws SQLException {
        return results.getObject(index, UUID.class);
    }

    @Override
    public UUID getNullableResult(CallableStatement call, int index) throws SQLException {
        return call.getObject(index, UUID.class);
    }
}
