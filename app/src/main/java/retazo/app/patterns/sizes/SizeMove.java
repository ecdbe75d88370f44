package retazo.app.patterns.sizes;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.app.patterns.rows.SizeRow;

/**
 * A row of a table of sizes moved or taken out, as a button says it: {@code 2-up}, {@code 2-down}, {@code 2-out}.
 *
 * @param row from 0; nothing happens for a row that is not there
 */
public record SizeMove(int row, String way) {

    private static final Pattern TEXT = Pattern.compile("(\\d{1,2})-(up|down|out)");

    public static SizeMove of(String text) {
        Matcher move = TEXT.matcher(text);
        return move.matches() ? new SizeMove(Integer.parseInt(move.group(1)), move.group(2)) : new SizeMove(-1, "");
    }

    public List<SizeRow> apply(List<SizeRow> rows) {
        List<SizeRow> moved = new ArrayList<>(rows);
        int other = way.equals("up") ? row - 1 : row + 1;
        if (row < 0 || row >= rows.size()) {
            return rows;
        }
        if (way.equals("out")) {
            moved.remove(row);
        } else if (other >= 0 && other < rows.size()) {
            Collections.swap(moved, row, other);
        }
        return moved;
    }
}
