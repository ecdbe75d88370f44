package retazo.app.staff;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes who guesses passwords wait, longer each time: a name from one address after five wrong ones, an address after twenty whatever the
 * names, a name after forty wherever they come from. A right one clears what its name and address had. Every try is written down for thirty
 * days.
 */
@Service
class SignInThrottle {

    private static final Duration COUNTED = Duration.ofMinutes(30);
    private static final Duration KEPT = Duration.ofDays(30);
    private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final int MOST_DOUBLINGS = 10;
    private static final int FREE_OF_NAME_AT_ADDRESS = 5;
    private static final int FREE_OF_ADDRESS = 20;
    private static final int FREE_OF_NAME = 40;
    private static final int LONGEST_NAME = 30;
    private static final int LONGEST_ADDRESS = 60;

    private final SignInTryRepository tries;
    private final Clock clock;

    SignInThrottle(SignInTryRepository tries, Clock clock) {
        this.tries = tries;
        this.clock = clock;
    }

    /** How long is still to be waited; where it is nothing, the try is written down and may go on. */
    @Transactional
    Duration begin(String typedName, String typedAddress) {
        String name = name(typedName);
        String address = address(typedAddress);
        Instant now = clock.instant();
        Instant since = now.minus(COUNTED);
        tries.waitForOthers(address);
        Duration wait = Stream.of(
                left(tries.ofNameAt(name, address, since), FREE_OF_NAME_AT_ADDRESS, now),
                left(tries.ofAddress(address, since), FREE_OF_ADDRESS, now),
                left(tries.ofName(name, since), FREE_OF_NAME, now)).max(Comparator.naturalOrder()).orElse(Duration.ZERO);
        if (wait.isZero()) {
            tries.add(name, address, now);
            tries.forget(now.minus(KEPT));
        }
        return wait;
    }

    /** The password was right. */
    @Transactional
    void clear(String typedName, String typedAddress) {
        tries.clear(name(typedName), address(typedAddress));
    }

    private static Duration left(SignInTryRepository.Tries tries, int free, Instant now) {
        Instant last = tries.getLast();
        if (tries.getCount() < free || last == null) {
            return Duration.ZERO;
        }
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(tries.getCount() - free, MOST_DOUBLINGS));
        Duration left = Duration.between(now, last.plus(wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait));
        return left.isNegative() ? Duration.ZERO : left;
    }

    private static String name(String typed) {
        String name = typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\p{Cntrl}", "");
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
    }

    private static String address(String typed) {
        return typed.length() > LONGEST_ADDRESS ? typed.substring(0, LONGEST_ADDRESS) : typed;
    }
}
