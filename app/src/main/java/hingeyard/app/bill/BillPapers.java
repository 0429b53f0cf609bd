package hingeyard.app.bill;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.face.Faces;
import hingeyard.app.kit.Kits;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.Signature;
import hingeyard.core.kit.Kit;
import hingeyard.formats.BillFile;
import hingeyard.formats.BillPdf;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Bills and quotes as papers. A quote is kept as it was handed over: whatever the shop is called later, it says what it said. */
@Component
class BillPapers {

    private final Jobs jobs;
    private final Kits kits;
    private final Surveys surveys;
    private final Faces faces;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    BillPapers(Jobs jobs, Kits kits, Surveys surveys, Faces faces, ShopClock clock, JdbcTemplate jdbc) {
        this.jobs = jobs;
        this.kits = kits;
        this.surveys = surveys;
        this.faces = faces;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    /** Keeps a quote's paper as it is now. */
    @Transactional(propagation = Propagation.MANDATORY)
    void keep(QuoteRow quote, Bill bill, Charges charges) {
        jdbc.update("INSERT INTO quote_paper (quote_id, pdf) VALUES (?, ?)", quote.id, drawn(quote, bill, charges));
    }

    /** To the byte as it was handed over; one of before papers were kept is drawn anew. */
    @Transactional(readOnly = true)
    byte[] quote(QuoteRow quote, Bill bill, Charges charges) {
        return jdbc.queryForList("SELECT pdf FROM quote_paper WHERE quote_id = ?", byte[].class, quote.id).stream().findFirst()
                .orElseGet(() -> drawn(quote, bill, charges));
    }

    private byte[] drawn(QuoteRow quote, Bill bill, Charges charges) {
        return BillPdf.write(faces.letterhead(), file(quote.jobId, "Quote " + quote.ordinal, quote.kitCode, quote.madeAt, quote.madeBy, "",
                Optional.empty(), Optional.of(quote.validUntil), quote.ready, List.of(), bill, charges));
    }

    BillFile file(long number, String title, String kitCode, Instant at, String by, String agreedBy, Optional<Signature> signature,
            Optional<LocalDate> validUntil, String ready,
            List<String> changes, Bill bill, Charges charges) {
        JobCard job = jobs.card(number);
        Kit kit = kits.kit(kitCode);
        return new BillFile(number, title, job.customer(), kit.fullName(),
                List.of(job.bike() + ", " + job.frame(), job.need()),
                BikeGeometry.draw(job.kind(), surveys.of(job.bikeId()), Optional.of(kit.drive().outline(kit.battery())), Ink.PLANNED,
                        Ink.PLANNED).bare(),
                job.paint(),
                clock.day(at), by, agreedBy, signature, validUntil, ready, changes, bill, charges);
    }
}
