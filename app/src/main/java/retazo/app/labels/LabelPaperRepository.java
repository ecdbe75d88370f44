package retazo.app.labels;

import org.springframework.data.jpa.repository.JpaRepository;

interface LabelPaperRepository extends JpaRepository<LabelPaperEntity, Integer> {
}
