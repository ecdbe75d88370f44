package retazo.app.shared;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * The sentences of the application, a file for each feature under {@code messages/}, in the format of ICU.
 *
 * <p>{@code {0}} is the first argument as text. Where it is a number, {@code {n0, plural, one {1 bag} other {{0} bags}}} chooses by it;
 * {@code #} is not used, since numbers are written without groups.
 */
@Component("messageSource")
public final class Sentences implements MessageSource {

    private final Map<String, MessageFormat> byCode;

    Sentences() {
        Properties all = new Properties();
        try {
            for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath*:messages/*.properties")) {
                try (Reader reader = new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8)) {
                    all.load(reader);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        byCode = all.stringPropertyNames().stream()
                .collect(Collectors.toMap(code -> code, code -> new MessageFormat(all.getProperty(code), ULocale.ENGLISH)));
    }

    @Override
    public @Nullable String getMessage(
            String code, Object @Nullable [] arguments, @Nullable String otherwise, @Nullable Locale locale) {
        MessageFormat format = byCode.get(code);
        return format == null ? otherwise : written(format, arguments == null ? new Object[0] : arguments);
    }

    @Override
    public String getMessage(String code, Object @Nullable [] arguments, @Nullable Locale locale) {
        String message = getMessage(code, arguments, null, locale);
        if (message == null) {
            throw new NoSuchMessageException(code);
        }
        return message;
    }

    @Override
    public String getMessage(MessageSourceResolvable asked, @Nullable Locale locale) {
        String[] codes = asked.getCodes();
        for (String code : codes == null ? new String[0] : codes) {
            String message = getMessage(code, asked.getArguments(), null, locale);
            if (message != null) {
                return message;
            }
        }
        String otherwise = asked.getDefaultMessage();
        if (otherwise == null) {
            throw new NoSuchMessageException(codes == null || codes.length == 0 ? "" : codes[codes.length - 1]);
        }
        return otherwise;
    }

    /** A format keeps what it works with, so that each sentence is written with a copy. */
    private static String written(MessageFormat format, Object[] arguments) {
        Map<String, Object> named = new HashMap<>();
        for (int i = 0; i < arguments.length; i++) {
            named.put(Integer.toString(i), String.valueOf(arguments[i]));
            if (arguments[i] instanceof Number number) {
                named.put("n" + i, number);
            }
        }
        return format.clone().format(named);
    }
}
