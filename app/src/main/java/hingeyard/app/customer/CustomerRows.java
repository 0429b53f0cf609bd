package hingeyard.app.customer;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface CustomerRows extends JpaRepository<Customer, Long> {

    /** Holds the customer: two who change one take turns. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from Customer c where c.id = :id")
    Optional<Customer> lock(long id);

    /** As it stands in the table now, whatever was read before. */
    @Query("select c.erasedAt from Customer c where c.id = :id and c.erasedAt is not null")
    Optional<Instant> erasedAt(long id);

    Optional<Customer> findFirstByNameKeyAndContactKey(String nameKey, String contactKey);

    List<Customer> findByContactKey(String contactKey, Limit limit);

    /** Those with a word that begins so: enough to hold a misspelt name against. */
    @Query("select c from Customer c where c.nameKey like concat(:start, '%') or c.nameKey like concat('% ', :start, '%') order by c.id desc")
    List<Customer> withWordFrom(String start, Limit limit);

    @Query("""
            select c from Customer c
            where (:nameKey <> '' and c.nameKey like concat('%', :nameKey, '%')) or (:contactKey <> '' and c.contactKey like concat('%', :contactKey, '%'))
            order by c.id desc""")
    List<Customer> find(String nameKey, String contactKey, Limit limit);

    @Query("""
            select b.customer from Bike b
            where b.frameNumber like concat(:text, '%') escape '!' or b.name like concat('%', :text, '%') escape '!'
            order by b.id desc""")
    List<Customer> ofBike(String text, Limit limit);
}
