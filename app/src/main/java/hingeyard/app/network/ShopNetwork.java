package hingeyard.app.network;

import hingeyard.formats.ShopCertificate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where the shop is reached from besides this machine. The certificate and its root are made and renewed by the console
 * ({@code ./yard tls}); here they are read, whenever somebody asks.
 */
@Component
public class ShopNetwork {

    private final List<String> bound;
    private final int port;
    private final int rootPort;
    private final Path folder;

    ShopNetwork(@Value("${yard.network.bind:}") String bind, @Value("${yard.network.port:0}") int port,
            @Value("${yard.network.root-port:0}") int rootPort, @Value("${yard.data:}") String data) {
        this.bound = Stream.of(bind.split(",")).map(String::strip).filter(a -> !a.isEmpty()).toList();
        this.port = port;
        this.rootPort = rootPort;
        this.folder = Path.of(data.isBlank() ? "." : data).toAbsolutePath().normalize();
    }

    /** Addresses of this machine on the shop's network; none where only this machine reaches the application. */
    public List<String> bound() {
        return bound;
    }

    /** Of the data, over TLS. */
    public int port() {
        return port;
    }

    /** Of the page that hands out the root. */
    public int rootPort() {
        return rootPort;
    }

    /** Key and certificate, one file. */
    Path pem() {
        return ShopCertificate.pem(folder);
    }

    /** The certificate as it is now; empty where only this machine reaches the application. */
    public Optional<ShopCertificate> certificate() {
        try {
            return bound.isEmpty() ? Optional.empty() : ShopCertificate.read(folder);
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** What a tablet installs, as PEM; empty for a certificate of the shop's own making. */
    Optional<byte[]> root() throws IOException {
        Path root = ShopCertificate.root(folder);
        return certificate().flatMap(ShopCertificate::root).isPresent() ? Optional.of(Files.readAllBytes(root)) : Optional.empty();
    }
}
