package hingeyard.app.stock;

import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.PartFacts;
import hingeyard.core.stock.PartSheet;
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
    String supplier = "";
    int pack = 1;
    int minimum;
    int version;

    protected Part() {
    }

    Part(PartSheet sheet) {
        this.number = sheet.part().number();
        become(sheet);
    }

    /** Everything but the number, which stays. */
    void become(PartSheet sheet) {
        DrawerPart part = sheet.part();
        name = part.name();
        usedAs = part.use();
        place = part.place();
        thicknessUm = part.size().map(s -> s.thickness().micrometres()).orElse(null);
        plusMinusUm = part.size().map(s -> s.plusMinus().micrometres()).orElse(null);
        innerUm = part.size().map(s -> s.inner().micrometres()).orElse(null);
        outerUm = part.size().map(s -> s.outer().micrometres()).orElse(null);
        PartFacts facts = part.facts();
        lengthUm = facts.length().map(Length::micrometres).orElse(null);
        spanFromUm = facts.span().map(s -> s.least().micrometres()).orElse(null);
        spanToUm = facts.span().map(s -> s.greatest().micrometres()).orElse(null);
        plug = facts.adapter().map(a -> PlugText.write(a.one())).orElse(null);
        otherPlug = facts.adapter().map(a -> PlugText.write(a.other())).orElse(null);
        milliamperes = facts.adapter().map(a -> a.rating().milliamperes()).orElse(null);
        priceMinor = facts.priceMinor();
        leadDays = facts.leadDays();
        supplier = sheet.supplier();
        pack = sheet.pack();
        minimum = sheet.minimum();
        version++;
    }

    PartSheet sheet(int free) {
        return new PartSheet(new DrawerPart(number, name, usedAs, place, free, size(), facts()), supplier, pack, minimum);
    }

    Optional<PieceSize> size() {
        return thicknessUm == null ? Optional.empty() : Optional.of(new PieceSize(Length.ofMicrometres(thicknessUm),
                Length.ofMicrometres(plusMinusUm), Length.ofMicrometres(innerUm), Length.ofMicrometres(outerUm)));
    }

    PartFacts facts() {
        Optional<Band> span = spanFromUm == null ? Optional.empty()
                : Optional.of(new Band(Length.ofMicrometres(spanFromUm), Length.ofMicrometres(spanToUm)));
        return new PartFacts(Optional.ofNullable(lengthUm).map(Length::ofMicrometres), span,
                Optional.ofNullable(milliamperes).map(a -> adapter(new Current(a))), priceMinor, leadDays);
    }

    private Adapter adapter(Current rating) {
        return new Adapter(PlugText.read(plug, rating), PlugText.read(otherPlug, rating), rating);
    }
}
