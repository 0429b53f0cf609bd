package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpHeaders;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What every answer says to the browser, whoever asks: pages, data, papers, what is not there. */
@ExtendWith(RunningApp.class)
class HeadersTest {

    @ParameterizedTest
    @ValueSource(strings = {"/", "/jobs/401/bill", "/api/session", "/api/yard", "/api/nothing"})
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

    /** A paper is shown without any right of the page that it was opened from. */
    @Test
    void aPaperStandsAlone(RunningApp.App app) {
        HttpHeaders said = ShopClient.signedIn(app.url(), "orla").bytes("/api/jobs/405/papers/job-sheet.html").headers();
        assertThat(said.allValues("Content-Security-Policy")).hasSize(1).first().asString().startsWith("sandbox allow-modals;")
                .contains("default-src 'none'").doesNotContain("script").doesNotContain("allow-same-origin");
        assertThat(said.firstValue("Referrer-Policy")).contains("same-origin");
    }

    /** Nobody in front was named: whoever says that they asked by TLS, or from somewhere else, is not believed. */
    @Test
    void aStrangersWordAboutTheLineIsNotBelieved(RunningApp.App app) throws Exception {
        HttpResponse<String> answer = ElsewhereTest.throughProxy(app.url());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
        assertThat(answer.headers().allValues("Set-Cookie")).isNotEmpty().noneMatch(c -> c.contains("Secure"));
        assertThat(answer.headers().allValues("Set-Cookie")).anyMatch(c -> c.startsWith("YARD=") && c.contains("HttpOnly"));
        assertThat(ShopClient.signedIn(app.url(), "orla").get("/api/doors").body().toString()).doesNotContain("192.0.2.9");
    }
}
