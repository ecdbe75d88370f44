package retazo.core.quilt.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.block.shape.Turn;

/**
 * Changes by hand as they are typed and kept: {@code turn 3,2 by 90} and {@code trade 1,1 and 2,2}, separated by semicolons.
 * Places are column, row, from 0.
 */
public final class PlaceChangeText {

    private static final Pattern TURN = Pattern.compile("turn (\\d{1,3}),(\\d{1,3}) by (90|180|270)");
    private static final Pattern TRADE = Pattern.compile("trade (\\d{1,3}),(\\d{1,3}) and (\\d{1,3}),(\\d{1,3})");

    private PlaceChangeText() {
    }

    /**
     * What a text says.
     *
     * @param unread the parts that say nothing
     */
    public record Changes(List<PlaceChange> changes, List<String> unread) {
        public Changes {
            changes = List.copyOf(changes);
            unread = List.copyOf(unread);
        }
    }

    public static Changes read(String text) {
        List<PlaceChange> changes = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        for (String part : text.split(";")) {
            String clean = part.strip().replaceAll("\\s+", " ");
            if (!clean.isEmpty()) {
                readOne(clean).ifPresentOrElse(changes::add, () -> unread.add(clean));
            }
        }
        return new Changes(changes, unread);
    }

    private static Optional<PlaceChange> readOne(String text) {
        Matcher turn = TURN.matcher(text);
        Matcher trade = TRADE.matcher(text);
        if (turn.matches()) {
            return Optional.of(new PlaceChange.Turned(place(turn, 1), Turn.values()[Integer.parseInt(turn.group(3)) / 90]));
        }
        return trade.matches() ? Optional.of(new PlaceChange.Traded(place(trade, 1), place(trade, 3))) : Optional.empty();
    }

    private static Place place(Matcher matcher, int group) {
        return new Place(Integer.parseInt(matcher.group(group)), Integer.parseInt(matcher.group(group + 1)));
    }

    public static String write(List<PlaceChange> changes) {
        return String.join("; ", changes.stream().map(PlaceChangeText::write).toList());
    }

    private static String write(PlaceChange change) {
        return change.match(
                turned -> "turn " + turned.place() + " by " + turned.by().degrees(),
                traded -> "trade " + traded.first() + " and " + traded.second());
    }
}
