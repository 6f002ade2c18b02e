package ruvant.server.access;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import ruvant.core.people.Right;

/** What somebody needs for a route. A route with neither this nor {@link Open}, at itself or at its class, is closed to everybody. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.TYPE, ElementType.METHOD})
public @interface Needs {
    /** All of these. */
    Right[] value();

    /** And one of these, where there are any. */
    Right[] oneOf() default {};

    /** The part of the address that names a job: who may see one job only may ask for that one. */
    String job() default "";

    /** Whether whoever may see one job only needs it as well: what belongs to no job, or has an address that nobody can guess. */
    boolean ofNoJob() default false;
}
