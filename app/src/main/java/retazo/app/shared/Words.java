package retazo.app.shared;

import com.ibm.icu.text.ListFormatter;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** Puts problems and labels into {@link Sentences}. */
@Component
public class Words {

    private final MessageSource messages;
    private final ShopUnit unit;

    Words(MessageSource messages, ShopUnit unit) {
        this.messages = messages;
        this.unit = unit;
    }

    /** In which unit the shop sells cloth. */
    public LengthUnit sellingUnit() {
        return unit.sellingUnit();
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

    /** Names one after another, as one says them. */
    public String list(Collection<String> names) {
        return ListFormatter.getInstance(Locale.ENGLISH).format(names);
    }

    private String text(String code, List<Object> arguments) {
        return messages.getMessage(code, arguments.stream().map(this::written).toArray(), Locale.ENGLISH);
    }

    private Object written(Object argument) {
        return argument instanceof Length length ? written(length) : argument;
    }

    /**
     * Measures of pieces in the unit they were given in, lengths of cloth in the shop's. Where the shop sells by the metre a length that
     * is a whole number of half centimetres was meant in metres; where it sells by the yard one of three yards or more is a cloth.
     */
    private String written(Length length) {
        LengthUnit selling = unit.sellingUnit();
        if (selling.metric()) {
            boolean isMetric = length.ticks() % (5 * Length.TICKS_PER_MILLIMETRE) == 0;
            LengthUnit metric = length.isShorterThan(Length.ofMillimetres(1000)) ? LengthUnit.CENTIMETRE : LengthUnit.METRE;
            return LengthParts.of(length, isMetric ? metric : LengthUnit.INCH).plainText();
        }
        return LengthParts.of(length, length.isShorterThan(Length.ofYards(3, 1)) ? LengthUnit.INCH : selling).plainText();
    }
}
