package retazo.app.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.StringTemplateResolver;

/** Fields are tied to the sentence that says what is wrong with them. */
class FieldFaultTest {

    private static final Faults FAULTS = new Faults(Map.of("lot", "No bolt has that lot.", "rows.2.cloth", "That is no length."));
    private final SpringTemplateEngine engine = engine();

    private static SpringTemplateEngine engine() {
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.addDialect(new FieldFaultDialect());
        engine.setTemplateResolver(new StringTemplateResolver());
        return engine;
    }

    private String written(String template) {
        return engine.process(template, new Context(java.util.Locale.ENGLISH, Map.of("faults", FAULTS)));
    }

    @ParameterizedTest
    @CsvSource({"lot, fault-lot", "rows[2].cloth, fault-rows[2].cloth", "rows.2.cloth, fault-rows.2.cloth"})
    void a_field_with_a_fault_is_marked_and_described_by_it(String name, String id) {
        assertThat(written("<input shop:fault=\"${faults.field('" + name + "')}\">"))
                .isEqualTo("<input aria-invalid=\"true\" aria-describedby=\"" + id + "\">");
    }

    @Test
    void the_help_that_describes_a_field_stays() {
        assertThat(written("<input th:attr=\"aria-describedby='help-lot'\" shop:fault=\"${faults.field('lot')}\">"))
                .isEqualTo("<input aria-describedby=\"help-lot fault-lot\" aria-invalid=\"true\">");
    }

    @Test
    void a_field_without_a_fault_stays_as_it_is() {
        assertThat(written("<input shop:fault=\"${faults.field('place')}\">")).isEqualTo("<input>");
        assertThat(written("<input shop:fault=\"${null}\">")).isEqualTo("<input>");
    }
}
