package hingeyard.app.booking;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CustomerRows extends JpaRepository<Customer, Long> {

    Optional<Customer> findFirstByNameKeyAndContactKey(String nameKey, String contactKey);

    List<Customer> findByContactKey(String contactKey, Limit limit);

    /** Those with a word that begins so: enough to hold a misspelt name against. */
    @Query("select c from Customer c where c.nameKey like concat(:start, '%') or c.nameKey like concat('% ', :start, '%') order by c.id desc")
    List<Customer> withWordFrom(String start, Limit limit);

    @Query("""
            select distinct c from Customer c left join Bike b on b.customer = c
            where c.nameKey like concat('%', :nameKey, '%') or lower(c.name) like concat('%', lower(:text), '%')
               or (:contactKey <> '' and c.contactKey like concat('%', :contactKey, '%'))
               or lower(b.frameNumber) like concat(lower(:text), '%') or lower(b.name) like concat('%', lower(:text), '%')
            order by c.id desc""")
    List<Customer> find(String text, String nameKey, String contactKey, Limit limit);
}
