package hingeyard.app.kit;

import hingeyard.app.problem.Refused;
import hingeyard.core.kit.Kit;
import hingeyard.formats.SheetJson;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kits the shop knows. */
@Service
public class Kits {

    private final KitSheetRows sheets;

    Kits(KitSheetRows sheets) {
        this.sheets = sheets;
    }

    @Transactional(readOnly = true)
    public List<Kit> all() {
        return sheets.findAllByOrderByCode().stream().map(s -> SheetJson.readKit(s.sheet)).toList();
    }

    @Transactional(readOnly = true)
    public Kit kit(String code) {
        return sheets.findById(code).map(s -> SheetJson.readKit(s.sheet)).orElseThrow(() -> Refused.notFound("kit", code));
    }

    @Transactional
    public void save(Kit kit) {
        sheets.save(new KitSheet(kit.code(), SheetJson.write(kit)));
    }
}
