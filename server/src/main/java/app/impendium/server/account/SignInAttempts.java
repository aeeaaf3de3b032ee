package app.impendium.server.account;

import app.impendium.server.problem.CountedAddress;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Counts attempts to sign in, so that passwords cannot be tried one after the other. An account is closed to the address that tries
 * it; only where very many addresses try it is it closed to all but those that it has signed in from, so that nobody can keep its
 * owner out.
 */
@Component
class SignInAttempts {
    /** How long an attempt counts. */
    static final Duration COUNTED_FOR = Duration.ofMinutes(15);

    private static final int MOST_OF_ACCOUNT_FROM_ADDRESS = 10;
    private static final int MOST_FROM_ADDRESS = 60;
    private static final int MOST_OF_ACCOUNT = 100;
    private static final Duration ADDRESS_KNOWN_FOR = Duration.ofDays(90);
    private static final int MOST_CODES_OF_ACCOUNT = 10;
    private static final String ANY = "";
    /** Stands where an address would. */
    private static final String CODE = "code";

    private final JdbcClient database;
    private final Clock clock;

    SignInAttempts(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * Counts an attempt before its password is looked at, so that those sent at once count too.
     *
     * @param email as it was sent; null for none
     * @param from the address that it was sent from
     * @return whether it is to be refused
     */
    @Transactional
    public boolean isOneTooMany(String email, String from) {
        String account = account(email);
        String address = CountedAddress.of(from);
        int ofBoth = count(account, address);
        int fromAddress = count(ANY, address);
        int ofAccount = count(account, ANY);
        return ofBoth > MOST_OF_ACCOUNT_FROM_ADDRESS
                || fromAddress > MOST_FROM_ADDRESS
                || ofAccount > MOST_OF_ACCOUNT && !isKnown(account, address);
    }

    /** Takes back what was counted of an attempt that succeeded, and notes where it came from. */
    @Transactional
    public void succeeded(String email, String from) {
        String account = account(email);
        String address = CountedAddress.of(from);
        Instant now = clock.instant();
        database.sql("delete from sign_in_attempt where account = ? and address = ?")
                .params(account, address)
                .update();
        takeBack(ANY, address);
        takeBack(account, ANY);
        database.sql("insert into sign_in_address (account, address, last_at) values (?, ?, ?)"
                        + " on conflict (account, address) do update set last_at = excluded.last_at")
                .params(account, address, Timestamp.from(now))
                .update();
        database.sql("delete from sign_in_address where last_at < ?")
                .param(Timestamp.from(now.minus(ADDRESS_KNOWN_FOR)))
                .update();
        // Those that someone else is counting with are left for another time: two would wait for each other.
        database.sql("delete from sign_in_attempt where (account, address) in"
                        + " (select account, address from sign_in_attempt where since < ? for update skip locked)")
                .param(Timestamp.from(now.minus(COUNTED_FOR)))
                .update();
    }

    /**
     * Counts an attempt at the code beside a password that was right, wherever it is made: whoever has the password, and many addresses,
     * could try them all.
     *
     * @return whether it is to be refused
     */
    @Transactional
    public boolean isOneCodeTooMany(String email) {
        return count(account(email), CODE) > MOST_CODES_OF_ACCOUNT;
    }

    /** Takes back what was counted of codes before one that was right. */
    @Transactional
    public void codeSucceeded(String email) {
        database.sql("delete from sign_in_attempt where account = ? and address = ?")
                .params(account(email), CODE)
                .update();
    }

    private void takeBack(String account, String address) {
        database.sql(
                        "update sign_in_attempt set attempts = greatest(0, attempts - 1) where account = ? and address = ?")
                .params(account, address)
                .update();
    }

    private int count(String account, String address) {
        Timestamp now = Timestamp.from(clock.instant());
        Timestamp forgotten = Timestamp.from(clock.instant().minus(COUNTED_FOR));
        return database.sql("""
                        insert into sign_in_attempt as kept (account, address, attempts, since)
                        values (:account, :address, 1, :now)
                        on conflict (account, address) do update set
                            attempts = case when kept.since < :forgotten then 1 else kept.attempts + 1 end,
                            since = case when kept.since < :forgotten then excluded.since else kept.since end
                        returning attempts""")
                .param("account", account)
                .param("address", address)
                .param("now", now)
                .param("forgotten", forgotten)
                .query(Integer.class)
                .single();
    }

    private boolean isKnown(String account, String address) {
        return database.sql("select count(*) from sign_in_address where account = ? and address = ? and last_at > ?")
                        .params(account, address, Timestamp.from(clock.instant().minus(ADDRESS_KNOWN_FOR)))
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** What is kept of an email, whatever was typed. */
    private static String account(String email) {
        String plain = email == null ? "" : email.strip().toLowerCase(Locale.ROOT);
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(plain.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
