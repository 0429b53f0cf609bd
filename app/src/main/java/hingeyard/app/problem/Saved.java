package hingeyard.app.problem;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Whether what a request asked for has been committed: what breaks afterwards must not say that nothing was. */
public final class Saved {

    private static final String MARK = "yard.saved";

    private Saved() {
    }

    /** From here on the current request has saved something; nothing happens outside a request. */
    public static void mark() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(MARK, Boolean.TRUE, RequestAttributes.SCOPE_REQUEST);
        }
    }

    static boolean by(HttpServletRequest request) {
        return Boolean.TRUE.equals(request.getAttribute(MARK));
    }
}
