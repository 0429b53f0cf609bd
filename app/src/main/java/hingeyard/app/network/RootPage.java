package hingeyard.app.network;

import hingeyard.formats.ShopCertificate;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.HtmlUtils;

/**
 * All that the shop answers on its network without TLS: the root certificate, and how a tablet comes to know it. Before everything else, so
 * that no data, no session and no sign-in ever goes over that port.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RootPage extends OncePerRequestFilter {

    private static final String ROOT = "/hinge-yard-root.crt";

    private final ShopNetwork network;

    RootPage(ShopNetwork network) {
        this.network = network;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse answer, FilterChain others)
            throws ServletException, IOException {
        boolean itsPort = !network.bound().isEmpty() && request.getLocalPort() == network.rootPort();
        if (!itsPort) {
            others.doFilter(request, answer);
            return;
        }
        answer.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        answer.setHeader("X-Content-Type-Options", "nosniff");
        answer.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'");
        Optional<ShopCertificate> certificate = network.certificate();
        Optional<byte[]> root = network.root();
        if (!"GET".equals(request.getMethod()) && !"HEAD".equals(request.getMethod())) {
            answer.sendError(HttpServletResponse.SC_METHOD_NOT_ALLOWED);
        } else if (root.isEmpty() || certificate.isEmpty()) {
            answer.sendRedirect(secure(request));
        } else if (ROOT.equals(request.getRequestURI())) {
            answer.setContentType("application/x-x509-ca-cert");
            answer.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"hinge-yard-root.crt\"");
            answer.getOutputStream().write(root.get());
        } else {
            answer.setContentType("text/html");
            answer.setCharacterEncoding(StandardCharsets.UTF_8.name());
            answer.getWriter().write(page(secure(request), certificate.get().root().orElse("")));
        }
    }

    /** Under the name it was asked by, where the certificate holds it; else under the address it came in at. */
    private String secure(HttpServletRequest request) {
        boolean named = network.certificate().map(c -> c.names().contains(request.getServerName())).orElse(false);
        return "https://%s:%d/".formatted(named ? request.getServerName() : request.getLocalAddr(), network.port());
    }

    private static String page(String address, String fingerprint) throws IOException {
        return new ClassPathResource("network/root.html").getContentAsString(StandardCharsets.UTF_8)
                .replace("{address}", HtmlUtils.htmlEscape(address)).replace("{root}", ROOT)
                .replace("{fingerprint}", HtmlUtils.htmlEscape(fingerprint));
    }
}
