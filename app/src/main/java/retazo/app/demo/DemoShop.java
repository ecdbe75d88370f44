package retazo.app.demo;

import java.util.List;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.patterns.PatternVersion;
import retazo.app.staff.Job;
import retazo.app.staff.SignedIn;
import retazo.app.staff.StaffService;

/** Fills an empty database with the demo shop, when asked to, all of it or nothing. */
@Component
@Order(2)
class DemoShop implements ApplicationRunner {

    private static final String PASSWORD = "ferry";

    private final boolean wanted;
    private final StaffService staff;
    private final DemoStock stock;
    private final DemoPatterns patterns;
    private final DemoRuns runs;
    private final DemoGoods goods;
    private final List<DemoUnderWay> underWay;

    DemoShop(
            @Value("${retazo.demo}") boolean wanted, StaffService staff, DemoStock stock, DemoPatterns patterns, DemoRuns runs,
            DemoGoods goods, List<DemoUnderWay> underWay) {
        this.wanted = wanted;
        this.staff = staff;
        this.stock = stock;
        this.patterns = patterns;
        this.runs = runs;
        this.goods = goods;
        this.underWay = underWay;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!wanted || !staff.isEmpty()) {
            return;
        }
        SignedIn owner = staff.addFirst("marisol", "Marisol", PASSWORD, Set.of(Job.OWNER));
        SignedIn designer = staff.addFirst("idris", "Idris", PASSWORD, Set.of(Job.DESIGNER));
        SignedIn cutter = staff.addFirst("nele", "Nele", PASSWORD, Set.of(Job.CUTTER));
        SignedIn packer = staff.addFirst("tomas", "Tomas", PASSWORD, Set.of(Job.PACKER));
        SignedIn counter = staff.addFirst("ada", "Ada", PASSWORD, Set.of(Job.COUNTER));
        staff.addFirst("yara", "Yara", PASSWORD, Set.of(Job.BUYER));
        stock.fill(owner.personId(), counter.personId());
        DemoRuns.Crew crew = new DemoRuns.Crew(designer.personId(), cutter.personId(), packer.personId(), counter.personId());
        List<PatternVersion> all = patterns.addAll(designer.personId());
        runs.fill(all.get(0), all.get(all.size() - 1), crew);
        goods.fill(all, crew);
        underWay.forEach(part -> part.fill(all.get(0), crew));
    }
}
