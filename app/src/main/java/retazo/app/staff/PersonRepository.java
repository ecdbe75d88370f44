package retazo.app.staff;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<PersonEntity, Long> {

    Optional<PersonEntity> findBySignInName(String signInName);

    /** Locks all people for the rest of the transaction, so that two owners cannot take each other's right at once. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT p FROM PersonEntity p ORDER BY p.id")
    List<PersonEntity> lockAll();

    /** Signs a person out everywhere, with the change that makes it necessary. */
    @Modifying
    @Query(value = "DELETE FROM spring_session WHERE principal_name = :signInName", nativeQuery = true)
    void signOut(String signInName);

    /** The same but for one session. */
    @Modifying
    @Query(value = "DELETE FROM spring_session WHERE principal_name = :signInName AND session_id <> :kept", nativeQuery = true)
    void signOutOthers(String signInName, String kept);

    @Query("SELECT DISTINCT p FROM PersonEntity p LEFT JOIN FETCH p.jobs ORDER BY p.active DESC, p.name, p.id")
    List<PersonEntity> inOrder();
}
