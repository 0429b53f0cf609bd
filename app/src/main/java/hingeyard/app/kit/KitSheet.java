package hingeyard.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;

@Entity
class KitSheet {

    @Id
    String code;
    @Column(columnDefinition = "LONGTEXT")
    String sheet;
    /** 1 for the first; counts every save, also of the same text. */
    int version;

    protected KitSheet() {
    }

    KitSheet(String code) {
        this.code = code;
    }
}
