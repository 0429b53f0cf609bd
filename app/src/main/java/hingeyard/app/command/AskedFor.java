package hingeyard.app.command;

import hingeyard.app.problem.Refused;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingRequestWrapper;
import org.springframework.web.util.WebUtils;

/**
 * What a command asks for, and who asks: the receipt of one person's command answers nobody else's and nothing else. Keeps what was read of
 * a body, so that it can be told from another.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class AskedFor extends OncePerRequestFilter {

    static final String KEY = "Idempotency-Key";
    static final int LONGEST = 80;
    /** Sheets and files come as text of up to 400 kB; a picture is told by its address and key. */
    private static final int MOST = 1_000_000;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(KEY) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new ContentCachingRequestWrapper(request, MOST), response);
    }

    /** A mark of the current request's person, address and content; empty outside a request. */
    static Optional<String> mark() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now)) {
            return Optional.empty();
        }
        HttpServletRequest request = now.getRequest();
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        ContentCachingRequestWrapper body = WebUtils.getNativeRequest(request, ContentCachingRequestWrapper.class);
        MessageDigest digest = sha256();
        digest.update("%s %s %s?%s\n".formatted(who == null ? "" : who.getName(), request.getMethod(), request.getRequestURI(),
                request.getQueryString()).getBytes(StandardCharsets.UTF_8));
        digest.update(body == null ? new byte[0] : body.getContentAsByteArray());
        return Optional.of(HexFormat.of().formatHex(digest.digest()));
    }

    /** @throws Refused for a key that no screen makes */
    static String readable(String key) {
        if (key.length() > LONGEST || !key.chars().allMatch(c -> c >= ' ' && c <= '~')) {
            throw Refused.input(KEY, key.length() > LONGEST ? key.length() + " letters" : "letters that are not plain",
                    "1 to %d plain letters, digits and signs".formatted(LONGEST));
        }
        return key;
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
