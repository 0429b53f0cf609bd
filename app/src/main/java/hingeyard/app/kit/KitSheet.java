package hingeyard.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;

@Entity
class KitSheet {

    @Id
    String code;
    @Column(columnDefinition = "LONGTEXT")
    String sheet;
    @Version
    int version;

    protected KitSheet() {
    }

    KitSheet(String code) {
        this.code = code;
    }
}
