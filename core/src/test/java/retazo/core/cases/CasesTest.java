package retazo.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs the worked cases: those in the test resources, or in the folder that the system property {@code retazo.cases}
 * names.
 */
class CasesTest {

    private record WorkedCase(String topic, String id, JsonNode input, JsonNode expected) {

        @Override
        public String toString() {
            return topic + " " + id;
        }
    }

    @TestFactory
    Stream<DynamicTest> worked_cases_come_out_exactly() throws IOException, URISyntaxException {
        return cases().stream()
                .map(worked -> DynamicTest.dynamicTest(worked.toString(), () -> run(worked)));
    }

    private static void run(WorkedCase worked) {
        CaseObject input = new CaseObject(worked.input());
        Object expected = CaseObject.plain(worked.expected());
        Object computed = answer(worked, input);
        input.requireAllRead();
        assertThat(computed)
                .as("%s%n  expected %s%n  computed %s", worked, expected, computed)
                .isEqualTo(expected);
    }

    private static Map<String, Object> answer(WorkedCase worked, CaseObject input) {
        return switch (worked.topic()) {
            case "units" -> UnitAnswers.of(input);
            case "settings" -> SettingAnswers.of(input);
            case "places" -> PlaceAnswers.of(input);
            case "finishing" -> FinishingAnswers.of(input);
            case "strips" -> StripAnswers.of(input, new CaseObject(worked.expected()));
            case "precuts" -> PrecutAnswers.of(input);
            case "bolts" -> BoltAnswers.of(input);
            case "prints" -> PrintAnswers.of(input);
            default -> throw new AssertionError("Nobody answers the topic '" + worked.topic() + "'.");
        };
    }

    private static List<WorkedCase> cases() throws IOException, URISyntaxException {
        String named = System.getProperty("retazo.cases");
        Path folder = named == null ? Path.of(CasesTest.class.getResource("/cases").toURI()) : Path.of(named);
        List<WorkedCase> cases = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(path -> path.toString().endsWith(".json")).sorted().toList()) {
                JsonNode root = JsonMapper.shared().readTree(Files.readString(file));
                String topic = root.get("topic").asString();
                root.get("cases").forEach(
                        node -> cases.add(new WorkedCase(topic, node.get("id").asString(), node.get("input"), node.get("expected"))));
            }
        }
        return cases;
    }
}
