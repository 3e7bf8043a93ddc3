package ofisino.server.identity;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * From which role upward a member of the garage may use the operations of a controller. An operation that says nothing, neither here nor
 * by {@link AtLeast} or {@link WithoutSignIn}, is closed to everybody.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
public @interface Roles {
    /** For operations that only read (GET). */
    Role look() default Role.VIEWER;

    /** For all others. */
    Role change() default Role.HELPER;
}
