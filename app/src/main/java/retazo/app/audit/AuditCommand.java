package retazo.app.audit;

import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Looks at the book for {@code bin/check}, says what it found, and ends: with 0 where all agrees, else with 1. */
@Component
@Order(0)
@ConditionalOnProperty("retazo.check")
class AuditCommand implements ApplicationRunner {

    private final BookAudit audit;
    private final ApplicationContext context;

    AuditCommand(BookAudit audit, ApplicationContext context) {
        this.audit = audit;
        this.context = context;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        List<String> differences = audit.differences();
        differences.forEach(System.out::println);
        if (differences.isEmpty()) {
            System.out.println("The movement book and what was done agree.");
        }
        System.exit(SpringApplication.exit(context, () -> differences.isEmpty() ? 0 : 1));
    }
}
