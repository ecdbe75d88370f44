package retazo.app.packing;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.shared.Words;
import retazo.app.stock.goods.GoodService;

/** Tells what a bag lacks before it can be closed. */
@Component
class BagLacks {

    private final BagTicks ticks;
    private final GoodService goods;
    private final Words words;

    BagLacks(BagTicks ticks, GoodService goods, Words words) {
        this.ticks = ticks;
        this.goods = goods;
        this.words = words;
    }

    /** The letters of lines that are not cut or not ticked, the names of what is not picked, and the packets that are not whole. */
    List<String> of(BagContents bag) {
        Map<BagItem, BagTickEntity> ticked = ticks.of(bag);
        return Stream.of(
                bag.lengths().stream().filter(line -> !line.isCut() || !bag.isIn(BagItem.line(line.id()), ticked))
                        .map(line -> line.letters().toString()),
                bag.picks().stream().filter(pick -> !bag.isIn(BagItem.pick(pick.id()), ticked))
                        .map(pick -> goods.good(pick.goodId()).name()),
                bag.packets().stream().filter(packet -> !bag.isCut(packet) || !bag.isIn(BagItem.packet(packet.id()), ticked))
                        .map(packet -> words.text("pack.packet", packet.position())))
                .flatMap(missing -> missing).toList();
    }
}
