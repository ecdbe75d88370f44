package retazo.core.cases;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import retazo.core.prints.Print;
import retazo.core.prints.PrintMatching;
import retazo.core.prints.PrintPart;
import retazo.core.prints.PrintUnit;
import retazo.core.prints.PrintValue;
import tools.jackson.databind.JsonNode;

/** Puts the cases of prints that belong together to the core. */
final class PrintAnswers {

    private static final int MOST_PACKS = 60;

    private PrintAnswers() {
    }

    static Map<String, Object> of(CaseObject input) {
        List<Print> prints = input.objects("prints").stream()
                .map(print -> new Print(print.text("id"), PrintValue.MEDIUM, print.number("sheets"))).toList();
        List<PrintPart> parts = input.objects("parts").stream()
                .map(part -> new PrintPart(part.text("name"), part.number("sheets"), part.number("gives"), names(part.get("prints"))))
                .toList();
        PrintMatching matching = new PrintMatching(new PrintUnit(parts, input.flag("different")), prints, List.of());
        int wanted = input.number("wanted");
        OptionalInt packs = matching.fewestPacks(wanted, MOST_PACKS);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("units", Integer.toString(matching.most(1, wanted).units().size()));
        answer.put("packs", packs.isPresent() ? Integer.toString(packs.getAsInt()) : "none");
        answer.put("unitsWithOneFewer", packs.orElse(1) == 1
                ? "none"
                : Integer.toString(matching.most(packs.getAsInt() - 1, wanted).units().size()));
        return answer;
    }

    private static Optional<Set<String>> names(JsonNode node) {
        if (node.isNull()) {
            return Optional.empty();
        }
        Set<String> names = new HashSet<>();
        node.forEach(name -> names.add(name.asString()));
        return Optional.of(names);
    }
}
