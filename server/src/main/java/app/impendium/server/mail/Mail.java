package app.impendium.server.mail;

/**
 * A mail to somebody of a practice.
 *
 * @param to the receiver's email
 * @param words as plain text, its lines separated by line feeds
 */
public record Mail(String to, String subject, String words) {}
