package retazo.app.packing;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PackTickRepository extends JpaRepository<PackTickEntity, Long> {

    List<PackTickEntity> findByBagLineIdIn(Collection<Long> bagLineIds);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("DELETE FROM PackTickEntity t WHERE t.bagLineId = :bagLineId")
    void deleteTick(long bagLineId);
}
