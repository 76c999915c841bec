package rotagens.server.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;

/**
 * What the outside may reach: the interface, and its own API with a token that other sites can't read. People are picked from
 * a list until there is a sign-in, which is why the program binds to this machine only.
 */
@Configuration(proxyBeanMethods = false)
class SecurityConfig {

    /** Styles are written into the page by the component library; scripts come from this server only. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
                    + " object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain everything(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers("/api/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.HEAD, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(CsrfConfigurer::spa)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .formLogin(login -> login.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .frameOptions(frames -> frames.deny())
                        .cacheControl(cache -> cache.disable())
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.NO_REFERRER)))
                .build();
    }
}
