package app.impendium.server.people;

import java.time.Instant;

/**
 * A link by which somebody chooses their password, once.
 *
 * @param key 256 random bits in 43 characters, told this once and stored only as what it hashes to
 */
record PasswordLink(String key, Instant endsAt) {

    /** Never the key itself, which opens an account. */
    @Override
    public String toString() {
        return "a link until " + endsAt;
    }
}
