package hingeyard.app.tablet;

import hingeyard.app.network.ShopNetwork;
import hingeyard.app.person.PairedTablet;
import hingeyard.app.person.SecurityLog;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.formats.QrSvg;
import hingeyard.formats.ShopCertificate;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How tablets reach the shop, and which it knows. */
@RestController
@RequestMapping("/api/tablets")
class TabletsController {

    private static final int QR_MM = 44;
    /** As long as browsers keep one. */
    private static final Duration COOKIE_LASTS = Duration.ofDays(400);

    /**
     * Where the shop is reached from its network.
     *
     * @param addresses of the data, over TLS
     * @param roots     of the page that hands out the root; none for a certificate of the shop's own
     * @param rootQr    the first of them as a picture, SVG
     * @param root      its fingerprint
     * @param until     the certificate is valid
     */
    record NetworkView(List<String> addresses, List<String> roots, Optional<String> rootQr, Optional<String> root, Instant until) {
    }

    /** @param stand where it hangs */
    record TabletView(int id, String name, Optional<Integer> stand, String pairedBy, Instant pairedAt) {
    }

    record TabletCodeView(String name, Optional<Integer> stand, Instant until) {
    }

    /** @param network absent where only this machine reaches the application */
    record TabletsView(Optional<NetworkView> network, List<TabletView> tablets, List<TabletCodeView> codes) {
    }

    record TabletGiven(@NotBlank(message = "a name for the tablet") @Size(max = 40, message = "at most 40 letters") String name,
            @NotNull(message = "a stand, or nothing") Optional<Integer> stand) {
    }

    /** @param code to be typed at the tablet; shown this once */
    record TabletCodeMade(String name, String code, Instant until) {
    }

    record PairGiven(
            @NotBlank(message = "the code a manager made for this tablet") @Size(max = 40, message = "at most 40 signs") String code) {
    }

    record PairedView(String name, Optional<Integer> stand) {
    }

    private final Tablets tablets;
    private final ShopNetwork network;
    private final SecurityLog log;

    TabletsController(Tablets tablets, ShopNetwork network, SecurityLog log) {
        this.tablets = tablets;
        this.network = network;
        this.log = log;
    }

    @GetMapping
    TabletsView tablets() {
        return new TabletsView(network.certificate().map(this::view),
                tablets.known().stream().map(t -> new TabletView(t.id(), t.name(), t.stand(), t.pairedBy(), t.pairedAt())).toList(),
                tablets.waiting().stream().map(w -> new TabletCodeView(w.name(), w.stand(), w.until())).toList());
    }

    private NetworkView view(ShopCertificate certificate) {
        List<String> roots = certificate.root().isEmpty() ? List.of()
                : network.bound().stream().flatMap(b -> b.equals("0.0.0.0") ? certificate.names().stream().filter(n -> n.matches("[0-9.]+"))
                        : Stream.of(b)).map(a -> "http://%s:%d".formatted(a, network.rootPort())).toList();
        return new NetworkView(certificate.names().stream().map(n -> "https://%s:%d".formatted(n, network.port())).toList(), roots,
                roots.stream().findFirst().map(r -> QrSvg.write(r, QR_MM)), certificate.root(), certificate.until());
    }

    /** Takes no key: the answer is a secret, and is kept nowhere for a second asking. Pressed twice, the second code counts. */
    @PostMapping("/codes")
    TabletCodeMade code(@Valid @RequestBody TabletGiven given) {
        Tablets.Made made = tablets.code(given.name().strip(), given.stand(), SignedIn.name());
        return new TabletCodeMade(made.name(), made.code(), made.until());
    }

    @DeleteMapping("/codes/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgetCode(@PathVariable(name = "name") String name) {
        tablets.forgetCode(name);
    }

    @DeleteMapping("/{tablet}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@PathVariable(name = "tablet") int tablet) {
        tablets.letGo(tablet, SignedIn.name());
    }

    /** At the tablet itself, before anybody is signed in. Takes no key: the code counts once. */
    @PostMapping("/pair")
    PairedView pair(@Valid @RequestBody PairGiven given, HttpServletRequest request, HttpServletResponse response) {
        Tablets.Paired paired;
        try {
            paired = tablets.pair(given.code(), tablets.of(request));
        } catch (Refused wrong) {
            log.note(SecurityLog.What.MISSED, "a tablet", "wrong code");
            throw wrong;
        }
        response.addHeader(HttpHeaders.SET_COOKIE, ResponseCookie.from(Tablets.COOKIE, paired.token()).httpOnly(true).sameSite("Strict")
                .secure(request.isSecure()).path("/api").maxAge(COOKIE_LASTS).build().toString());
        PairedTablet tablet = paired.tablet();
        return new PairedView(tablet.name(), tablet.stand());
    }
}
