package retazo.app.shared;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Times as the shop reads them, in the time zone of the machine. */
public final class Moments {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH);
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private Moments() {
    }

    /** A day among those around today: {@code Fri 4 Dec}. */
    public static String day(LocalDate day) {
        return WEEKDAY.format(day);
    }

    /** The day on which it is, in the time zone of the machine. */
    public static LocalDate today(Clock clock) {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** The time of day: {@code 9:42}. */
    public static String clock(Instant when) {
        return CLOCK.format(when.atZone(ZoneId.systemDefault()));
    }

    /** The time today, the day and time before: {@code 9:42} or {@code 3 Nov, 9:42}. */
    public static String near(Instant when, Instant now) {
        LocalDate day = when.atZone(ZoneId.systemDefault()).toLocalDate();
        boolean today = day.equals(now.atZone(ZoneId.systemDefault()).toLocalDate());
        return today ? clock(when) : DAY.format(day) + ", " + clock(when);
    }

    /** The clock of the machine, as a bean. */
    @Configuration
    static class Setup {
        @Bean
        Clock clock() {
            return Clock.systemUTC();
        }
    }
}
