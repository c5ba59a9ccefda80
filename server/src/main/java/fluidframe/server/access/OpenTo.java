package fluidframe.server.access;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Who may use the routes of a controller, or one of them. Every route must say so; what says nothing is refused to everybody but
 * the coach.
 */
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface OpenTo {
    /** From whom on it may be read. */
    Visitor reading() default Visitor.COACH;

    /** From whom on it may be asked for in any other way. */
    Visitor changing() default Visitor.COACH;

    /**
     * What a device must have a right to: the kind of the thing whose id is in the path, or the name of the part of the path that
     * says the kind, in braces; blank where it is nobody's in particular.
     */
    String of() default "";
}
