package hingeyard.core.install.library;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Choice;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.ConditionPoint;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.install.Work;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.BracketBody.Hold;
import hingeyard.core.kit.CockpitKind;
import hingeyard.core.kit.CutOff;
import hingeyard.core.kit.Equipment;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.kit.PedalSensing;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.School;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the library may ask of a job. A fact that nobody measured has the value {@code unknown}. */
enum Fact {
    DRIVE(List.of("bracket-mid-drive", "frame-mid-drive", "front-hub", "rear-hub-freewheel", "rear-hub-cassette", "rotor-gear",
            "friction-roller", "swing-arm", "second-battery",
            "battery-mount", "disc-brakes", "bar-tube", "build-up", "display-swap", "diagnosis", "lights", "service", "retorque-check"),
            w -> Set.of(kit(w).drive().family())),
    MOTOR(yesNo(), w -> yes(equipment(w).motor().isPresent())),
    FIXING(keys(Hold.values(), "unknown"),
            w -> Set.of(kit(w).drive().bracket().flatMap(b -> b.body()).map(b -> key(b.fixing().hold())).orElse("unknown"))),
    LEFT_HAND_SPROCKET(yesNo(), w -> yes(kit(w).drive().frameMade().filter(f -> f.leftHandNut()).isPresent())),
    HUB_ROTOR(yesNo(), w -> yes(kit(w).drive().hub().flatMap(h -> h.rotor()).isPresent())),
    BATTERY_HOLD(keys(BatteryHold.values(), "none"), w -> holdsBattery(w) ? only(kit(w).battery().casing().hold()) : Set.of("none")),
    BATTERY_PLUG(List.of("keyed", "symmetrical"), w -> Set.of(kit(w).battery().plug().kind().keyed() ? "keyed" : "symmetrical")),
    BIKE(keys(BikeKind.values(), null), w -> only(w.match().bike().kind())),
    HEAVY(yesNo(), w -> yes(heavy(w))),
    SHELL(measured(BracketMeasures.STANDARD), w -> measured(w, BracketMeasures.STANDARD)),
    SPINDLE(measured(BracketMeasures.SPINDLE), w -> measured(w, BracketMeasures.SPINDLE)),
    FRONT_DERAILLEUR(measured(BracketMeasures.FRONT_DERAILLEUR), w -> measured(w, BracketMeasures.FRONT_DERAILLEUR)),
    UNDER_SHELL(measured(BracketMeasures.UNDERSIDE), w -> measured(w, BracketMeasures.UNDERSIDE)),
    FORK(measured(FrontMeasures.FORK_KIND), w -> measured(w, FrontMeasures.FORK_KIND)),
    FRONT_BRAKE(measured(FrontMeasures.BRAKE_KIND), w -> measured(w, FrontMeasures.BRAKE_KIND)),
    REAR_BRAKE(measured(RearMeasures.BRAKE_KIND), w -> measured(w, RearMeasures.BRAKE_KIND)),
    FRONT_ROTOR(measured(FrontMeasures.ROTOR_MOUNT), w -> measured(w, FrontMeasures.ROTOR_MOUNT)),
    REAR_ROTOR(measured(RearMeasures.ROTOR_MOUNT), w -> measured(w, RearMeasures.ROTOR_MOUNT)),
    BRAKES_PULLED_BY(measured(CockpitMeasures.BRAKE_ACTUATION), w -> measured(w, CockpitMeasures.BRAKE_ACTUATION)),
    SENSING(keys(PedalSensing.Kind.values(), null),
            w -> only(equipment(w).sensing().map(PedalSensing::kind).orElse(PedalSensing.Kind.NONE))),
    SPEED_SENSOR(yesNo(), w -> yes(equipment(w).speedSensor().isPresent())),
    CUT_OFF(keys(CutOff.values(), null), w -> only(equipment(w).cutOff().orElse(CutOff.NONE))),
    THROTTLE(List.of("thumb", "twist", "none"),
            w -> Set.of(has(w, CockpitKind.THUMB_THROTTLE) ? "thumb" : has(w, CockpitKind.TWIST_THROTTLE) ? "twist" : "none")),
    DISPLAY(yesNo(), w -> yes(has(w, CockpitKind.DISPLAY) || inTheBox(w, "display"))),
    PAGES(yesNo(), w -> yes(!equipment(w).pages().isEmpty())),
    LEVERS(yesNo(), w -> yes(inTheBox(w, "levers"))),
    LEADS(yesNo(), w -> yes(!equipment(w).leads().isEmpty() || inTheBox(w, "loom"))),
    WALK(yesNo(), w -> yes(equipment(w).motor().filter(m -> m.walkSpeed() > 0).isPresent())),
    LIGHTS(yesNo(), w -> yes(kit(w).controller().lights().isPresent() && equipment(w).motor().isPresent())),
    /** Roles of parts that a check asks for; open, for a check may ask for any. */
    PART(List.of(), Fact::partsAsked),
    /** Roles of what the box holds; open, for a kit may hold anything. */
    BOX(List.of(), w -> kit(w).contents().stream().map(i -> i.role()).collect(Collectors.toSet())),
    /** Ids of checks that ask for work. */
    CHECK(FitCheckCatalogue.all().stream().map(FitCheck::id).toList(), Fact::checksThatAskForWork),
    /** Points of the arrival check that are done with the job. */
    ARRIVAL(ConditionCatalogue.all().stream().map(ConditionPoint::key).toList(), Work::withJob),
    PLUG_SCHOOL(School.PLUG_MISMATCH.options(), w -> Set.of(w.match().rules().value(School.PLUG_MISMATCH)));

