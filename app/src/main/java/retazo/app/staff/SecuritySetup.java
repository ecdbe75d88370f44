package retazo.app.staff;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authorization.AuthorityAuthorizationManager;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.authorization.AuthorizationManagers;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import org.springframework.security.web.access.DelegatingAccessDeniedHandler;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.savedrequest.HttpSessionRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;

/** Which right each address asks for; what is not listed needs a sign-in. */
@Configuration
class SecuritySetup {

    private static final String NOTHING_FROM_ELSEWHERE = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; "
            + "img-src 'self'; connect-src 'self'; form-action 'self'; frame-ancestors 'none'; base-uri 'none'";

    /** Other programs: by a key, or by the session of a person who is signed in. */
    @Bean
    @Order(1)
    SecurityFilterChain programs(HttpSecurity http, ApiTokens tokens) throws Exception {
        AuthorizationManager<RequestAuthorizationContext> mayWrite = AuthorizationManagers.allOf(
                AuthorityAuthorizationManager.hasAuthority(Right.PATTERNS.name()),
                AuthorizationManagers.not(AuthorityAuthorizationManager.hasAuthority(ApiTokenFilter.READ_ONLY)));
        http.securityMatcher("/api/**")
                .authorizeHttpRequests(paths -> paths
                        .requestMatchers(HttpMethod.GET, "/api/description/**").authenticated()
                        .requestMatchers(HttpMethod.GET, "/api/**").hasAuthority(Right.PATTERNS.name())
                        .anyRequest().access(mayWrite))
                .addFilterBefore(new ApiTokenFilter(tokens), AnonymousAuthenticationFilter.class)
                .csrf(csrf -> csrf.ignoringRequestMatchers(ApiTokenFilter::bringsKey))
                .exceptionHandling(faults -> faults.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(headers -> headers
                        .contentSecurityPolicy(policy -> policy.policyDirectives("default-src 'none'; frame-ancestors 'none'")));
        return http.build();
    }

    @Bean
    SecurityFilterChain pages(HttpSecurity http, SignInThrottle throttle) throws Exception {
        SavedRequestAwareAuthenticationSuccessHandler signedIn = new SavedRequestAwareAuthenticationSuccessHandler() {
            @Override
            public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication person)
                    throws ServletException, IOException {
                throttle.clear(person.getName(), request.getRemoteAddr());
                super.onAuthenticationSuccess(request, response, person);
            }
        };
        http.authorizeHttpRequests(paths -> paths
                .dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD).permitAll()
                .requestMatchers("/sign-in", "/css/**", "/js/**", "/fonts/**", "/favicon.svg", "/worker.js", "/away", "/actuator/health/**")
                .permitAll()
                .requestMatchers("/pictures/patterns/**", "/patterns/*/shown")
                .hasAnyAuthority(Right.PATTERNS.name(), Right.KITS.name(), Right.SHELF.name())
                .requestMatchers("/pictures/kits/**").hasAnyAuthority(Right.KITS.name(), Right.SHELF.name(), Right.PACKING.name())
                .requestMatchers("/patterns/**").hasAuthority(Right.PATTERNS.name())
                .requestMatchers(HttpMethod.GET, "/kits/*/contents", "/kits/*/cutting-page")
                .hasAnyAuthority(Right.KITS.name(), Right.PACKING.name(), Right.SHELF.name())
                .requestMatchers("/kits/**").hasAuthority(Right.KITS.name())
                .requestMatchers("/runs/**").hasAuthority(Right.RUNS.name())
                .requestMatchers("/cutting/**").hasAuthority(Right.CUTTING.name())
                .requestMatchers(HttpMethod.GET, "/packing/bags/*/label", "/packing/found/labels")
                .hasAnyAuthority(Right.PACKING.name(), Right.SHELF.name(), Right.RECEIVE.name())
                .requestMatchers("/packing/**").hasAuthority(Right.PACKING.name())
                .requestMatchers("/catalogue/**").hasAnyAuthority(Right.SHELF.name(), Right.KITS.name())
                .requestMatchers("/shelf/**").hasAuthority(Right.SHELF.name())
                .requestMatchers("/counter/**").hasAuthority(Right.COUNTER_CUT.name())
                .requestMatchers(HttpMethod.GET, "/stock/buying/orders", "/stock/buying/orders/*")
                .hasAnyAuthority(Right.BUY.name(), Right.RECEIVE.name())
                .requestMatchers("/stock/buying/orders/*/delivery").hasAuthority(Right.RECEIVE.name())
                .requestMatchers("/stock/buying/**").hasAuthority(Right.BUY.name())
                .requestMatchers("/stock/receive/**").hasAuthority(Right.RECEIVE.name())
                .requestMatchers("/stock/bolts/*/facts").hasAnyAuthority(Right.CORRECT.name(), Right.RECEIVE.name())
                .requestMatchers(HttpMethod.POST, "/stock/places/*/name").hasAuthority(Right.PRACTICE.name())
                .requestMatchers(HttpMethod.POST, "/stock/places/*").hasAnyAuthority(Right.CORRECT.name(), Right.RECEIVE.name())
                .requestMatchers("/stock/stocktake/**").hasAuthority(Right.CORRECT.name())
                .requestMatchers("/stock/lists/**").hasAnyAuthority(Right.RECEIVE.name(), Right.FABRICS.name(), Right.PRACTICE.name())
                .requestMatchers("/stock/goods/new").hasAuthority(Right.FABRICS.name())
                .requestMatchers(HttpMethod.POST, "/stock/goods/*/receive", "/stock/goods/*/measured")
                .hasAuthority(Right.RECEIVE.name())
                .requestMatchers(HttpMethod.POST, "/stock/goods/*/count").hasAuthority(Right.CORRECT.name())
                .requestMatchers("/stock/goods/*/pack/price").hasAuthority(Right.FABRICS.name())
                .requestMatchers("/stock/goods/*/pack/*")
                .hasAnyAuthority(Right.RECEIVE.name(), Right.CORRECT.name(), Right.COUNTER_CUT.name())
                .requestMatchers("/stock/fabrics/**").hasAuthority(Right.FABRICS.name())
                .requestMatchers("/stock/goods/*/prints").hasAuthority(Right.FABRICS.name())
                .requestMatchers(HttpMethod.POST, "/stock/goods/*/prices").hasAuthority(Right.FABRICS.name())
                .requestMatchers(HttpMethod.POST, "/stock/bolts/*/quarters").hasAnyAuthority(Right.CORRECT.name(), Right.COUNTER_CUT.name())
                .requestMatchers(HttpMethod.POST, "/stock/bolts/*/count", "/stock/bolts/*/looked").hasAuthority(Right.CORRECT.name())
                .requestMatchers(HttpMethod.POST, "/stock/bolts/*/undo")
                .hasAnyAuthority(Right.CORRECT.name(), Right.COUNTER_CUT.name())
                .requestMatchers("/stock/**").hasAuthority(Right.STOCK.name())
                .requestMatchers("/practice/**").hasAuthority(Right.PRACTICE.name())
                .anyRequest().authenticated())
                .formLogin(form -> form.loginPage("/sign-in").successHandler(signedIn).failureUrl("/sign-in?wrong"))
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .addFilterBefore(new SignInThrottleFilter(throttle), UsernamePasswordAuthenticationFilter.class)
                .requestCache(cache -> cache.requestCache(pagesOnly()))
                .exceptionHandling(faults -> faults.accessDeniedHandler(new DelegatingAccessDeniedHandler(
                        new LinkedHashMap<>(Map.of(CsrfException.class, page("/signed-out"))), page("/no-right"))))
                .headers(headers -> headers
                        .contentSecurityPolicy(policy -> policy.policyDirectives(NOTHING_FROM_ELSEWHERE))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)));
        return http.build();
    }

    /**
     * Passwords are kept as bcrypt; those that an older shop kept in another way are still known.
     *
     * @param strength how often a password is hashed, as a power of two, 4 to 31; a shop leaves it at what is usual, tests that sign in
     *                 a thousand times take less
     */
    @Bean
    PasswordEncoder passwords(@Value("${retazo.passwords.strength:10}") int strength) {
        DelegatingPasswordEncoder passwords = new DelegatingPasswordEncoder("bcrypt",
                Map.of("bcrypt", new BCryptPasswordEncoder(strength)));
        passwords.setDefaultPasswordEncoderForMatches(PasswordEncoderFactories.createDelegatingPasswordEncoder());
        return passwords;
    }

    /** After signing in one goes on to the page that was asked for, never to a part that a script asked for. */
    private static RequestCache pagesOnly() {
        HttpSessionRequestCache cache = new HttpSessionRequestCache();
        cache.setRequestMatcher(request -> {
            String mode = request.getHeader("Sec-Fetch-Mode");
            return request.getMethod().equals("GET") && (mode == null || mode.equals("navigate"));
        });
        return cache;
    }

    /** Who may not do something is shown why. */
    private static AccessDeniedHandler page(String path) {
        AccessDeniedHandlerImpl handler = new AccessDeniedHandlerImpl();
        handler.setErrorPage(path);
        return handler;
    }
}
