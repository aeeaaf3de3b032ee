package app.impendium.server.account;

import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;

/** Finds the advisor behind an email. It is no bean: whatever would sign people in by it alone would ask for no code. */
class AdvisorDirectory implements UserDetailsService {
    private static final int MOST_EMAIL_CHARACTERS = 254;

    private final AdvisorRepository advisors;

    AdvisorDirectory(AdvisorRepository advisors) {
        this.advisors = advisors;
    }

    @Override
    public UserDetails loadUserByUsername(String email) {
        // What no email can be is not worth asking the database, which refuses a zero character altogether.
        if (email.length() > MOST_EMAIL_CHARACTERS || email.chars().anyMatch(Character::isISOControl)) {
            throw new UsernameNotFoundException("not an email");
        }
        // Who left, or has chosen no password yet, is refused as somebody unknown is, and after the same time.
        return advisors.findByEmail(Advisor.inSmallLetters(email))
                .filter(Advisor::maySignIn)
                .map(Credentials::new)
                .orElseThrow(() -> new UsernameNotFoundException("unknown email"));
    }
}
