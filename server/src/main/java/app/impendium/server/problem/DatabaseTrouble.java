package app.impendium.server.problem;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;

/** Why the database could not do its part. In every kind nothing of the request was stored, and it can be repeated. */
public enum DatabaseTrouble {
    AWAY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database does not answer",
            "Nothing was stored. Try again in a moment.",
            5),
    BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database is busy",
            "Too many requests wait for the database. Nothing was stored. Try again in a moment.",
            2),
    FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "The database’s disk is full",
            "Nothing was stored, and nothing stored before is lost. Whoever runs Impendium must make room.",
            60);

    /** Classes of SQLSTATE: connection exceptions, and a server that is going down or coming up. */
    private static final String CONNECTION = "08";

    private static final String SERVER_DOWN = "57P0";
    private static final String TOO_MANY_CONNECTIONS = "53300";
    private static final String INSUFFICIENT_RESOURCES = "53";

    private final HttpStatus status;
    private final String title;
    private final String detail;
    private final int retryAfterSeconds;

    DatabaseTrouble(HttpStatus status, String title, String detail, int retryAfterSeconds) {
        this.status = status;
        this.title = title;
        this.detail = detail;
        this.retryAfterSeconds = retryAfterSeconds;
    }

    /** The trouble behind a failure; nothing where it is another. */
    public static Optional<DatabaseTrouble> behind(Throwable failure) {
        return causes(failure)
                .map(DatabaseTrouble::of)
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** The causes of a failure, the innermost first: it knows best. */
    private static Stream<Throwable> causes(Throwable failure) {
        return failure == null ? Stream.empty() : Stream.concat(causes(failure.getCause()), Stream.of(failure));
    }

    private static Optional<DatabaseTrouble> of(Throwable cause) {
        if (cause instanceof SQLTransientConnectionException) {
            // The pool waited in vain. Where connecting itself had failed, that stands inside and was found first.
            return Optional.of(BUSY);
        }
        if (cause instanceof SQLException sql) {
            // Without a state it is the pool that speaks, of a connection that broke in use.
            return sql.getSQLState() == null ? Optional.of(AWAY) : ofState(sql.getSQLState());
        }
        boolean noConnection = cause instanceof DataAccessResourceFailureException
                || cause instanceof CannotCreateTransactionException;
        return noConnection ? Optional.of(AWAY) : Optional.empty();
    }

    private static Optional<DatabaseTrouble> ofState(String state) {
        if (state.startsWith(CONNECTION) || state.startsWith(SERVER_DOWN)) {
            return Optional.of(AWAY);
        }
        if (state.equals(TOO_MANY_CONNECTIONS)) {
            return Optional.of(BUSY);
        }
        return state.startsWith(INSUFFICIENT_RESOURCES) ? Optional.of(FULL) : Optional.empty();
    }

    HttpStatus status() {
        return status;
    }

    String title() {
        return title;
    }

    String detail() {
        return detail;
    }

    int retryAfterSeconds() {
        return retryAfterSeconds;
    }
}
