package fluidframe.server.access;

import fluidframe.server.refusal.Refusal;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every request passes the guard. Requests of other sites have been refused before, by where they come from, so that no hidden
 * token in forms is needed; nothing here redirects to a page.
 */
@Configuration
@ConditionalOnWebApplication(type = ConditionalOnWebApplication.Type.SERVLET)
class AccessConfiguration {
    @Bean
    SecurityFilterChain guarded(
            HttpSecurity http,
            Door door,
            Devices devices,
            CoachLock lock,
            LocalKey key,
            ObjectProvider<RequestMappingHandlerMapping> routes,
            ObjectProvider<Reach> reach)
            throws Exception {
        http.csrf(AbstractHttpConfigurer::disable)
                .headers(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .exceptionHandling(refused ->
                        refused.accessDeniedHandler((request, response, e) -> refuse(request, response, e, door)))
                .authorizeHttpRequests(every -> every.dispatcherTypeMatchers(
                                DispatcherType.ERROR, DispatcherType.FORWARD, DispatcherType.ASYNC)
                        .permitAll()
                        .anyRequest()
                        .access(new RouteGuard(routes::getObject, reach::getObject)))
                .addFilterBefore(new VisitFilter(door, devices, lock, key), AuthorizationFilter.class);
        return http.build();
    }

    private static void refuse(
            HttpServletRequest request, HttpServletResponse response, AccessDeniedException e, Door door)
            throws IOException {
        if (Visit.here().visitor() == Visitor.DEVICE) {
            Refusal.send(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Not for this device",
                    "This is not shared with this device. The coach can show it on the studio's own machine.");
        } else if (door.isOfNetwork(request)) {
            Refusal.send(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "Not let in",
                    "This device has not been let in, or was shut out: ask the coach for a code.");
        } else {
            Refusal.send(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "Locked",
                    "The studio is locked. Open it with its passphrase; what you typed is still here.");
        }
    }

    /** Ids may hold what an address writes with a percent sign, and semicolons. */
    @Bean
    HttpFirewall addressesAllowed() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowUrlEncodedPercent(true);
        firewall.setAllowSemicolon(true);
        firewall.setAllowUrlEncodedPeriod(true);
        return firewall;
    }
}
