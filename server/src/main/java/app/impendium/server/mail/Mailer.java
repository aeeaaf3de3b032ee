package app.impendium.server.mail;

import java.util.UUID;

/** Sends mail for a practice. */
public interface Mailer {
    void send(UUID practiceId, Mail mail);
}
