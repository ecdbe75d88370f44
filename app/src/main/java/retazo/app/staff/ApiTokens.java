package retazo.app.staff;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;

/** Keys for other programs. A key is told once, when it is made; afterwards it can only be revoked. */
@Service
public class ApiTokens {

    private static final String START = "rtz_";
    private static final int BYTES = 32;

    private final ApiTokenRepository tokens;
    private final PersonRepository people;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    ApiTokens(ApiTokenRepository tokens, PersonRepository people, Clock clock) {
        this.tokens = tokens;
        this.people = people;
        this.clock = clock;
    }

    /** Whom a key lets in, and whether it may change things. */
    record Entrance(SignedIn person, boolean mayWrite) {
    }

    /** Makes a key and gives it, this once. */
    @Transactional
    public String make(String name, boolean mayWrite, long personId) {
        byte[] secret = new byte[BYTES];
        random.nextBytes(secret);
        String token = START + Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        tokens.saveAndFlush(ApiTokenEntity.of(name, hash(token), mayWrite, personId, clock.instant()));
        return token;
    }

    /** Revokes a key at once. Gives its name. */
    @Transactional
    public String revoke(long id) {
        ApiTokenEntity token = tokens.findById(id).orElseThrow(() -> new NotFoundException("key", id));
        token.revoke(clock.instant());
        return token.name();
    }

    @Transactional(readOnly = true)
    List<ApiTokenEntity> all() {
        return tokens.findAllByOrderByIdDesc();
    }

    /** The person behind a key that is not revoked, if they still work here. */
    @Transactional(readOnly = true)
    Optional<Entrance> entrance(String token) {
        return tokens.findByTokenHash(hash(token))
                .filter(found -> !found.isRevoked())
                .flatMap(found -> people.findById(found.personId())
                        .map(SignedIn::new)
                        .filter(SignedIn::isEnabled)
                        .map(person -> new Entrance(person, found.mayWrite())));
    }

    private static String hash(String token) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
