package hingeyard.app.demo;

import hingeyard.app.kit.Kits;
import hingeyard.app.person.Role;
import hingeyard.app.person.Staff;
import hingeyard.app.stock.Stock;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.StockCsv;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The demo's people, kits and drawers. */
@Component
class DemoShop {

    private static final String STOCK_KEEPER = "Ines V.";

    private final Staff staff;
    private final Kits kits;
    private final Stock stock;

    DemoShop(Staff staff, Kits kits, Stock stock) {
        this.staff = staff;
        this.kits = kits;
        this.stock = stock;
    }

    void people() {
        staff.add("orla", "Orla M.", Role.MANAGER, "wharf-orla");
        staff.add("tova", "Tova", Role.TECHNICIAN, "wharf-tova");
        staff.add("rian", "Rian", Role.TECHNICIAN, "wharf-rian");
        staff.add("ned", "Ned", Role.TECHNICIAN, "wharf-ned");
        staff.add("ines", "Ines V.", Role.STOCK_KEEPER, "wharf-ines");
    }

    void kits() throws IOException {
        for (Resource sheet : new PathMatchingResourcePatternResolver().getResources("classpath:demo/kits/*.json")) {
            kits.save(sheet.getContentAsString(StandardCharsets.UTF_8), Optional.empty(), "first sheet", STOCK_KEEPER);
        }
    }

    void batteries() throws IOException {
        for (Resource sheet : new PathMatchingResourcePatternResolver().getResources("classpath:demo/batteries/*.json")) {
            kits.saveBattery(sheet.getContentAsString(StandardCharsets.UTF_8), Optional.empty(), "first sheet", STOCK_KEEPER);
        }
    }

    void drawers() throws IOException {
        for (PartSheet sheet : StockCsv.sheets(new ClassPathResource("demo/parts.csv").getContentAsString(StandardCharsets.UTF_8))) {
            stock.addPart(sheet);
            if (sheet.part().free() > 0) {
                stock.receive(sheet.part().number(), sheet.part().free(), "opening count", "", STOCK_KEEPER);
            }
        }
    }
}
