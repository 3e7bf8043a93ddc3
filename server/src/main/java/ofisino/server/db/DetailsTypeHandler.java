package ofisino.server.db;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import ofisino.core.plan.job.Detail;
import org.apache.ibatis.type.MappedTypes;

/** The details of a job, as text[] of their names. */
@MappedTypes(Set.class)
public class DetailsTypeHandler extends TextArrayTypeHandler<Set<Detail>> {
    @Override
    Object[] texts(Set<Detail> value) {
        return value.stream().map(Enum::name).sorted().toArray();
    }

    @Override
    Set<Detail> of(String[] texts) {
        Set<Detail> details = EnumSet.noneOf(Detail.class);
        Arrays.stream(texts).map(Detail::valueOf).forEach(details::add);
        return details;
    }
}
