package hingeyard.app.stock;

import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.Optional;

@Entity
class Part {

    @Id
    String number;
    String name;
    String usedAs;
    String place;
    Long thicknessUm;
    Long plusMinusUm;
    Long innerUm;
    Long outerUm;

    protected Part() {
    }

    Part(String number, String name, String usedAs, String place, Optional<PieceSize> size) {
        this.number = number;
        this.name = name;
        this.usedAs = usedAs;
        this.place = place;
        size.ifPresent(s -> {
            thicknessUm = s.thickness().micrometres();
            plusMinusUm = s.plusMinus().micrometres();
            innerUm = s.inner().micrometres();
            outerUm = s.outer().micrometres();
        });
    }

    Optional<PieceSize> size() {
        return thicknessUm == null ? Optional.empty() : Optional.of(new PieceSize(Length.ofMicrometres(thicknessUm),
                Length.ofMicrometres(plusMinusUm), Length.ofMicrometres(innerUm), Length.ofMicrometres(outerUm)));
    }
}
