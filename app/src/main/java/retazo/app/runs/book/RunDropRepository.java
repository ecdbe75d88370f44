package retazo.app.runs.book;

import java.util.Collection;
import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

public interface RunDropRepository extends JpaRepository<RunDropEntity, Long> {

    List<RunDropEntity> findByRunLineIdInOrderByIdAsc(Collection<Long> runLineIds);
}
