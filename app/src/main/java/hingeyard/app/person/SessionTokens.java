package hingeyard.app.person;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/**
 * The token without which no command is taken: kept with the session, so that whoever can plant a cookie in a browser has none that fits;
 * and told in a cookie, where the pages read it. Before anybody is signed in the cookie is all there is.
 */
class SessionTokens implements CsrfTokenRepository {

    private static final String KEPT = "csrf";

    private final CookieCsrfTokenRepository cookies = CookieCsrfTokenRepository.withHttpOnlyFalse();

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return cookies.generateToken(request);
    }

    @Override
    public void saveToken(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        cookies.saveToken(token, request, response);
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.setAttribute(KEPT, token == null ? null : token.getToken());
        }
    }

    /** Nothing when cookie and session do not say the same: a new one is made then, which only the browser's own pages can read. */
    @Override
    public CsrfToken loadToken(HttpServletRequest request) {
        CsrfToken told = cookies.loadToken(request);
        HttpSession session = request.getSession(false);
        return told == null || session == null || told.getToken().equals(session.getAttribute(KEPT)) ? told : null;
    }
}
