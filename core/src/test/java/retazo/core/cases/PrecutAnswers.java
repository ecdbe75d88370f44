package retazo.core.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.precut.SetsPerSheet;
import retazo.core.precut.SheetPlanner;
import retazo.core.precut.SheetRequest;

/** Puts the cases of precuts to the core. */
final class PrecutAnswers {

    private PrecutAnswers() {
    }

    static Map<String, Object> of(CaseObject input) {
        List<Length> sheet = input.lengths("sheet");
        List<LaidPiece> set = input.objects("pieces").stream()
                .map(piece -> new LaidPiece(
                        piece.text("id"), piece.length("width"), piece.length("height"), piece.number("count"), piece.flag("turn")))
                .toList();
        SetsPerSheet most = new SheetPlanner().setsPerSheet(new SheetRequest(sheet.get(0), sheet.get(1), set));
        Count wanted = new Count(input.number("sets"));
        Count pack = new Count(input.number("packCount"));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("setsPerSheet", Integer.toString(most.sets()));
        if (most.sets() == 0) {
            List.of("sheets", "packs", "spareSheets", "zeroMargin").forEach(key -> answer.put(key, "none"));
            return answer;
        }
        Count sheets = wanted.inGroupsOf(new Count(most.sets()));
        Count packs = sheets.inGroupsOf(pack);
        answer.put("sheets", sheets.toString());
        answer.put("packs", packs.toString());
        answer.put("spareSheets", Long.toString(packs.value() * pack.value() - sheets.value()));
        answer.put("zeroMargin", Boolean.toString(most.needsAll()));
        return answer;
    }
}
