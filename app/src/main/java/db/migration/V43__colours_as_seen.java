package db.migration;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import retazo.app.fabrics.SeenAs;
import retazo.core.cloth.Colour;

/** Gives the fabrics that are there already the words of their colours. */
public class V43__colours_as_seen extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement all = context.getConnection().createStatement();
                ResultSet fabrics = all.executeQuery("SELECT id, ground_colour FROM fabric");
                PreparedStatement write = context.getConnection().prepareStatement("UPDATE fabric SET seen_as = ? WHERE id = ?")) {
            while (fabrics.next()) {
                write.setString(1, SeenAs.words(Colour.parse(fabrics.getString(2))));
                write.setLong(2, fabrics.getLong(1));
                write.addBatch();
            }
            write.executeBatch();
        }
    }
}
