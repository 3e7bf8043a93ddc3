package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import ofisino.server.web.Problems;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import tools.jackson.databind.ObjectMapper;

/** Nothing without sign-in but the pages themselves and the way to sign in. */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' blob: data:; font-src 'self'; "
                    + "connect-src 'self'; object-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SecurityContextRepository contexts, ObjectMapper json)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/session",
                                "/api/sign-in",
                                "/api/sign-out",
                                "/api/first-account",
                                "/api/pairing/redemption",
                                "/api/review/**",
                                "/api/bodies/*")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa())
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .exceptionHandling(handling -> handling.authenticationEntryPoint(
                                (request, response, refused) -> answer(
                                        json,
                                        response,
                                        HttpStatus.UNAUTHORIZED,
                                        "sign-in.needed",
                                        "You are not signed in, or no longer. Sign in and do it again; what you typed is kept."))
                        .accessDeniedHandler((request, response, refused) -> answer(
                                json,
                                response,
                                HttpStatus.FORBIDDEN,
                                "request.forged",
                                "This page was open for too long. Reload it and do it again.")))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
                .build();
    }

    private static void answer(
            ObjectMapper json, HttpServletResponse response, HttpStatus status, String code, String sentence)
            throws java.io.IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), Problems.of(status, code, sentence, Map.of()));
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
