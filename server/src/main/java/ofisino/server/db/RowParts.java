package ofisino.server.db;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.stream.Stream;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.ResultMap;
import org.apache.ibatis.session.SqlSessionFactory;
import org.apache.ibatis.type.TypeHandlerRegistry;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/**
 * What a person says of a thing is one record: in the request, in the row, in the answer. In a row it stands last, and its components are
 * columns like all others.
 */
@Component
record RowParts(SqlSessionFactory sessions) implements SmartInitializingSingleton {
    @Override
    public void afterSingletonsInstantiated() {
        TypeHandlerRegistry handlers = sessions.getConfiguration().getTypeHandlerRegistry();
        Collection<?> statements = sessions.getConfiguration().getMappedStatements();
        statements.stream()
                .flatMap(s -> s instanceof MappedStatement one ? one.getResultMaps().stream() : Stream.of())
                .map(ResultMap::getType)
                .filter(Class::isRecord)
                .flatMap(row -> Arrays.stream(row.getRecordComponents()))
                .map(RecordComponent::getType)
                .filter(part -> part.isRecord() && !handlers.hasTypeHandler(part))
                .forEach(part -> register(handlers, part.asSubclass(Record.class)));
    }

    private static <R extends Record> void register(TypeHandlerRegistry handlers, Class<R> part) {
        handlers.register(part, new RowPartTypeHandler<>(part, handlers) {});
    }
}
