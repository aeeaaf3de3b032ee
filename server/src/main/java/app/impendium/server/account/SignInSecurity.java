package app.impendium.server.account;

import app.impendium.server.problem.Problems;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.logout.HttpStatusReturningLogoutSuccessHandler;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** Sign-in by session cookie: POST to /api/session signs in, DELETE signs out; the session's id changes at sign-in. */
@Configuration
class SignInSecurity {
    private static final String SESSION = "/api/session";
    private static final String CONTENT_POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SecurityFilterChain security(HttpSecurity http, Problems problems) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(HttpMethod.POST, SESSION)
                        .permitAll()
                        .requestMatchers("/api/openapi")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .formLogin(form -> form.loginProcessingUrl(SESSION)
                        .usernameParameter("email")
                        .passwordParameter("password")
                        .successHandler((request, response, who) -> response.setStatus(HttpStatus.NO_CONTENT.value()))
                        .failureHandler((request, response, why) -> problems.write(
                                request,
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "Not signed in",
                                "This email and password do not go together.")))
                .logout(logout -> logout.logoutRequestMatcher(
                                PathPatternRequestMatcher.pathPattern(HttpMethod.DELETE, SESSION))
                        .logoutSuccessHandler(new HttpStatusReturningLogoutSuccessHandler(HttpStatus.NO_CONTENT)))
                .exceptionHandling(
                        refused -> refused.authenticationEntryPoint((request, response, why) -> problems.write(
                                        request,
                                        response,
                                        HttpStatus.UNAUTHORIZED,
                                        "Not signed in",
                                        "Sign in to go on."))
                                .accessDeniedHandler((request, response, why) -> problems.write(
                                        request,
                                        response,
                                        HttpStatus.FORBIDDEN,
                                        "Not allowed",
                                        "The request did not carry this session's token. Load the page again.")))
                .csrf(csrf -> csrf.spa())
                .requestCache(RequestCacheConfigurer::disable)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
                .build();
    }
}
