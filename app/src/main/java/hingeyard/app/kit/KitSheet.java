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

    protected KitSheet() {
    }

    KitSheet(String code, String sheet) {
        this.code = code;
        this.sheet = sheet;
    }
}
