package ruvant.server.doors;

import jakarta.servlet.DispatcherType;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import ruvant.server.access.NotAllowedException;
import ruvant.server.access.Signing;
import ruvant.server.network.Network;
import ruvant.server.people.Sessions;
import tools.jackson.databind.ObjectMapper;

/** The way in. */
@Configuration(proxyBeanMethods = false)
class Doors {
    /**
     * Everything comes from here. Styles may stand in elements, since libraries set them there; scripts may not. Pictures may be
     * shown before they are sent.
     */
    private static final String CONTENT = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; media-src 'self' blob:; object-src 'none'; base-uri 'none'; form-action 'self';"
            + " frame-ancestors 'self'";

    /** The shutter stand hears through the sound input, and a camera at the machine takes pictures; nothing else is wanted. */
    private static final String DEVICES =
            "microphone=(self), camera=(self), geolocation=(), payment=(), usb=(), serial=(), bluetooth=()";

    @Bean
    SecurityFilterChain way(
            HttpSecurity http,
            ObjectMapper json,
            Network network,
            Sessions sessions,
            @Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping routes,
            @Value("${ruvant.names:}") String names,
            @Value("${ruvant.slowest-body}") long slowest,
            @Value("${ruvant.slow-body-after}") Duration slowAfter,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems)
            throws Exception {
        Refusals refusals = new Refusals(json);
        return http.addFilterBefore(
                        new ForeignPages(new OwnNames(network::names, names), refusals),
                        SecurityContextHolderFilter.class)
                .addFilterBefore(new CrowdLimit(refusals), SecurityContextHolderFilter.class)
                .addFilterBefore(
                        new BodyLimits(problems, new BodyLimits.Pace(slowest, slowAfter)),
                        SecurityContextHolderFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(content -> content.policyDirectives(CONTENT))
                        .frameOptions(HeadersConfigurer.FrameOptionsConfig::sameOrigin)
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(devices -> devices.policy(DEVICES))
                        // a browser would carry it over to the loopback, where there is no encryption
                        .httpStrictTransportSecurity(HeadersConfigurer.HstsConfig::disable)
                        // what may be kept is said where it is sent
                        .cacheControl(HeadersConfigurer.CacheControlConfig::disable))
                // the origin of every change is looked at above, which needs no hidden fields
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(made -> made.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .securityContext(context -> context.securityContextRepository(new CookieSessions(sessions)))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable)
                .exceptionHandling(turnedAway -> turnedAway
                        .authenticationEntryPoint((request, response, nobody) -> refusals.write(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "notSignedIn",
                                "Nobody is signed in here.",
                                "Sign in and try again."))
                        .accessDeniedHandler((request, response, denied) -> {
                            NotAllowedException why =
                                    request.getMethod().equals("GET") ? Signing.notShown() : Signing.notAllowed();
                            refusals.write(response, HttpStatus.FORBIDDEN, why.code(), why.getMessage(), why.remedy());
                        }))
                .authorizeHttpRequests(requests -> requests
                        // what was let in goes on: streams, pages that are handed on, and errors
                        .dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.FORWARD, DispatcherType.ERROR)
                        .permitAll()
                        .anyRequest()
                        .access(new RouteRules(routes)))
                .build();
    }
}
