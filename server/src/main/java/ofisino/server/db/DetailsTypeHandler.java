package ofisino.server.db;

import java.sql.Array;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import ofisino.core.plan.job.Detail;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** The details of a job, as text[] of their names. */
@MappedTypes(Set.class)
public class DetailsTypeHandler extends BaseTypeHandler<Set<Detail>> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, Set<Detail> value, JdbcType type)
            throws SQLException {
        Object[] names = value.stream().map(Enum::name).sorted().toArray();
        statement.setArray(index, statement.getConnection().createArrayOf("text", names));
    }

    @Override
    public Set<Detail> getNullableResult(ResultSet results, String column) throws SQLException {
        return details(results.getArray(column));
    }

    @Override
    public Set<Detail> getNullableResult(ResultSet results, int index) throws SQLException {
        return details(results.getArray(index));
    }

    @Override
    public Set<Detail> getNullableResult(CallableStatement call, int index) throws SQLException {
        return details(call.getArray(index));
    }

    private static Set<Detail> details(Array array) throws SQLException {
        Set<Detail> details = EnumSet.noneOf(Detail.class);
        if (array != null)
            Arrays.stream((String[]) array.getArray()).map(Detail::valueOf).forEach(details::add);
        return details;
    }
}
