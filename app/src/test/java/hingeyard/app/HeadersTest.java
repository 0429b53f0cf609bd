package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpHeaders;
import java.util.List;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What every answer says to the browser, whoever asks: pages, data, papers, what is not there. */
@ExtendWith(RunningApp.class)
class HeadersTest {

    @ParameterizedTest
    @ValueSource(strings = {"/", "/jobs/401/bill", "/api/session", "/api/yard", "/api/jobs/401/papers/handover.html", "/api/nothing"})
    void aPageLoadsFromHereAloneAndAsksForNoDevice(String path, RunningApp.App app) {
        HttpHeaders said = ShopClient.signedIn(app.url(), "orla").bytes(path).headers();
        assertThat(said.firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'", "script-src 'self';", "base-uri 'none'")
                .doesNotContain("script-src 'self' 'unsafe");
        assertThat(said.firstValue("Referrer-Policy")).contains("same-origin");
        assertThat(said.firstValue("Permissions-Policy").orElse("")).contains("camera=()", "microphone=()", "geolocation=()");
        assertThat(said.firstValue("Cross-Origin-Opener-Policy")).contains("same-origin");
        assertThat(said.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(List.of("DENY", "SAMEORIGIN")).contains(said.firstValue("X-Frame-Options").orElse(""));
    }
}
