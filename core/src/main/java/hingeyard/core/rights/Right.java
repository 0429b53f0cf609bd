package hingeyard.core.rights;

import static hingeyard.core.rights.Role.MANAGER;
import static hingeyard.core.rights.Role.STOCK_KEEPER;
import static hingeyard.core.rights.Role.TECHNICIAN;

import hingeyard.core.explain.Ruling;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The one table of who may do what. A right says who may do a thing at all; whether it may be done now, in the state that the job, the
 * step or the drawer is in, is ruled by the package that knows that state, after this.
 */
public enum Right {

    LOOK("see bikes, drawers, kits, matches, bills and papers", "Everybody works from the same sheet.", MANAGER, TECHNICIAN, STOCK_KEEPER),
    OWN_ACCOUNT("change their own PIN and sign out", "An account is its owner's.", MANAGER, TECHNICIAN, STOCK_KEEPER),
    READ_NOTICES("mark a notice as read", "It is told to whoever stands there.", MANAGER, TECHNICIAN, STOCK_KEEPER),
    SEE_CUSTOMERS("see and change customers and what belongs to them", "Names, contacts and agreements are private.", MANAGER),
    BOOK_IN("book a bike in and change what was agreed", "A booking is a promise to the customer.", MANAGER),
    CHECK_IN("record how a bike arrived", "It is looked at with the hands on it.", MANAGER, TECHNICIAN),
    CLEAR_HOLD("clear what holds a job", "What holds a job can hurt somebody.", MANAGER),
    MEASURE("measure a bike", "A measure is taken with the tool in hand.", MANAGER, TECHNICIAN),
    FIT_NOTE("write fit notes", "They come from whoever fitted it.", MANAGER, TECHNICIAN),
    OVERRIDE("override a verdict", "Whoever overrides it answers for it.", MANAGER),
    MAKE_BILL("make, change and take back bills and quotes", "A bill reserves stock and names a price.", MANAGER),
    NAME_PART("say which part a line of the bill means", "It takes somebody who knows the drawers.", MANAGER, STOCK_KEEPER),
    PICK("pick parts for a job", "Whoever lays them out ticks them off.", MANAGER, TECHNICIAN, STOCK_KEEPER),
    CALL_OFF("call a job off and settle it", "It ends what was agreed with the customer.", MANAGER),
    CHECK_BOX("count a kit's box", "Whoever opens it counts it.", MANAGER, TECHNICIAN, STOCK_KEEPER),
    KEEP_MONEY("take money, write invoices and credit notes and see what is open",
            "It is owed to the customer and to the tax office, and none of it can be wiped out.", MANAGER),
    SETTLE_CLAIM("settle a claim with a supplier", "It ends in stock or money.", MANAGER, STOCK_KEEPER),
    UNBLOCK("decide on what blocks a job", "It changes the job's parts, work or order.", MANAGER, STOCK_KEEPER),
    DO_STEPS("do, stop and inspect steps", "Steps are done at the stand.", MANAGER, TECHNICIAN),
    UNDO_FOR_OTHERS("undo a step somebody else did, and hand over what is in their hands", "Whoever did it knows how far it came.",
            MANAGER),
    PLAN_STEPS("leave out, move and add steps", "It changes the order of work.", MANAGER),
    SET_UP("enter settings and readings of a controller", "They are entered with the display in hand.", MANAGER, TECHNICIAN),
    TAKE_PHOTO("add and strike out pictures", "They are taken at the bike.", MANAGER, TECHNICIAN),
    FILE_APPROVAL("file a maker's approval", "It stands in place of a safety check.", MANAGER),
    SEE_CODES("see key numbers and start codes", "Whoever knows them can take the bike or its battery.", MANAGER),
    MOVE_BIKE("move a bike", "It is moved by whoever works on it.", MANAGER, TECHNICIAN),
    SEND_AWAY("hand a bike over", "Papers, keys and what is paid go with it.", MANAGER),
    KEEP_DRAWERS("receive, count and write off stock", "The ledger follows the drawers.", MANAGER, STOCK_KEEPER),
    KEEP_SHEETS("change kit sheets, battery sheets and prices", "Every match is judged by them.", MANAGER, STOCK_KEEPER),
    ORDER("order parts and take deliveries in", "An order is owed to a supplier.", MANAGER, STOCK_KEEPER),
    REALLOCATE("give one job's parts to another", "It moves a promised day.", MANAGER),
    KEEP_LIBRARY("change the step library and its minutes", "Every stand works by it.", MANAGER),
    KEEP_SHOP("change who is skilled in what and works when, the stands and the opening days",
            "Every stand and every promised day goes by them.",
            MANAGER),
    PLAN("say what day a customer was told, and on which stand, by whom and from when a job is done",
            "Every promised day and everybody's week go by it.", MANAGER),
    KEEP_WRENCHES("keep the list of torque wrenches", "A torque counts only with a tested wrench.", MANAGER),
    KEEP_RULES("change the shop's rules", "Every verdict and price hangs on them.", MANAGER),
    READ_AUDIT("read audits and refused hold points", "They say what went wrong, and who was there.", MANAGER),
    KEEP_DOORS("see who is signed in, sign others out and unlock accounts", "It decides who gets in.", MANAGER),
    KEEP_PEOPLE("add people, pause them, let them go and say what they do", "It decides who gets in, and who may do what.", MANAGER);

    private final String does;
    private final String because;
    private final Set<Role> who;

    Right(String does, String because, Role first, Role... others) {
        this.does = does;
        this.because = because;
        this.who = EnumSet.of(first, others);
    }

    /** What one may do with it, to be read after "may". */
    public String does() {
        return does;
    }

    /** Why these roles and no others: a sentence. */
    public String because() {
        return because;
    }

    public boolean of(Role role) {
        return who.contains(role);
    }

    /** Whether somebody of these roles may: one of them is enough. */
    public boolean of(Set<Role> roles) {
        return roles.stream().anyMatch(this::of);
    }

    /** Whether these roles may, and if not, who may and why. */
    public Ruling ruling(Set<Role> roles) {
        return of(roles) ? Ruling.yes()
                : Ruling.no("Only the %s may %s; you are signed in as %s. %s"
                        .formatted(who.stream().map(Role::label).collect(Collectors.joining(" or the ")), does, Role.labels(roles),
                                because));
    }
}
