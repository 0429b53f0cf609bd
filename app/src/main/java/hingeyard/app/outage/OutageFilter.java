package hingeyard.app.outage;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers at once while the database is away, in front of the session, which lies in it: pages and their files need none and are served as
 * ever. What was under way when it went is told that nobody knows whether it was saved.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OutageFilter extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(OutageFilter.class);
    private static final String AWAY = "The shop’s database does not answer just now. It is asked again every second, and nothing is lost.";
    private static final String UNKNOWN = "The shop’s database went away while this was done. Whether it was saved is not known; repeat it in a moment, nothing is done twice.";
    /** Transports fail with states of this class; so does a statement that was broken off. */
    private static final String CONNECTION_STATES = "08";

    private final DatabaseWatch watch;

    OutageFilter(DatabaseWatch watch) {
        this.watch = watch;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (watch.away()) {
            say(response, AWAY);
            return;
        }
        try {
            chain.doFilter(request, response);
        } catch (IOException | ServletException | RuntimeException e) {
            if (response.isCommitted() || !ofConnection(e)) {
                throw e;
            }
            LOG.warn("database away: {}", e.getMessage());
            say(response, UNKNOWN);
        }
    }

    private static boolean ofConnection(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && sql.getSQLState() != null && sql.getSQLState().startsWith(CONNECTION_STATES)
                    || cause instanceof java.sql.SQLTransientConnectionException) {
                return true;
            }
        }
        return false;
    }

    private static void say(HttpServletResponse response, String detail) throws IOException {
        response.reset();
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write("{\"title\":\"Service Unavailable\",\"status\":503,\"detail\":\"%s\",\"faults\":[]}".formatted(detail)
                        .getBytes(StandardCharsets.UTF_8));
    }
}
