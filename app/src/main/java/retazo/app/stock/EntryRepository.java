package retazo.app.stock;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface EntryRepository extends Repository<EntryEntity, UUID> {

    Optional<EntryEntity> findByClientId(UUID clientId);

    /** Takes an id, waiting for whoever takes it at the same time; 1 if it was free, else 0. */
    @Modifying
    @Query(nativeQuery = true, value = """
            INSERT INTO entry (client_id, person_id, asked, at) VALUES (:clientId, :personId, :asked, :at) ON CONFLICT DO NOTHING""")
    int claim(UUID clientId, long personId, String asked, Instant at);

    @Modifying
    @Query(nativeQuery = true, value = "UPDATE entry SET result = :result WHERE client_id = :clientId")
    void keep(UUID clientId, long result);

    @Modifying
    @Query(nativeQuery = true, value = "DELETE FROM entry WHERE client_id = :clientId")
    void letGo(UUID clientId);
}
