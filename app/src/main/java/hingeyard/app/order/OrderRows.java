package hingeyard.app.order;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderRows extends JpaRepository<PurchaseOrder, Long> {

    @Query("select distinct o from PurchaseOrder o left join fetch o.lines where o.closed = false order by o.id")
    List<PurchaseOrder> open();

    @Query("select o from PurchaseOrder o order by case when o.closed = true then 1 else 0 end, o.id desc")
    List<PurchaseOrder> openFirst(Limit limit);

    /** What two people do to one order happens one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select o from PurchaseOrder o where o.id = :number")
    Optional<PurchaseOrder> lock(long number);
}
