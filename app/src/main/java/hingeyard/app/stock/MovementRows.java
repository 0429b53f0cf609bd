package hingeyard.app.stock;

import org.springframework.data.jpa.repository.JpaRepository;

interface MovementRows extends JpaRepository<StockMovement, Long> {
}
