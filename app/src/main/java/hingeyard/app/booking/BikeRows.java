package hingeyard.app.booking;

import org.springframework.data.jpa.repository.JpaRepository;

interface BikeRows extends JpaRepository<Bike, Long> {
}
