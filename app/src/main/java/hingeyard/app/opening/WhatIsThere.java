package hingeyard.app.opening;

import hingeyard.app.face.Faces;
import hingeyard.app.install.Wrenches;
import hingeyard.app.kit.Kits;
import hingeyard.app.order.Suppliers;
import hingeyard.app.person.Staff;
import hingeyard.app.shop.Team;
import hingeyard.app.stock.DrawerRow;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.kit.Kit;
import hingeyard.core.opening.ShopHas;
import hingeyard.core.plan.Worker;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts what a shop has, for what a first bike would stop at. */
@Service
class WhatIsThere {

    private final Team team;
    private final Staff staff;
    private final Stock stock;
    private final Kits kits;
    private final Suppliers suppliers;
    private final Wrenches wrenches;
    private final Faces faces;
    private final ShopClock clock;

    WhatIsThere(Team team, Staff staff, Stock stock, Kits kits, Suppliers suppliers, Wrenches wrenches, Faces faces, ShopClock clock) {
        this.team = team;
        this.staff = staff;
        this.stock = stock;
        this.kits = kits;
        this.suppliers = suppliers;
        this.wrenches = wrenches;
        this.faces = faces;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ShopHas now() {
        List<Worker> hands = team.workers();
        List<Worker> technicians = hands.stream().filter(Worker::does).toList();
        Set<String> codes = kits.all().stream().map(Kit::code).collect(Collectors.toSet());
        List<DrawerRow> rows = stock.rows();
        return new ShopHas(technicians.size(), hands.size(), (int) technicians.stream().filter(w -> !w.hours().days().isEmpty()).count(),
                staff.working(), staff.workingWithPassword(),
                (int) rows.stream().filter(r -> !codes.contains(r.number())).count(),
                (int) rows.stream().filter(r -> !codes.contains(r.number()) && r.onHand() > 0).count(),
                (int) rows.stream().filter(r -> codes.contains(r.number()) && r.onHand() > 0).count(), codes.size(), suppliers.withLead(),
                wrenches.inOrder(clock.today()), !faces.now().address().isBlank());
    }
}
