package tanah.web.security;

import jakarta.servlet.DispatcherType;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.boot.security.autoconfigure.web.servlet.PathRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;

/** Deny by default; everything is loaded from here; no inline script, no evaluated script. */
@Configuration
class SecurityConfig {
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; "
                    + "font-src 'self'; connect-src 'self'; form-action 'self'; worker-src 'self'; manifest-src 'self'; base-uri 'none'; frame-ancestors 'none'";

    private static final Duration TOKEN_AGE = Duration.ofDays(400);

    @Bean
    SecurityFilterChain web(HttpSecurity http, SignInFilter door, RequestCache asked) {
        // what the application forwards by itself was let in before, or is the page of a fault
        http.authorizeHttpRequests(paths -> paths.dispatcherTypeMatchers(DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers(PathRequest.toStaticResources().atCommonLocations())
                        .permitAll()
                        .requestMatchers(
                                "/vendor/**",
                                "/webjars/**",
                                "/sign-in",
                                SignInFilter.AGAIN,
                                "/register",
                                "/reset/*",
                                "/error",
                                "/health/**",
                                "/schema/**",
                                "/r/sw.js",
                                "/r/manifest.webmanifest",
                                "/r/icon*")
                        .permitAll()
                        // on its own port, which listens on loopback
                        .requestMatchers(EndpointRequest.to("prometheus"))
                        .permitAll()
                        .requestMatchers("/second")
                        .hasAnyRole("HALF", "KEEPER")
                        .anyRequest()
                        .hasRole("KEEPER"))
                .exceptionHandling(faults -> faults.accessDeniedHandler(new HalfWay()))
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("name")
                        .passwordParameter("password")
                        .defaultSuccessUrl("/")
                        .failureHandler(door.failureHandler())
                        .successHandler(door.successHandler()))
                // nobody who is not in leaves a session behind: what the door needs is in cookies
                .requestCache(cache -> cache.requestCache(asked))
                .csrf(csrf -> csrf.csrfTokenRepository(tokens()))
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .addFilterBefore(door, UsernamePasswordAuthenticationFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(
                                p -> p.policy("camera=(), microphone=(), geolocation=(), payment=(), usb=()"))
                        .frameOptions(Customizer.withDefaults()));
        return http.build();
    }

    /** The page that a stranger asked for, to go on to when he is in. */
    @Bean
    RequestCache asked() {
        return new CookieRequestCache();
    }

    /** As long as a session lives, so that a page that was open all the while can still save. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName("tanah-token");
        tokens.setHeaderName("X-CSRF-TOKEN");
        tokens.setCookieCustomizer(
                cookie -> cookie.sameSite("Lax").httpOnly(true).maxAge(TOKEN_AGE));
        return tokens;
    }

    /** Two requests of one session may begin the same attribute at once: the later one holds, and neither fails. */
    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> sessions() {
        return new PostgreSqlJdbcIndexedSessionRepositoryCustomizer();
    }

    /** The database holds no NUL; a request with one is refused before anything reads it. */
    @Bean
    HttpFirewall firewall(@Value("${tanah.hosts:}") String hosts) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(HostNames.of(hosts));
        firewall.setAllowedParameterValues(value -> value.indexOf('\0') < 0);
        return firewall;
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}
