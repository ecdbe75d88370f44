package retazo.app.practice;

import org.springframework.data.jpa.repository.JpaRepository;

interface PriceListRepository extends JpaRepository<PriceListEntity, Short> {
}
