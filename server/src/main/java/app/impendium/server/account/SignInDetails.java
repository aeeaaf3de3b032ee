package app.impendium.server.account;

import jakarta.servlet.http.HttpServletRequest;

/**
 * What comes with email and password.
 *
 * @param code of an app, or a recovery code; null where none was typed
 */
record SignInDetails(String code) {
    static SignInDetails of(HttpServletRequest request) {
        return new SignInDetails(request.getParameter("code"));
    }
}
