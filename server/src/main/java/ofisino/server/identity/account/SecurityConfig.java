package ofisino.server.identity.account;

import ofisino.server.web.Answers;
import ofisino.server.web.Refused;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Who somebody is, and what a browser may do with our pages. Who may use which operation is not said here by paths but at the operation
 * ({@link ofisino.server.identity.Roles}), where no spelling of a path leads round it.
 */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' blob: data:; font-src 'self'; "
                    + "connect-src 'self'; object-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SecurityContextRepository contexts, Answers answers) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(forgeryTokens()))
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .exceptionHandling(handling ->
                        handling.accessDeniedHandler((request, response, refused) -> answers.problem(
                                response,
                                new Refused(
                                        HttpStatus.FORBIDDEN,
                                        "request.forged",
                                        "This page was open for too long. Reload it and do it again."))))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
                .build();
    }

    /** The token that the page sends back in a header; other pages cannot read it, nor is it sent along with what they ask. */
    private static CookieCsrfTokenRepository forgeryTokens() {
        var tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
        return tokens;
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}
