package retazo.app.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.support.TransactionTemplate;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;

/** A shop in which all agrees, and each way in which it could not. */
@Tag("slow")
@ExtendWith(TestShop.class)
class BookAuditTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final BookAudit audit;

    BookAuditTest(TestShop.Shop shop, BookAudit audit) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.audit = audit;
    }

    /** One bag cut, packed and sold, so that there is something of each kind. */
    @BeforeEach
    void sellABag() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "4 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 1);
        Bag bag = bag(run);
        for (Bag.ClothLine line : bag.lines()) {
            samples.bean(CutService.class).confirm(line.cut().orElseThrow().id(), UUID.randomUUID(), 1);
            Samples.done(samples.bean(PackingService.class).tick(bag.id(), BagItem.line(line.id()), 1));
        }
        Samples.done(samples.bean(PackingService.class).done(bag.id(), 1));
        Samples.done(samples.bean(KitShelf.class).move(kit, -1, Reason.KIT_SOLD, Samples.entry()));
    }

    private Bag bag(long run) {
        return samples.bean(RunBook.class).bags(Set.of(run)).get(run).get(0);
    }

    @Test
    void a_shop_that_worked_agrees_with_its_book() {
        assertThat(audit.differences()).isEmpty();
    }

    /** What somebody does to the tables behind the application's back, and what is said of it; then it is taken back. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "UPDATE cut_record SET client_id = gen_random_uuid() WHERE id = (SELECT max(id) FROM cut_record)"
                    + " | has not taken its length off the bolt; no cut says so",
            "UPDATE cut_record SET undone = true WHERE id = (SELECT max(id) FROM cut_record)"
                    + " | marked otherwise than its ticket was answered; no cut says so",
            "UPDATE bag SET packed_entry = gen_random_uuid() WHERE id = (SELECT max(id) FROM bag WHERE found_entry IS NULL)"
                    + " | has not put it on the shelf; no bag says so",
            "INSERT INTO entry (client_id, person_id, asked, result, at) VALUES (gen_random_uuid(), 1, 'kit 1 -1 KIT_SOLD', 1, now())"
                    + " | is not in the movement book: kit 1 -1 KIT_SOLD",
            "INSERT INTO movement (stock_item_id, amount_count, reason, person_id, at, client_id, group_id)"
                    + " SELECT id, 3, 'PICKED', 1, now(), gen_random_uuid(), gen_random_uuid() FROM stock_item"
                    + " WHERE good_id IS NOT NULL LIMIT 1"
                    + " | bags hold another number; booked without an entry"})
    void what_does_not_agree_is_said(String broken, String said) {
        TransactionTemplate transaction = samples.bean(TransactionTemplate.class);

        List<String> differences = transaction.execute(status -> {
            shop.database().sql(broken).update();
            status.setRollbackOnly();
            return audit.differences();
        });

        assertThat(differences).isNotEmpty();
        for (String part : said.split("; ")) {
            assertThat(differences).anyMatch(difference -> difference.contains(part));
        }
        assertThat(audit.differences()).isEmpty();
    }

    /** The application itself may not write what is on hand; who owns the tables could. */
    @Test
    void a_wrong_amount_on_hand_is_said_with_its_code() throws SQLException {
        String set = "UPDATE stock_item SET on_hand_count = on_hand_count + %d"
                + " WHERE id = (SELECT max(id) FROM stock_item WHERE kit_id IS NOT NULL)";
        String code = shop.database().sql("SELECT code FROM stock_item WHERE kit_id IS NOT NULL ORDER BY id DESC LIMIT 1")
                .query(String.class).single();
        try (Statement owner = DriverManager.getConnection(
                shop.context().getEnvironment().getProperty("spring.datasource.url"), System.getenv("RETAZO_DB_OWNER"),
                System.getenv("RETAZO_DB_OWNER_PASSWORD")).createStatement()) {
            owner.executeUpdate(set.formatted(1));
            assertThat(audit.differences()).singleElement().asString().startsWith(code + ": what is on hand");
            owner.executeUpdate(set.formatted(-1));
        }
        assertThat(audit.differences()).isEmpty();
    }
}
