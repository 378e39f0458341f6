package org.crispwhorl.server.security;

import static org.crispwhorl.server.security.Entry.ENTER;
import static org.crispwhorl.server.security.Entry.FIRST;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.web.filter.OncePerRequestFilter;

/** The locks of the doors on the home network. No part of the application by itself: they are made where they are needed alone. */
@EnableWebSecurity
class Locks {
    private static final String HEALTH = "/actuator/health";

    /** The one way of entering. That it is a part of the application by itself keeps any other from being set up beside it. */
    @Bean
    AuthenticationManager passphraseOnly(Passphrase passphrase, Throttle tries) {
        return new ProviderManager(provider(passphrase, tries));
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, AuthenticationManager passphraseOnly, Throttle tries, Devices devices)
            throws Exception {
        return http.authorizeHttpRequests(asks -> asks.dispatcherTypeMatchers(DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(HEALTH, ENTER, FIRST)
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .authenticationManager(passphraseOnly)
                .formLogin(form -> form.loginPage(ENTER)
                        .loginProcessingUrl(ENTER)
                        .successHandler((request, response, who) -> {
                            devices.enter(request);
                            response.sendRedirect("/shelf");
                        })
                        .failureHandler((request, response, e) -> response.sendRedirect(ENTER + "?missed")))
                .logout(out -> out.logoutUrl("/leave")
                        .addLogoutHandler((request, response, who) ->
                                devices.asking(request).ifPresent(devices::signOut))
                        .logoutSuccessUrl(ENTER))
                .addFilterBefore(slowed(tries), UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(signedOut(devices), UsernamePasswordAuthenticationFilter.class)
                .exceptionHandling(faults -> faults.authenticationEntryPoint((request, response, e) -> {
                    if (request.getServletPath().startsWith("/api/")) {
                        refused(response);
                    } else {
                        response.sendRedirect(ENTER);
                    }
                }))
                .csrf(token -> token.spa())
                // Those of every answer are set where own names are looked at.
                .headers(AbstractHttpConfigurer::disable)
                .build();
    }

    /** A session whose device was signed out, or not here for a week, is over. */
    private static OncePerRequestFilter signedOut(Devices devices) {
        return new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                Authentication who = SecurityContextHolder.getContext().getAuthentication();
                if (who != null && who.isAuthenticated() && !devices.isIn(request)) {
                    SecurityContextHolder.clearContext();
                    HttpSession session = request.getSession(false);
                    if (session != null) {
                        session.invalidate();
                    }
                }
                chain.doFilter(request, response);
            }
        };
    }

    private static void refused(HttpServletResponse response) throws IOException {
        response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("utf-8");
        response.getWriter()
                .write("{\"type\":\"urn:crisp-whorl:passphrase\",\"title\":\"Say the passphrase first\",\"status\":401,"
                        + "\"detail\":\"What is not kept yet waits in this browser.\",\"faults\":[]}");
    }

    private static AuthenticationProvider provider(Passphrase passphrase, Throttle tries) {
        return new AuthenticationProvider() {
            @Override
            public Authentication authenticate(Authentication said) throws AuthenticationException {
                String address =
                        said.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : "";
                if (!passphrase.is(String.valueOf(said.getCredentials()))) {
                    throw new BadCredentialsException("missed");
                }
                tries.right(address);
                return UsernamePasswordAuthenticationToken.authenticated("studio", null, List.of());
            }

            @Override
            public boolean supports(Class<?> type) {
                return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
            }
        };
    }

    /** Tries that come too fast are not even looked at: a slow hash is no use to whoever wants the machine busy. */
    private static OncePerRequestFilter slowed(Throttle tries) {
        return new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                boolean tried = "POST".equals(request.getMethod()) && ENTER.equals(request.getServletPath());
                Duration wait = tried ? tries.heard(request.getRemoteAddr()) : Duration.ZERO;
                if (wait.isZero()) {
                    chain.doFilter(request, response);
                } else {
                    response.setStatus(429);
                    response.setHeader("Retry-After", String.valueOf(wait.toSeconds() + 1));
                    EnterPage.wait(wait).writeTo(response);
                }
            }
        };
    }
}
