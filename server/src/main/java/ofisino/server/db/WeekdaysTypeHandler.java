package ofisino.server.db;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import ofisino.core.kernel.Weekdays;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** Days of the week as seven bits, Monday the lowest. Every column of them is never null. */
@MappedTypes(Weekdays.class)
public class WeekdaysTypeHandler extends BaseTypeHandler<Weekdays> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, Weekdays value, JdbcType type)
            throws SQLException {
        statement.setInt(index, value.bits());
    }

    @Override
    public Weekdays getNullableResult(ResultSet results, String column) throws SQLException {
        return Weekdays.ofBits(results.getInt(column));
    }

    @Override
    public Weekdays getNullableResult(ResultSet results, int index) throws SQLException {
        return Weekdays.ofBits(results.getInt(index));
    }

    @Override
    public Weekdays getNullableResult(CallableStatement call, int index) throws SQLException {
        return Weekdays.ofBits(call.getInt(index));
    }
}
