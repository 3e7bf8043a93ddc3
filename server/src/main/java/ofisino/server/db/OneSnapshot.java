package ofisino.server.db;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Everything that the method reads is as it stood at one instant, whatever others write meanwhile; it writes nothing itself. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
public @interface OneSnapshot {}
