package retazo.app.staff;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AbstractAuthenticationFailureEvent;
import org.springframework.security.authentication.event.InteractiveAuthenticationSuccessEvent;
import org.springframework.security.authorization.AuthorizationEventPublisher;
import org.springframework.security.authorization.SpringAuthorizationEventPublisher;
import org.springframework.security.authorization.event.AuthorizationDeniedEvent;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** Writes into the log who signed in, who failed to, and who was kept from where they may not go; never what was typed as a password. */
@Configuration
class SecurityLog {

    private static final Logger LOG = LoggerFactory.getLogger(SecurityLog.class);
    private static final int LONGEST_NAME = 40;

    @Bean
    AuthorizationEventPublisher authorizationEvents(ApplicationEventPublisher events) {
        return new SpringAuthorizationEventPublisher(events);
    }

    @EventListener
    void signedIn(InteractiveAuthenticationSuccessEvent event) {
        LOG.info("Signed in: name='{}' address='{}'", name(event.getAuthentication()), address(event.getAuthentication()));
    }

    @EventListener
    void failed(AbstractAuthenticationFailureEvent event) {
        LOG.warn("Not signed in: name='{}' address='{}'", name(event.getAuthentication()), address(event.getAuthentication()));
    }

    @EventListener
    void denied(AuthorizationDeniedEvent<?> event) {
        Authentication person = event.getAuthentication().get();
        if (event.getSource() instanceof RequestAuthorizationContext place && person.getPrincipal() instanceof SignedIn) {
            LOG.warn("Kept from where they may not go: name='{}' {} {}", name(person), place.getRequest().getMethod(),
                    place.getRequest().getServletPath().replaceAll("\\p{Cntrl}", "?"));
        }
    }

    /** Without the session, which is as good as a password. */
    private static String address(Authentication person) {
        return person.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : "";
    }

    /** One line, whatever was typed. */
    private static String name(Authentication person) {
        String name = person.getName().replaceAll("[\\p{Cntrl}\\p{Zl}\\p{Zp}]", "?");
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) + "…" : name;
    }
}
