package retazo.app.packing;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PickTickRepository extends JpaRepository<PickTickEntity, Long> {

    List<PickTickEntity> findByBagPickIdIn(Collection<Long> bagPickIds);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("DELETE FROM PickTickEntity t WHERE t.bagPickId = :bagPickId")
    void deleteTick(long bagPickId);
}
