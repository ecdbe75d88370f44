package retazo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import retazo.app.TestShop;
import retazo.core.cloth.PrecutKind;

/** What the tables ask of their rows, as the database itself tells it. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SchemaTest {

    private final JdbcClient database;

    SchemaTest(JdbcClient database) {
        this.database = database;
    }

    @Test
    void the_reasons_and_kinds_that_the_book_may_hold_are_those_of_the_application() {
        assertThat(codes("movement_reason")).containsExactlyInAnyOrderElementsOf(names(Reason.values()));
        assertThat(codes("stock_kind")).containsExactlyInAnyOrderElementsOf(names(StockItemEntity.Kind.values()));
        assertThat(codes("precut_kind")).containsExactlyInAnyOrderElementsOf(names(PrecutKind.values()));
    }

    @Test
    void what_is_asked_of_several_columns_is_called_what_it_says_and_no_old_row_is_left_out() {
        assertThat(texts("""
                SELECT conrelid::regclass || '.' || conname FROM pg_constraint
                 WHERE connamespace = 'public'::regnamespace AND conrelid <> 0
                   AND (NOT convalidated OR conname ~ '_check[0-9]+$'
                        OR contype = 'c' AND conname = conrelid::regclass || '_check' AND array_length(conkey, 1) > 1)"""))
                .isEmpty();
    }

    private List<String> codes(String table) {
        return texts("SELECT code FROM " + table);
    }

    private List<String> texts(String sql) {
        return database.sql(sql).query(String.class).list();
    }

    private static List<String> names(Enum<?>[] values) {
        return Stream.of(values).map(Enum::name).toList();
    }
}
