package app.impendium.server.account;

/**
 * Told when somebody signed in or was refused.
 *
 * @param email as it was sent
 * @param address where it came from
 */
public record SignInTried(String email, String address, boolean succeeded) {}
