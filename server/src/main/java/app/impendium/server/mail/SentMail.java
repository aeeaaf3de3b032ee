package app.impendium.server.mail;

import java.time.Instant;

/** A mail that the simulated mail box holds: nobody has received it. */
public record SentMail(String to, String subject, String words, Instant sentAt) {}
