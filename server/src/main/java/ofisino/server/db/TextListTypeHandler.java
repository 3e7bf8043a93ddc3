package ofisino.server.db;

import java.util.List;
import org.apache.ibatis.type.MappedTypes;

/** PostgreSQL's text[] as a list of texts. */
@MappedTypes(List.class)
public class TextListTypeHandler extends TextArrayTypeHandler<List<String>> {
    @Override
    Object[] texts(List<String> value) {
        return value.toArray();
    }

    @Override
    List<String> of(String[] texts) {
        return List.of(texts);
    }
}
