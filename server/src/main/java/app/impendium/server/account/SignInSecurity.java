package app.impendium.server.account;

import app.impendium.server.problem.Problems;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.logout.HttpStatusReturningLogoutSuccessHandler;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.session.web.http.CookieSerializer;

/** Sign-in by session cookie: POST to /api/session signs in, DELETE signs out; the session's id changes at sign-in. */
@Configuration
@EnableMethodSecurity
class SignInSecurity {
    private static final String SESSION = "/api/session";
    /** Opened by the key of a link, which comes with each request: nothing rides on a cookie there. */
    private static final String CLIENT_PAGE = "/api/client-page/**";
    /** Opened by the key of a link, or by a code, which whoever comes has been given. */
    private static final String[] BEFORE_SIGN_IN = {"/api/password-links/**", "/api/setup"};

    private static final String CONTENT_POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    private static final String NO_DEVICES = "camera=(), geolocation=(), microphone=(), payment=(), usb=()";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SecurityFilterChain security(
            HttpSecurity http,
            Problems problems,
            CookieSerializer cookies,
            SignedInSession signedIn,
            SignInAttempts attempts,
            ApplicationEventPublisher events,
            MetricsToken metricsToken)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests
                        // The end of an answer that was allowed at its beginning.
                        .dispatcherTypeMatchers(DispatcherType.ASYNC)
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, SESSION)
                        .permitAll()
                        .requestMatchers(CLIENT_PAGE)
                        .permitAll()
                        .requestMatchers(BEFORE_SIGN_IN)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/prometheus")
                        .access(metricsToken)
                        .anyRequest()
                        .permitAll())
                .formLogin(form -> form.loginProcessingUrl(SESSION)
                        .usernameParameter("email")
                        .passwordParameter("password")
                        .authenticationDetailsSource(SignInDetails::of)
                        .successHandler((request, response, who) -> {
                            attempts.succeeded(who.getName(), request.getRemoteAddr());
                            events.publishEvent(new SignInTried(who.getName(), request.getRemoteAddr(), true));
                            response.setStatus(HttpStatus.NO_CONTENT.value());
                        })
                        .failureHandler((request, response, why) -> {
                            if (why instanceof AuthenticationServiceException unableToTell) {
                                throw unableToTell;
                            }
                            boolean asksForCode = why instanceof CodeException;
                            events.publishEvent(new SignInTried(
                                    String.valueOf(request.getParameter("email")), request.getRemoteAddr(), false));
                            problems.write(
                                    request,
                                    response,
                                    asksForCode ? HttpStatus.FORBIDDEN : HttpStatus.UNAUTHORIZED,
                                    asksForCode ? "A code is needed" : "Not signed in",
                                    asksForCode ? why.getMessage() : "This email and password do not go together.");
                        }))
                .logout(logout -> logout.logoutRequestMatcher(
                                PathPatternRequestMatcher.pathPattern(HttpMethod.DELETE, SESSION))
                        .logoutSuccessHandler(new HttpStatusReturningLogoutSuccessHandler(HttpStatus.NO_CONTENT)))
                .exceptionHandling(refused -> refused.authenticationEntryPoint((request, response, why) -> {
                            clearCookieOfNoSession(request, response, cookies);
                            problems.write(
                                    request, response, HttpStatus.UNAUTHORIZED, "Not signed in", "Sign in to go on.");
                        })
                        .accessDeniedHandler((request, response, why) -> problems.write(
                                request,
                                response,
                                HttpStatus.FORBIDDEN,
                                "Not allowed",
                                "The request did not carry this session's token. Load the page again.")))
                .securityContext(context -> context.securityContextRepository(signedIn))
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens()).ignoringRequestMatchers(CLIENT_PAGE))
                .addFilterBefore(
                        new SignInGate(
                                PathPatternRequestMatcher.pathPattern(HttpMethod.POST, SESSION), attempts, problems),
                        UsernamePasswordAuthenticationFilter.class)
                .requestCache(RequestCacheConfigurer::disable)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(permissions -> permissions.policy(NO_DEVICES))
                        .crossOriginOpenerPolicy(opener -> opener.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(resource -> resource.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                        .addHeaderWriter(new StaticHeadersWriter("X-Permitted-Cross-Domain-Policies", "none")))
                .build();
    }

    /** The token that the browser has to send back, in a cookie that no other site's request carries. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
        return tokens;
    }

    /** A browser that still shows the key of a session that is none any more is told to forget it. */
    private static void clearCookieOfNoSession(
            HttpServletRequest request, HttpServletResponse response, CookieSerializer cookies) {
        if (request.getRequestedSessionId() != null && !request.isRequestedSessionIdValid()) {
            cookies.writeCookieValue(new CookieSerializer.CookieValue(request, response, ""));
        }
    }
}
