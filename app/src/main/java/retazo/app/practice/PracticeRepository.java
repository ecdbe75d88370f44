package retazo.app.practice;

import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeRepository extends JpaRepository<PracticeEntity, Short> {
}
