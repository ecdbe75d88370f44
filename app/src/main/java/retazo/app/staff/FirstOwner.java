package retazo.app.staff;

import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Gives an empty shop its owner, with the password that the start command made and showed. */
@Component
@Order(1)
class FirstOwner implements ApplicationRunner {

    private final StaffService staff;
    private final String password;

    FirstOwner(StaffService staff, @Value("${retazo.first-owner-password}") String password) {
        this.staff = staff;
        this.password = password;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!password.isEmpty() && staff.isEmpty()) {
            staff.addFirst("owner", "Owner", password, Set.of(Job.OWNER));
        }
    }
}
