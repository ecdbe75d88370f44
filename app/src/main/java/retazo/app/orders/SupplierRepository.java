package retazo.app.orders;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SupplierRepository extends JpaRepository<SupplierEntity, Long> {

    @Query("SELECT s FROM SupplierEntity s WHERE lower(s.name) IN :names")
    List<SupplierEntity> named(Collection<String> names);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("SELECT s FROM SupplierEntity s WHERE lower(s.name) = :name")
    Optional<SupplierEntity> lock(String name);

    /** Keeps one with what is usual, if it is not kept yet; two at once make one. */
    @Modifying(flushAutomatically = true)
    @Query(value = """
            INSERT INTO supplier (name, lead_days, cycle_weeks, bolt_ticks) VALUES (:name, :leadDays, :cycleWeeks, :bolt)
            ON CONFLICT DO NOTHING""", nativeQuery = true)
    void keep(String name, int leadDays, int cycleWeeks, long bolt);

    /** The names under which fabrics are bought, in one spelling each, and those that are kept. */
    @Query(value = """
            SELECT min(known.name)
              FROM (SELECT f.supplier AS name FROM fabric f WHERE f.supplier <> '' UNION SELECT s.name FROM supplier s) known
             GROUP BY lower(known.name) ORDER BY lower(min(known.name))""", nativeQuery = true)
    List<String> names(Limit most);
}
