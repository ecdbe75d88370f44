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
 * names. Every case is run, or claimed by exactly one feature of {@link Unclaimed}.
 */
class CasesTest {

    private record WorkedCase(String topic, String id, JsonNode input, JsonNode expected) {

        List<Unclaimed.Feature> claims() {
            return Unclaimed.FEATURES.stream().filter(feature -> feature.claims(topic, new CaseObject(input))).toList();
        }

        @Override
        public String toString() {
            return topic + " " + id;
        }
    }

    @TestFactory
    Stream<DynamicTest> worked_cases_come_out_exactly() throws IOException, URISyntaxException {
        return cases().stream()
                .filter(worked -> worked.claims().isEmpty())
                .map(worked -> DynamicTest.dynamicTest(worked.toString(), () -> run(worked)));
    }

    @Test
    void every_case_is_run_or_claimed_by_exactly_one_feature() throws IOException, URISyntaxException {
        Map<String, Integer> claimed = new TreeMap<>();
        int run = 0;
        for (WorkedCase worked : cases()) {
            List<Unclaimed.Feature> claims = worked.claims();
            assertThat(claims).as("features that claim %s", worked).hasSizeLessThan(2);
            if (claims.isEmpty()) {
                run++;
            } else {
                claimed.merge(claims.get(0).toString(), 1, Integer::sum);
            }
        }

        System.out.println("Worked cases: " + run + " run; not done yet:");
        claimed.forEach((feature, count) -> System.out.println("  " + feature + ": " + count));
        assertThat(run).isPositive();
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
