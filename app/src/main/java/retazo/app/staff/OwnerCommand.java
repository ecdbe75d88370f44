package retazo.app.staff;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The way back in from the server, for {@code bin/owner}: makes somebody an owner with a new password, then ends. */
@Component
@Order(0)
@ConditionalOnProperty("retazo.owner")
class OwnerCommand implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(OwnerCommand.class);

    private final StaffService staff;
    private final ApplicationContext context;
    private final String signInName;
    private final String password;

    OwnerCommand(
            StaffService staff, ApplicationContext context, @Value("${retazo.owner}") String signInName,
            @Value("${retazo.owner-password}") String password) {
        this.staff = staff;
        this.context = context;
        this.signInName = signInName;
        this.password = password;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        boolean known = staff.makeOwner(signInName, password);
        LOG.info(known ? "'{}' is an owner with a new password." : "'{}' is a new owner.", signInName);
        System.exit(SpringApplication.exit(context));
    }
}
