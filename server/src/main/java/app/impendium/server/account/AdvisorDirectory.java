package app.impendium.server.account;

import java.util.Locale;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Service;

/** Finds the advisor behind an email. */
@Service
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
        return advisors.findByEmail(email.strip().toLowerCase(Locale.ROOT))
                .map(Credentials::new)
                .orElseThrow(() -> new UsernameNotFoundException("unknown email"));
    }
}
