package retazo.app.kits;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface KitRepository extends JpaRepository<KitEntity, Long> {

    @Query("SELECT k FROM KitEntity k JOIN FETCH k.colourway WHERE k.id IN :ids")
    List<KitEntity> byIds(Collection<Long> ids);

    /** Those whose colourway names a fabric, or that take sheets off its bolts. */
    @Query("SELECT k FROM KitEntity k JOIN FETCH k.colourway c WHERE c.id = :colourwayId")
    List<KitEntity> ofColourway(long colourwayId);

    @Query("""
            SELECT k.id FROM KitEntity k
             WHERE EXISTS (SELECT 1 FROM k.colourway c JOIN c.choiceByRole choice WHERE choice.fabricId = :fabricId)
                OR EXISTS (SELECT 1 FROM k.topUps topUp WHERE topUp.source = :fabricId)""")
    List<Long> idsOfFabric(long fabricId);

    @Query(value = "SELECT id FROM kit_title WHERE pattern_id = :patternId", nativeQuery = true)
    List<Long> idsOfPattern(long patternId);

    @Query("""
            SELECT k.id FROM KitEntity k
             WHERE k.longStrips IS NOT NULL OR k.margin.hundredths IS NOT NULL OR k.margin.length IS NOT NULL
                OR k.overrides IS NOT EMPTY OR k.backingSeams IS NOT NULL OR k.anyWay IS NOT EMPTY OR k.upright IS NOT EMPTY""")
    List<Long> idsWithOwnSettings();

    @Modifying
    @Query(value = "UPDATE kit SET replaced_by = :fresh WHERE id = :old", nativeQuery = true)
    void replace(long old, long fresh);

    @Query(value = "SELECT replaced_by FROM kit WHERE id = :id", nativeQuery = true)
    Optional<Long> replacedBy(long id);

    @Query("SELECT k.endedAt FROM KitEntity k WHERE k.id = :id")
    Optional<Instant> endedAt(long id);
}
