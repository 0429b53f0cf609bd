package hingeyard.app.person;

import jakarta.servlet.DispatcherType;
import java.util.List;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.AbstractFilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/** The pages are open, everything under {@code /api} wants a session; what a session may do there is asked by the {@link Doorkeeper}. */
@Configuration
class SecurityRules {

    /**
     * Everything a page uses comes from here, and nothing of it runs from within a page's text. Styles alone may stand in it: papers and
     * dialogs bring theirs.
     */
    private static final String CONTENT = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
            + "object-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";
    private static final String SESSION_FILTER = "sessionRepositoryFilterRegistration";
    /** A picture is taken by the device's own camera, not by the page. */
    private static final String DEVICES = "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), bluetooth=()";

    /** Nobody reads timings of the filters, and they cost more than the filters. */
    @Bean
    SecurityObservationSettings unobserved() {
        return SecurityObservationSettings.noObservations();
    }

    @Bean
    @Order(1)
    SecurityFilterChain closedData(HttpSecurity http, SecurityContextRepository contexts, CsrfTokenRepository tokens) throws Exception {
        return http
                .securityMatcher("/api/**")
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .securityContext(c -> c.securityContextRepository(contexts))
                .requestCache(c -> c.disable())
                .formLogin(f -> f.disable()).httpBasic(b -> b.disable()).logout(l -> l.disable())
                .authorizeHttpRequests(r -> r
                        .dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD).permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/session", "/api/session/code", "/api/session/pin", "/api/tablets/pair",
                                "/api/opening")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/session", "/api/session/pins", "/api/opening", "/api/openapi").permitAll()
                        .anyRequest().authenticated())
                .headers(SecurityRules::headers)
                .exceptionHandling(e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .build();
    }

    /** Pages and their files know nobody: they are there when the database is not. */
    @Bean
    @Order(2)
    SecurityFilterChain openPages(HttpSecurity http) throws Exception {
        return http
                .csrf(c -> c.disable())
                .securityContext(c -> c.disable())
                .sessionManagement(s -> s.disable())
                .requestCache(c -> c.disable())
                .formLogin(f -> f.disable()).httpBasic(b -> b.disable()).logout(l -> l.disable())
                .authorizeHttpRequests(r -> r.anyRequest().permitAll())
                .headers(SecurityRules::headers)
                .build();
    }

    /** Nor do they look for a session, which would be asked of the database. */
    @Bean
    static BeanPostProcessor sessionsForDataAlone() {
        return new BeanPostProcessor() {

            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                if (bean instanceof AbstractFilterRegistrationBean<?> registration && name.equals(SESSION_FILTER)) {
                    registration.setUrlPatterns(List.of("/api/*"));
                }
                return bean;
            }
        };
    }

    private static void headers(HeadersConfigurer<HttpSecurity> headers) {
        headers.contentSecurityPolicy(c -> c.policyDirectives(CONTENT))
                .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                .permissionsPolicyHeader(p -> p.policy(DEVICES))
                .crossOriginOpenerPolicy(c -> c.policy(CrossOriginOpenerPolicy.SAME_ORIGIN));
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    CsrfTokenRepository tokens() {
        return new SessionTokens();
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    AuthenticationManager authentication(Staff staff, PasswordEncoder passwords) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(staff);
        provider.setPasswordEncoder(passwords);
        return new ProviderManager(provider);
    }
}