    private static final String UNKNOWN = "unknown";
    private static final Set<String> YES = Set.of("yes");
    private static final Set<String> NO = Set.of("no");
    private static final Set<String> NOBODY = Set.of(UNKNOWN);
    private static final Map<Enum<?>, Set<String>> ONLY = new ConcurrentHashMap<>();

    private static final Set<Fact> OF_BIKE = EnumSet.of(BIKE, SHELL, SPINDLE, FRONT_DERAILLEUR, UNDER_SHELL, FORK, FRONT_BRAKE, REAR_BRAKE,
            FRONT_ROTOR, REAR_ROTOR, BRAKES_PULLED_BY, PLUG_SCHOOL);

    private final List<String> values;
    private final Function<Work, Set<String>> of;

    Fact(List<String> values, Function<Work, Set<String>> of) {
        this.values = values;
        this.of = of;
    }

    /** What it may be; empty when it may be anything. */
    List<String> possible() {
        return values;
    }

    /** What it is for this job; several when it is a set. */
    Set<String> of(Work work) {
        return of.apply(work);
    }

    /** Whether it has exactly one value on every job. */
    boolean single() {
        return this != PART && this != BOX && this != CHECK && this != ARRIVAL;
    }

    /** Whether bike and rules alone tell it, whatever the kit. */
    boolean ofBike() {
        return OF_BIKE.contains(this);
    }

    /** As the library writes it, kebab-case. */
    String key() {
        return key(this);
    }

    static Optional<Fact> find(String key) {
        return Arrays.stream(values()).filter(f -> f.key().equals(key)).findFirst();
    }

    private static Set<String> partsAsked(Work work) {
        Set<String> roles = new HashSet<>();
        for (Finding finding : work.match().findings()) {
            for (Remedy remedy : finding.remedies()) {
                remedy.part().ifPresent(p -> roles.add(p.role()));
            }
        }
        return roles;
    }

    private static Set<String> checksThatAskForWork(Work work) {
        Set<String> checks = new HashSet<>();
        for (Finding finding : work.match().findings()) {
            for (Remedy remedy : finding.remedies()) {
                if (remedy.kind() == Remedy.Kind.WORK) {
                    checks.add(finding.checkId());
                }
            }
        }
        return checks;
    }

    private static Kit kit(Work work) {
        return work.match().kit();
    }

    private static Equipment equipment(Work work) {
        return kit(work).equipment();
    }

    private static boolean has(Work work, CockpitKind kind) {
        return equipment(work).cockpit().stream().anyMatch(i -> i.kind() == kind);
    }

    private static boolean inTheBox(Work work, String role) {
        return kit(work).contents().stream().anyMatch(i -> i.role().equals(role));
    }

    private static boolean holdsBattery(Work work) {
        return kit(work).drive().none().map(NoDrive::holdsBattery).orElse(true);
    }

    private static boolean heavy(Work work) {
        BigDecimal most = work.match().rules().value(NumberRule.STAND_MASS).movePointRight(3);
        return work.match().bike().survey().number(WholeMeasures.MASS)
                .filter(grams -> BigDecimal.valueOf(grams + kit(work).addedMass().grams()).compareTo(most) > 0).isPresent();
    }

    private static List<String> yesNo() {
        return List.of("yes", "no");
    }

    private static Set<String> yes(boolean is) {
        return is ? YES : NO;
    }

    private static <E extends Enum<E>> String key(E constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The set of one constant's key, made once. */
    private static Set<String> only(Enum<?> constant) {
        return ONLY.computeIfAbsent(constant, c -> Set.of(c.name().toLowerCase(Locale.ROOT).replace('_', '-')));
    }

    private static <E extends Enum<E>> List<String> keys(E[] constants, String further) {
        return Stream.concat(Arrays.stream(constants).map(Fact::key), Stream.ofNullable(further)).toList();
    }

    private static <E extends Enum<E> & Choice> List<String> measured(ChoiceMeasure<E> measure) {
        return Stream.concat(measure.options().stream().map(o -> o.code()), Stream.of(UNKNOWN)).toList();
    }

    private static <E extends Enum<E> & Choice> Set<String> measured(Work work, ChoiceMeasure<E> measure) {
        return work.match().bike().survey().choice(measure).map(Fact::only).orElse(NOBODY);
    }
}
