package app.impendium.server.document;

/**
 * A hand-out that a practice begins with.
 *
 * @param name what it is called, from 1 to 60 characters
 * @param says what it says
 */
public record HandoutTemplateDocument(String name, HandoutDocument says) {}
