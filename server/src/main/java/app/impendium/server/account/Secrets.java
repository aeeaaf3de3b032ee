package app.impendium.server.account;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Optional;
import javax.crypto.spec.SecretKeySpec;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.AesGcmBytesEncryptor;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.stereotype.Component;

/**
 * Seals secrets for the database, so that whoever reads it, or a backup of it, cannot use them: with AES-256 in Galois/Counter Mode and
 * a key of the installation that lies beside the database and in no backup.
 */
@Component
class Secrets {
    private static final Logger LOG = LoggerFactory.getLogger(Secrets.class);
    private static final int KEY_BYTES = 32;
    private static final String SEALED = "sealed:";

    private final BytesEncryptor key;

    /** @param key 32 bytes in Base64 */
    Secrets(@Value("${impendium.secrets-key}") String key) {
        byte[] bytes = Base64.getDecoder().decode(key.strip());
        if (bytes.length != KEY_BYTES) {
            throw new IllegalArgumentException(
                    "IMPENDIUM_SECRETS_KEY has " + bytes.length + " bytes, and must have " + KEY_BYTES + ".");
        }
        this.key = AesGcmBytesEncryptor.withSecretKey(new SecretKeySpec(bytes, "AES"))
                .build();
    }

    /** A secret as it is stored. */
    String seal(String secret) {
        return SEALED + Base64.getEncoder().encodeToString(key.encrypt(secret.getBytes(StandardCharsets.UTF_8)));
    }

    /** A secret as it was before it was sealed; none where another key sealed it. */
    Optional<String> open(String stored) {
        try {
            byte[] sealed = Base64.getDecoder().decode(stored.substring(SEALED.length()));
            return Optional.of(new String(key.decrypt(sealed), StandardCharsets.UTF_8));
        } catch (IllegalStateException | IllegalArgumentException otherKey) {
            LOG.warn("A secret was sealed with another key than this installation's");
            return Optional.empty();
        }
    }
}
