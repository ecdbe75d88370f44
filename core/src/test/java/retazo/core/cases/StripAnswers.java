package retazo.core.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanCheck;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/**
 * Puts the cases of strips to the core. They state limits and not results: an expected value is given back where the plan keeps to
 * it, and what is wrong where it does not.
 */
final class StripAnswers {

    private StripAnswers() {
    }

    static Map<String, Object> of(CaseObject input, CaseObject expected) {
        Length squaring = input.length("squaring");
        List<LaidPiece> pieces = input.objects("pieces").stream().map(StripAnswers::piece).toList();
        CutRequest request = CutRequest.of(input.length("usableWidth"), pieces);
        CutPlan plan = new CutPlanner().plan(request);
        Length length = plan.length().plus(squaring);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("byHand", byHand(pieces, input.length("usableWidth"), squaring));
        CaseObject twoStage = expected.object("twoStage");
        answer.put("twoStage", Map.of(
                "length", limits(twoStage.text("length"), List.of(
                        fault(length.isLongerThan(twoStage.length("length")) && twoStage.flag("proved"), "the plan takes " + length),
                        fault(length.isLongerThan(expected.object("byHand").length("length")), "by hand it is shorter than " + length),
                        fault(plan.bound().plus(squaring).isLongerThan(twoStage.length("length")),
                                "its bound is " + plan.bound().plus(squaring)),
                        String.join("; ", CutPlanCheck.faults(request, plan)))),
                "proved", twoStage.text("proved")));
        answer.put("bound", limits(expected.text("bound"), List.of(
                fault(length.isShorterThan(expected.length("bound")), "the plan cannot take " + length))));
        return answer;
    }

    private static LaidPiece piece(CaseObject piece) {
        return new LaidPiece(
                piece.text("id"), piece.length("width"), piece.length("height"), piece.number("count"), piece.flag("turn"));
    }

    private static Map<String, Object> byHand(List<LaidPiece> pieces, Length usableWidth, Length squaring) {
        long strips = 0;
        Length length = squaring;
        for (LaidPiece piece : pieces) {
            long perStrip = usableWidth.wholeTimes(piece.width()).value();
            long of = (piece.count() + perStrip - 1) / perStrip;
            strips += of;
            length = length.plus(piece.height().times(of));
        }
        return Map.of("strips", Long.toString(strips), "length", length.toString().replace(" in", ""));
    }

    private static String fault(boolean isWrong, String what) {
        return isWrong ? what : "";
    }

    private static String limits(String limit, List<String> faults) {
        List<String> told = new ArrayList<>(faults);
        told.removeIf(String::isEmpty);
        return told.isEmpty() ? limit : String.join("; ", told);
    }
}
