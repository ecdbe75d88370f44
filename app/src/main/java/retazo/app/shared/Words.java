package retazo.app.shared;

import java.util.List;
import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** Puts problems and labels into the sentences of {@code messages.properties}. */
@Component
public class Words {

    private final MessageSource messages;

    Words(MessageSource messages) {
        this.messages = messages;
    }

    /** What went wrong and what to do about it. */
    public String of(Problem problem) {
        return text("problem." + problem.code(), problem.arguments());
    }

    /** What a figure is. */
    public String of(Label label) {
        return text("figure." + label.code(), label.arguments());
    }

    public String text(String code, Object... arguments) {
        return text(code, List.of(arguments));
    }

    private String text(String code, List<Object> arguments) {
        return messages.getMessage(code, arguments.stream().map(Words::written).toArray(), Locale.ENGLISH);
    }

    private static Object written(Object argument) {
        if (argument instanceof Length length) {
            return LengthParts.of(length, length.isShorterThan(Length.ofYards(3, 1)) ? LengthUnit.INCH : LengthUnit.YARD).plainText();
        }
        return argument instanceof Number number ? number.toString() : argument;
    }
}
