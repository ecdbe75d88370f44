package retazo.app.staff;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The sign-ins that were tried. */
interface SignInTryRepository extends Repository<PersonEntity, Long> {

    /** How often and when last, of what was not cleared by a right one. */
    interface Tries {

        int getCount();

        @Nullable
        Instant getLast();
    }

    /** One at a time for an address, so that many tries at once count one after another. */
    @Query(value = "SELECT CAST(pg_advisory_xact_lock(hashtext(:address)) AS text)", nativeQuery = true)
    @Nullable
    String waitForOthers(String address);

    @Query(value = """
            SELECT count(*) AS count, max(at) AS last FROM sign_in_try
             WHERE name = :name AND address = :address AND at > :since AND NOT cleared""", nativeQuery = true)
    Tries ofNameAt(String name, String address, Instant since);

    @Query(value = "SELECT count(*) AS count, max(at) AS last FROM sign_in_try WHERE name = :name AND at > :since AND NOT cleared",
            nativeQuery = true)
    Tries ofName(String name, Instant since);

    @Query(value = "SELECT count(*) AS count, max(at) AS last FROM sign_in_try WHERE address = :address AND at > :since AND NOT cleared",
            nativeQuery = true)
    Tries ofAddress(String address, Instant since);

    @Modifying
    @Query(value = "INSERT INTO sign_in_try (name, address, at) VALUES (:name, :address, :now)", nativeQuery = true)
    void add(String name, String address, Instant now);

    @Modifying
    @Query(value = "UPDATE sign_in_try SET cleared = true WHERE name = :name AND address = :address AND NOT cleared", nativeQuery = true)
    void clear(String name, String address);

    @Modifying
    @Query(value = "DELETE FROM sign_in_try WHERE at < :before", nativeQuery = true)
    void forget(Instant before);
}
