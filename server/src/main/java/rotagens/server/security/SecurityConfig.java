package rotagens.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import rotagens.server.machines.MachineTokens;
import rotagens.server.people.People;

/** What the outside may reach: the interface’s files, and the API line by line of {@link AccessRules}; everything else is denied. */
@Configuration(proxyBeanMethods = false)
class SecurityConfig {

    /** Styles are written into the page by the component library; scripts come from this server only. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
                    + " object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain everything(
            HttpSecurity http, AccessDeniedResponses accessDeniedResponses, People people, MachineTokens machineTokens)
            throws Exception {
        return http.authorizeHttpRequests(requests -> {
                    for (AccessRules.Rule rule : AccessRules.LINES) {
                        var matched = requests.requestMatchers(rule.method(), rule.path());
                        if (rule.least() == null) {
                            matched.permitAll();
                        } else if (rule.scope() != null) {
                            matched.hasAnyAuthority(
                                    rule.least().name(), rule.scope().authority());
                        } else {
                            matched.hasAuthority(rule.least().name());
                        }
                    }
                    requests.requestMatchers("/api/**").denyAll();
                    requests.requestMatchers(HttpMethod.GET, "/**").permitAll();
                    requests.requestMatchers(HttpMethod.HEAD, "/**").permitAll();
                    requests.anyRequest().denyAll();
                })
                .addFilterAfter(new AccountRefreshFilter(people), SecurityContextHolderFilter.class)
                .addFilterAfter(new MachineTokenFilter(machineTokens, people), AccountRefreshFilter.class)
                .csrf(csrf -> csrf.spa().ignoringRequestMatchers(MachineTokenFilter::hasToken))
                .exceptionHandling(failures -> failures.authenticationEntryPoint(accessDeniedResponses)
                        .accessDeniedHandler(accessDeniedResponses))
                .requestCache(cache -> cache.disable())
                .formLogin(login -> login.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .frameOptions(frames -> frames.deny())
                        .cacheControl(cache -> cache.disable())
                        .addHeaderWriter(new DelegatingRequestMatcherHeaderWriter(
                                PathPatternRequestMatcher.withDefaults().matcher("/api/**"), SecurityConfig::notKept))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .build();
    }

    /** What the API says is nobody else's on a shared device; what may be kept says so itself. */
    private static void notKept(HttpServletRequest request, HttpServletResponse response) {
        if (!response.containsHeader(HttpHeaders.CACHE_CONTROL)) {
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
    }

    /** bcrypt: slow on purpose; the cost is a setting so that tests needn’t wait. */
    @Bean
    static PasswordEncoder passwords(@Value("${rotagens.sign-in.hash-cost:11}") int cost) {
        return new BCryptPasswordEncoder(cost);
    }
}
