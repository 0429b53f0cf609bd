package hingeyard.app.stock;

import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.PartFacts;
import hingeyard.formats.PlugText;
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
    Long lengthUm;
    Long spanFromUm;
    Long spanToUm;
    String plug;
    String otherPlug;
    Long milliamperes;
    long priceMinor;
    int leadDays;

    protected Part() {
    }

    Part(String number, String name, String usedAs, String place, Optional<PieceSize> size, PartFacts facts) {
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
        facts.length().ifPresent(l -> lengthUm = l.micrometres());
        facts.span().ifPresent(s -> {
            spanFromUm = s.least().micrometres();
            spanToUm = s.greatest().micrometres();
        });
        facts.adapter().ifPresent(a -> {
            plug = PlugText.write(a.one());
            otherPlug = PlugText.write(a.other());
            milliamperes = a.rating().milliamperes();
        });
        priceMinor = facts.priceMinor();
        leadDays = facts.leadDays();
    }

    Optional<PieceSize> size() {
        return thicknessUm == null ? Optional.empty() : Optional.of(new PieceSize(Length.ofMicrometres(thicknessUm),
                Length.ofMicrometres(plusMinusUm), Length.ofMicrometres(innerUm), Length.ofMicrometres(outerUm)));
    }

    PartFacts facts() {
        Optional<Band> span = spanFromUm == null ? Optional.empty() : Optional.of(new Band(Length.ofMicrometres(spanFromUm), Length.ofMicrometres(spanToUm)));
        return new PartFacts(Optional.ofNullable(lengthUm).map(Length::ofMicrometres), span, Optional.ofNullable(milliamperes).map(a -> adapter(new Current(a))), priceMinor, leadDays);
    }

    private Adapter adapter(Current rating) {
        return new Adapter(PlugText.read(plug, rating), PlugText.read(otherPlug, rating), rating);
    }
}
