package retazo.app.today;

import java.util.List;
import retazo.app.staff.Right;
import retazo.app.staff.SignedIn;

/** The stations that a person may go to, in the order of the work, with what waits at each. */
record Rail(String person, List<Group> groups) {

    /** Stations that belong together. */
    record Group(String name, List<Station> stations) {
    }

    /**
     * A station.
     *
     * @param key     letter after g that goes there
     * @param waiting how many things wait there; shown above zero
     */
    record Station(String name, String path, String key, boolean here, long waiting) {
    }

    /** A station as it is defined, and the right it needs. */
    private record Defined(String name, String path, String key, Right right) {
    }

    private static final List<Defined> DESIGN = List.of(
            new Defined("Patterns", "/patterns", "p", Right.PATTERNS),
            new Defined("Kits", "/kits", "k", Right.KITS));
    private static final List<Defined> FLOOR = List.of(
            new Defined("Runs", "/runs", "r", Right.RUNS),
            new Defined("Cutting", "/cutting", "c", Right.CUTTING),
            new Defined("Packing", "/packing", "b", Right.PACKING));
    private static final List<Defined> COUNTER = List.of(
            new Defined("Counter", "/counter", "n", Right.COUNTER_CUT),
            new Defined("Catalogue", "/catalogue", "l", Right.SHELF),
            new Defined("Shelf", "/shelf", "h", Right.SHELF),
            new Defined("Stock", "/stock", "s", Right.STOCK));
    private static final List<Defined> SHOP = List.of(new Defined("Practice", "/practice", "o", Right.PRACTICE));

    static Rail of(SignedIn person, String path, Waiting waiting) {
        return new Rail(person.name(), List.of(
                new Group("", List.of(new Station("Today", "/", "t", path.equals("/"), waiting.all()))),
                group("design", DESIGN, person, path, waiting),
                group("floor", FLOOR, person, path, waiting),
                group("counter", COUNTER, person, path, waiting),
                group("shop", SHOP, person, path, waiting)).stream().filter(group -> !group.stations().isEmpty()).toList());
    }

    private static Group group(String name, List<Defined> stations, SignedIn person, String path, Waiting waiting) {
        return new Group(name, stations.stream()
                .filter(station -> person.may(station.right()))
                .map(station -> new Station(
                        station.name(), station.path(), station.key(),
                        path.equals(station.path()) || path.startsWith(station.path() + "/"), waiting.at(station.path())))
                .toList());
    }
}
