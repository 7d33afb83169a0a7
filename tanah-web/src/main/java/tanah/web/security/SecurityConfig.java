package tanah.web.security;

import org.springframework.boot.security.autoconfigure.web.servlet.PathRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Deny by default; everything is loaded from here; no inline script, no evaluated script. */
@Configuration
class SecurityConfig {
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; "
                    + "font-src 'self'; connect-src 'self'; form-action 'self'; worker-src 'self'; manifest-src 'self'; base-uri 'none'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain web(HttpSecurity http, SignInBrake brake) {
        http.authorizeHttpRequests(paths -> paths.requestMatchers(
                                PathRequest.toStaticResources().atCommonLocations())
                        .permitAll()
                        .requestMatchers(
                                "/vendor/**",
                                "/webjars/**",
                                "/sign-in",
                                "/register",
                                "/error",
                                "/schema/**",
                                "/r/sw.js",
                                "/r/manifest.webmanifest",
                                "/r/icon*")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("name")
                        .passwordParameter("password")
                        .defaultSuccessUrl("/")
                        .failureHandler(brake.failureHandler())
                        .successHandler(brake.successHandler()))
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .addFilterBefore(brake, UsernamePasswordAuthenticationFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(
                                p -> p.policy("camera=(), microphone=(), geolocation=(), payment=(), usb=()"))
                        .frameOptions(Customizer.withDefaults()));
        return http.build();
    }

    /** The database holds no NUL; a request with one is refused before anything reads it. */
    @Bean
    HttpFirewall firewall() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedParameterValues(value -> value.indexOf('\0') < 0);
        return firewall;
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}
