package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import retazo.app.shared.Typed;
import retazo.core.block.Block;
import retazo.core.block.CellContent;
import retazo.core.block.CellGrid;
import retazo.core.block.SewnUnit;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Turn;
import retazo.core.block.spec.UnitExample;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitSpec;
import retazo.core.block.unit.Unit;
import retazo.core.block.unit.UnitReader;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/** Changes one cell of a drawing: another unit, turned, mirrored, recoloured. Answers with the cell's new text. */
@Controller
class CellController {

    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

    /**
     * What is done to a cell.
     *
     * @param text   of the cell as it is
     * @param action {@code place}, {@code turn}, {@code mirror} or {@code colour}
     * @param kind   of the unit to place
     * @param method of making it; empty for the customary one
     * @param to     letter of the role that the unit's first other role changes to; for a new unit the letters of its roles
     * @param width  finished, of the cell, in inches
     * @param height likewise
     */
    record CellChange(String text, String action, String kind, String method, String to, String width, String height) {
    }

    @PostMapping(path = "/patterns/cell", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String change(CellChange change) {
        Map<String, RoleKey> roles = new LinkedHashMap<>();
        LETTERS.chars().forEach(letter -> roles.put(String.valueOf((char) letter), new RoleKey(String.valueOf((char) letter))));
        CellGrid.Names names = new CellGrid.Names(roles, Map.of());
        String text = Typed.text(change.text());
        Optional<CellGrid.Placed> placed = CellGrid.readContent(text, names).understood();
        return switch (Typed.text(change.action())) {
            case "place" -> placed(change, roles).orElse(text);
            case "turn" -> placed.map(cell -> written(cell.content(), cell.orientation().then(Turn.QUARTER), roles)).orElse(text);
            case "mirror" -> placed.map(cell -> written(cell.content(), cell.orientation().thenMirrored(), roles)).orElse(text);
            case "colour" -> placed.flatMap(cell -> recoloured(cell, change, roles)).orElse(text);
            default -> text;
        };
    }

    private static String written(CellContent content, Orientation orientation, Map<String, RoleKey> roles) {
        Map<RoleKey, String> letters = new LinkedHashMap<>();
        roles.forEach((letter, key) -> letters.put(key, letter));
        return CellGrid.write(content, orientation, letters);
    }

    private static Optional<String> placed(CellChange change, Map<String, RoleKey> roles) {
        List<RoleKey> chosen = new ArrayList<>();
        Typed.text(change.to()).chars().mapToObj(letter -> roles.get(String.valueOf((char) letter)))
                .filter(role -> role != null)
                .forEach(chosen::add);
        Optional<FinishedSize> size = side(change.width())
                .flatMap(width -> side(change.height()).map(height -> new FinishedSize(width, height)));
        return UnitKind.ofCode(Typed.text(change.kind())).filter(kind -> !chosen.isEmpty()).flatMap(kind -> size.flatMap(cell -> {
            UnitMethod method = UnitMethod.ofCode(Typed.text(change.method())).filter(kind.methods()::contains)
                    .orElse(kind.customaryMethod());
            UnitSpec spec = UnitExample.of(kind, method, chosen, cell);
            return UnitReader.read(spec).understood().map(unit -> written(new SewnUnit(unit), Orientation.UPRIGHT, roles));
        }));
    }

    private static Optional<Length> side(String inches) {
        return Typed.text(inches).matches("\\d{1,3}(\\.\\d{1,3})?")
                ? Optional.of(Length.parse(inches)).filter(side -> side.isPositive() && !side.isLongerThan(Block.LARGEST_LINE.times(2)))
                : Optional.empty();
    }

    private static Optional<String> recoloured(CellGrid.Placed cell, CellChange change, Map<String, RoleKey> roles) {
        RoleKey to = roles.get(Typed.text(change.to()));
        Optional<RoleKey> other = cell.content().roles().stream().filter(role -> !role.equals(to)).findFirst();
        if (to == null || other.isEmpty()) {
            return Optional.empty();
        }
        RoleKey from = other.get();
        UnaryOperator<RoleKey> swap = role -> role.equals(from) ? to : role.equals(to) ? from : role;
        return cell.content().unitSpec()
                .flatMap(spec -> UnitReader.read(spec).understood())
                .flatMap(unit -> unit.recoloured(swap))
                .map(unit -> written(new SewnUnit(unit), cell.orientation(), roles));
    }
}
