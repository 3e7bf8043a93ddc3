package ofisino.server.money.gain;

import java.sql.Array;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;

/** Runs as PostgreSQL's double precision[]. Not where the handlers of all lists stand: it is only for those that name it. */
public class RunsTypeHandler extends BaseTypeHandler<List<Double>> {
    @Override
    public void setNonNullParameter(PreparedStatement ps, int i, List<Double> value, JdbcType type)
            throws SQLException {
        ps.setArray(i, ps.getConnection().createArrayOf("float8", value.toArray()));
    }

    @Override
    public List<Double> getNullableResult(ResultSet rs, String column) throws SQLException {
        return of(rs.getArray(column));
    }

    @Override
    public List<Double> getNullableResult(ResultSet rs, int column) throws SQLException {
        return of(rs.getArray(column));
    }

    @Override
    public List<Double> getNullableResult(CallableStatement cs, int column) throws SQLException {
        return of(cs.getArray(column));
    }

    private static List<Double> of(Array array) throws SQLException {
        return List.of((Double[]) array.getArray());
    }
}
