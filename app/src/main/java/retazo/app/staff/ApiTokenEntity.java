package retazo.app.staff;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A key by which another program comes in, as the person who made it. Only a hash of it is kept. */
@Entity
@Table(name = "api_token")
class ApiTokenEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private String name;

    @Column(name = "token_hash", nullable = false, updatable = false)
    @JdbcTypeCode(SqlTypes.CHAR)
    private String tokenHash;

    @Column(name = "may_write", nullable = false, updatable = false)
    private boolean mayWrite;

    @Column(name = "person_id", nullable = false, updatable = false)
    private long personId;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt;

    @Column(name = "revoked_at")
    private @Nullable Instant revokedAt;

    protected ApiTokenEntity() {
    }

    static ApiTokenEntity of(String name, String tokenHash, boolean mayWrite, long personId, Instant now) {
        ApiTokenEntity token = new ApiTokenEntity();
        token.name = name;
        token.tokenHash = tokenHash;
        token.mayWrite = mayWrite;
        token.personId = personId;
        token.createdAt = now;
        return token;
    }

    void revoke(Instant now) {
        revokedAt = now;
    }

    long id() {
        return id;
    }

    String name() {
        return name;
    }

    boolean mayWrite() {
        return mayWrite;
    }

    long personId() {
        return personId;
    }

    Instant createdAt() {
        return createdAt;
    }

    boolean isRevoked() {
        return revokedAt != null;
    }
}
