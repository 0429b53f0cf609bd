package hingeyard.app.network;

import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.List;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Listens on the shop's network besides this machine: over TLS, and without it for the root's page alone. A certificate that was made anew
 * is taken up while work goes on.
 */
@Component
class NetworkConnectors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final Logger LOG = LoggerFactory.getLogger(NetworkConnectors.class);
    private static final String PROTOCOLS = "TLSv1.2+TLSv1.3";

    private final ShopNetwork network;
    private final String compressed;
    private final DataSize mostSwallowed;
    private final List<Http11NioProtocol> secure = new ArrayList<>();
    private FileTime taken = FileTime.fromMillis(0);

    NetworkConnectors(ShopNetwork network, @Value("${server.compression.mime-types}") String compressed,
            @Value("${server.tomcat.max-swallow-size}") DataSize mostSwallowed) {
        this.network = network;
        this.compressed = compressed;
        this.mostSwallowed = mostSwallowed;
    }

    /** @throws IllegalStateException when there is no certificate: nothing of the shop's goes over its network without one */
    @Override
    public void customize(TomcatServletWebServerFactory server) {
        if (network.bound().isEmpty()) {
            return;
        }
        if (network.certificate().isEmpty()) {
            throw new IllegalStateException("no certificate in %s: start with ./yard, which makes one".formatted(network.pem()));
        }
        taken = written();
        for (String address : network.bound()) {
            server.addAdditionalConnectors(secure(address), plain(address));
        }
    }

    private Connector connector(String address, int port) {
        Connector connector = new Connector(Http11NioProtocol.class.getName());
        connector.setPort(port);
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        try {
            protocol.setAddress(InetAddress.getByName(address));
        } catch (UnknownHostException e) {
            throw new IllegalStateException("YARD_BIND: '%s' is no address".formatted(address), e);
        }
        protocol.setCompression("on");
        protocol.setCompressibleMimeType(compressed);
        protocol.setMaxSwallowSize((int) mostSwallowed.toBytes());
        return connector;
    }

    private Connector secure(String address) {
        Connector connector = connector(address, network.port());
        connector.setScheme("https");
        connector.setSecure(true);
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        protocol.setSSLEnabled(true);
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols(PROTOCOLS);
        SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
        // The key stands in the same file.
        certificate.setCertificateFile(network.pem().toString());
        host.addCertificate(certificate);
        protocol.addSslHostConfig(host);
        secure.add(protocol);
        return connector;
    }

    private Connector plain(String address) {
        return connector(address, network.rootPort());
    }

    private FileTime written() {
        try {
            return Files.getLastModifiedTime(network.pem());
        } catch (IOException gone) {
            return taken;
        }
    }

    @Scheduled(fixedDelayString = "PT5S", initialDelayString = "PT5S")
    void takeUp() {
        FileTime now = written();
        if (secure.isEmpty() || now.equals(taken)) {
            return;
        }
        taken = now;
        secure.forEach(Http11NioProtocol::reloadSslHostConfigs);
        LOG.info("the certificate that was made anew is in use");
    }
}
