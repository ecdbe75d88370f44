package retazo.app.outbox;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OutgoingRepository extends JpaRepository<OutgoingEntity, UUID> {

    Optional<OutgoingEntity> findByKindAndAbout(Outbox.Kind kind, long about);

    /** The one that is due first and that nobody else is carrying. */
    @Query(value = """
            SELECT * FROM outgoing WHERE done_at IS NULL AND next_at <= :now ORDER BY next_at, put_at LIMIT 1 FOR UPDATE SKIP LOCKED""",
            nativeQuery = true)
    Optional<OutgoingEntity> lockDue(Instant now);
}
