package retazo.app.demo;

import java.util.Map;
import java.util.TreeMap;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.kits.KitLife;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.FoundBags;
import retazo.app.season.Seasons;

/** A season of the demo shop that is half planned, and a kit whose line has ended while three bags of it still stand on the shelf. */
@Component
@Order(5)
class DemoSeason implements DemoUnderWay {

    private static final String RANGE = "Low water";

    private final DemoKits kits;
    private final KitLife life;
    private final FoundBags found;
    private final Seasons seasons;

    DemoSeason(DemoKits kits, KitLife life, FoundBags found, Seasons seasons) {
        this.kits = kits;
        this.life = life;
        this.found = found;
        this.seasons = seasons;
    }

    @Override
    public void fill(PatternVersion pattern, DemoRuns.Crew crew) {
        long last = kits.add(pattern, "Last light", Map.of(
                "night", "HERON", "lantern", "PLOVER", "fog", "GULL", "quay", "MUD", "back", "CHALK")).get(0);
        DemoStock.done(found.add(new TreeMap<>(Map.of(last, 3)), DemoStock.entry(crew.packer())));
        life.end(last, crew.designer());
        long season = DemoStock.done(seasons.begin("Spring at low water", RANGE, crew.designer()));
        Map<Long, Integer> numbers = new TreeMap<>();
        seasons.kits(season).stream().limit(3).forEach(kit -> numbers.put(kit, 1));
        DemoStock.done(seasons.number(season, numbers));
    }
}
