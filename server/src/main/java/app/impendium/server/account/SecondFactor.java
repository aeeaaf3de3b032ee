package app.impendium.server.account;

import app.impendium.server.problem.RefusedException;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * A code beside the password, which changes every thirty seconds (RFC 6238) and is told by an app on the person's telephone. Each code
 * is good for once; codes of a minute around now count, for clocks differ. Recovery codes stand in for an app that is lost.
 */
@Component
public class SecondFactor {
    private static final int SECRET_BYTES = 20;
    private static final int RECOVERY_CODES = 8;
    private static final int RECOVERY_BYTES = 10;
    private static final int STEPS_AROUND = 1;
    private static final Pattern CODE = Pattern.compile("\\d{6}");
    private static final SecureRandom RANDOM = new SecureRandom();

    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
    private final AdvisorRepository advisors;
    private final JdbcClient database;
    private final Secrets secrets;
    private final Clock clock;

    SecondFactor(AdvisorRepository advisors, JdbcClient database, Secrets secrets, Clock clock) {
        this.advisors = advisors;
        this.database = database;
        this.secrets = secrets;
        this.clock = clock;
    }

    /** Proposes a secret to be put into an app, in Base32. The one in use, if any, goes on until a code of this one is shown. */
    @Transactional
    String propose(UUID advisorId) {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        String written = new Base32().encodeToString(secret);
        advisor(advisorId).proposeSecret(secrets.seal(written));
        return written;
    }

    /**
     * Takes the proposed secret into use.
     *
     * @param code that the app tells
     * @return new recovery codes, told this once
     * @throws RefusedException if nothing was proposed, or the code is another's
     */
    @Transactional(noRollbackFor = RefusedException.class)
    List<String> confirm(UUID advisorId, String code) {
        Advisor advisor = advisor(advisorId);
        long step = advisor.codeProposed()
                .flatMap(secrets::open)
                .map(secret -> stepOf(secret, code))
                .filter(OptionalLong::isPresent)
                .orElseThrow(() -> RefusedException.atField(
                        "/code",
                        String.valueOf(code),
                        "the six digits that the app shows now",
                        "This is not the code that the app shows now. Check that the telephone’s clock is right."))
                .getAsLong();
        advisor.takeProposedSecret(step);
        return newRecoveryCodes(advisorId);
    }

    /** Lets the password be enough again. */
    @Transactional
    public void remove(UUID advisorId) {
        advisor(advisorId).dropSecret();
        deleteRecoveryCodes(advisorId);
    }

    /** How many recovery codes are left. */
    int recoveryCodesLeft(UUID advisorId) {
        return database.sql("select count(*) from recovery_code where advisor_id = ?")
                .param(advisorId)
                .query(Integer.class)
                .single();
    }

    /**
     * Uses up a code at sign-in.
     *
     * @param code as it was typed; null for none
     * @throws CodeException if it is missing, wrong, or was used before
     */
    @Transactional(noRollbackFor = CodeException.class)
    void check(UUID advisorId, String code) {
        if (code == null || code.isBlank()) {
            throw new CodeException("Type the code that your app shows, or one of your recovery codes.");
        }
        // Locked, so that a code sent twice at once counts once.
        database.sql("select 1 from advisor where id = ? for update")
                .param(advisorId)
                .query(Integer.class)
                .single();
        Advisor advisor = advisor(advisorId);
        OptionalLong step = advisor.codeSecret()
                .flatMap(secrets::open)
                .map(secret -> stepOf(secret, code))
                .orElse(OptionalLong.empty());
        if (step.isPresent() && !advisor.hasUsed(step.getAsLong())) {
            advisor.use(step.getAsLong());
        } else if (step.isPresent() || !useRecoveryCode(advisorId, code)) {
            throw new CodeException(
                    step.isPresent()
                            ? "This code was used already. Wait for the next one."
                            : "This is not the code that your app shows now, nor a recovery code that is left.");
        }
    }

    private OptionalLong stepOf(String secret, String typed) {
        String code = typed == null ? "" : typed.replace(" ", "");
        if (!CODE.matcher(code).matches()) {
            return OptionalLong.empty();
        }
        SecretKeySpec key = new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm());
        long seconds = codes.getTimeStep().toSeconds();
        long now = clock.instant().getEpochSecond() / seconds;
        for (long step = now - STEPS_AROUND; step <= now + STEPS_AROUND; step++) {
            if (isEqual(codeAt(key, Instant.ofEpochSecond(step * seconds)), code)) {
                return OptionalLong.of(step);
            }
        }
        return OptionalLong.empty();
    }

    private String codeAt(SecretKeySpec key, Instant moment) {
        try {
            return codes.generateOneTimePasswordString(key, moment);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean isEqual(String one, String other) {
        return MessageDigest.isEqual(
                one.getBytes(StandardCharsets.US_ASCII), other.getBytes(StandardCharsets.US_ASCII));
    }

    private List<String> newRecoveryCodes(UUID advisorId) {
        deleteRecoveryCodes(advisorId);
        List<String> made = new ArrayList<>();
        for (int i = 0; i < RECOVERY_CODES; i++) {
            byte[] bytes = new byte[RECOVERY_BYTES];
            RANDOM.nextBytes(bytes);
            String code = new Base32().encodeToString(bytes);
            database.sql("insert into recovery_code (advisor_id, hash) values (?, ?)")
                    .params(advisorId, DigestUtils.sha256(code))
                    .update();
            made.add(String.join("-", code.split("(?<=\\G.{4})")));
        }
        return made;
    }

    private void deleteRecoveryCodes(UUID advisorId) {
        database.sql("delete from recovery_code where advisor_id = ?")
                .param(advisorId)
                .update();
    }

    private boolean useRecoveryCode(UUID advisorId, String typed) {
        return database.sql("delete from recovery_code where advisor_id = ? and hash = ?")
                        .params(advisorId, DigestUtils.sha256(TypedCode.plain(typed)))
                        .update()
                == 1;
    }

    private Advisor advisor(UUID id) {
        return advisors.findById(id).orElseThrow();
    }
}
