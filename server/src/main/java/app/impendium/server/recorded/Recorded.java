package app.impendium.server.recorded;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Has the log tell of each request that succeeded: who it was, what they did and to what. What that is, the path says as
 * {@code id}, else the address of what was created, else {@link #CASE_HEADER}.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Recorded {
    /** The header that says which case is open where a request sends the case itself. */
    String CASE_HEADER = "Impendium-Case";

    Action value();

    Kind of();
}
