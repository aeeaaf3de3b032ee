package app.impendium.server.clientpage;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.text.Normalizer;
import java.util.Base64;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * What opens a client's page: 256 random bits, written in 43 characters that need no escaping in an address. It is told once
 * and never stored; what is stored leads back neither to it nor, without it, to the word that is asked for beside it.
 */
record LinkKey(String text) {
    private static final int BYTES = 32;
    private static final Pattern WRITTEN = Pattern.compile("[A-Za-z0-9_-]{43}");
    private static final SecureRandom RANDOM = new SecureRandom();

    /** One that nobody has yet. */
    static LinkKey random() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return new LinkKey(Base64.getUrlEncoder().withoutPadding().encodeToString(bytes));
    }

    /** The key that a text is; none where it cannot be one. */
    static Optional<LinkKey> of(String text) {
        return Optional.ofNullable(text)
                .filter(each -> WRITTEN.matcher(each).matches())
                .map(LinkKey::new);
    }

    /** What it is stored as. */
    byte[] hash() {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a word to type is stored as, however it is written in capitals and spaces. */
    byte[] hashOfWord(String word) {
        String plain = Normalizer.normalize(word, Normalizer.Form.NFKC).strip().toLowerCase(Locale.ROOT);
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(bytes(), "HmacSHA256"));
            return mac.doFinal(plain.getBytes(StandardCharsets.UTF_8));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Never the key itself, which opens the page. */
    @Override
    public String toString() {
        return "a link's key";
    }

    private byte[] bytes() {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
