package hingeyard.app.problem;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bike.RefusedMeasureException;
import hingeyard.core.booking.RefusedNeedException;
import hingeyard.core.quantity.UnreadableQuantityException;
import hingeyard.formats.UnreadableSheetException;
import jakarta.servlet.http.HttpServletRequest;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns refusals into problem+json with {@code faults}: field, given, allowed. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    /** MariaDB's own numbers: disk full, a table that cannot grow, an error of the file system while writing. */
    private static final Set<Integer> DISK_FULL = Set.of(1021, 1114, 1030, 1026);
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused e) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(e.status());
        if (!e.retryAfter().isZero()) {
            answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(e.retryAfter().toSeconds()));
        }
        return answer.body(
                problem(e.status(), e.getMessage(), e.field().isEmpty() ? List.of() : List.of(fault(e.field(), e.given(), e.allowed()))));
    }

    @ExceptionHandler
    ProblemDetail measure(RefusedMeasureException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage(), List.of(fault(e.measure().key(), e.given(), e.allowed())));
    }

    @ExceptionHandler
    ProblemDetail bench(BenchFaultException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT,
                "%s: '%s' is not possible. Allowed: %s. Nothing was saved.".formatted(e.field(), e.given(), e.allowed()),
                List.of(fault(e.field(), e.given(), e.allowed())));
    }

    @ExceptionHandler
    ProblemDetail quantity(UnreadableQuantityException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage() + " Nothing was saved.",
                List.of(fault("text", e.given(), e.understood())));
    }

    @ExceptionHandler
    ProblemDetail need(RefusedNeedException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage(), e.faults().entrySet().stream()
                .map(f -> fault("need." + f.getKey().name(), String.valueOf(e.said().get(f.getKey())), f.getValue())).toList());
    }

    @ExceptionHandler
    ProblemDetail file(UnreadableSheetException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "The file is refused; nothing of it was kept.\n" + e.getMessage(),
                e.faults().stream().map(f -> fault("line " + f.line() + ", column " + f.column(), f.path(), f.reason())).toList());
    }

    @ExceptionHandler
    ProblemDetail changedMeanwhile(ObjectOptimisticLockingFailureException e) {
        return problem(HttpStatus.CONFLICT,
                "Somebody else changed this a moment ago. Nothing of yours was saved; look again and repeat it.", List.of());
    }

    @ExceptionHandler
    ProblemDetail notYours(AccessDeniedException e) {
        return problem(HttpStatus.FORBIDDEN, "This page is too old, or was opened elsewhere. Load it again and repeat.", List.of());
    }

    @ExceptionHandler
    ProblemDetail notSignedIn(AuthenticationException e) {
        return problem(HttpStatus.UNAUTHORIZED, "Name and password do not belong together.", List.of());
    }

    /** A screen repeats with the same key: what was saved after all is not done twice. */
    @ExceptionHandler({CannotCreateTransactionException.class, DataAccessResourceFailureException.class, TransactionSystemException.class})
    ProblemDetail databaseAway(Exception e) {
        LOG.warn("database away: {}", e.getMessage());
        return problem(HttpStatus.SERVICE_UNAVAILABLE,
                "The database does not answer just now. Whether this was saved is not known; repeat it in a moment, nothing is done twice.",
                List.of());
    }

    @ExceptionHandler
    ProblemDetail bug(Exception e, HttpServletRequest request) {
        return bug(e, Saved.by(request));
    }

    static ProblemDetail bug(Exception e, boolean saved) {
        if (diskFull(e) && !saved) {
            LOG.error("the database's disk is full: {}", e.getMessage());
            return problem(HttpStatus.INSUFFICIENT_STORAGE,
                    "The disk the shop’s database writes to is full. Nothing was saved; tell whoever looks after the machine, then try again.",
                    List.of());
        }
        LOG.error("unexpected", e);
        return problem(HttpStatus.INTERNAL_SERVER_ERROR, saved
                ? "It was saved, but something broke on our side while the answer was written. Load the page again; do not repeat it."
                : "Something broke on our side. Nothing was saved; try again.", List.of());
    }

    private static boolean diskFull(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && DISK_FULL.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(MethodArgumentNotValidException e, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        List<Map<String, String>> faults = new ArrayList<>();
        e.getFieldErrors()
                .forEach(f -> faults.add(fault(f.getField(), String.valueOf(f.getRejectedValue()), String.valueOf(f.getDefaultMessage()))));
        if (e.getTarget() instanceof FurtherFaults more) {
            more.furtherFaults().forEach(f -> faults.add(fault(f.field(), f.given(), f.allowed())));
        }
        String detail = faults.stream()
                .map(f -> "%s: '%s' is not possible. Allowed: %s.".formatted(f.get("field"), f.get("given"), f.get("allowed")))
                .reduce((a, b) -> a + " " + b).orElse("") + " Nothing was saved.";
        return ResponseEntity.unprocessableContent().body(problem(HttpStatus.UNPROCESSABLE_CONTENT, detail, faults));
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(MaxUploadSizeExceededException e, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(problem(HttpStatus.CONTENT_TOO_LARGE,
                "The file is too large: at most 20 MB. Nothing was saved.", List.of(fault("file", "more than 20 MB", "at most 20 MB"))));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(HttpMessageNotReadableException e, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        Unread unread = Unread.in(e);
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, unread.said() + " Nothing was saved.",
                unread.field().isEmpty() ? List.of() : List.of(fault(unread.field(), unread.given(), unread.allowed()))));
    }

    @ExceptionHandler
    ProblemDetail upload(MultipartException e) {
        return problem(HttpStatus.BAD_REQUEST,
                "The upload cannot be read: it has no parts with a boundary between them. Nothing was saved.",
                List.of());
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(TypeMismatchException e, HttpHeaders headers, HttpStatusCode status,
            WebRequest request) {
        String field = e instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : String.valueOf(e.getPropertyName());
        String given = String.valueOf(e.getValue());
        String allowed = Unread.kind(e.getRequiredType() == null ? Object.class : e.getRequiredType());
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST,
                "%s: '%s' is not possible. Allowed: %s.".formatted(field, given, allowed), List.of(fault(field, given, allowed))));
    }

    private static Map<String, String> fault(String field, String given, String allowed) {
        return Map.of("field", field, "given", given, "allowed", allowed);
    }

    private static ProblemDetail problem(HttpStatus status, String detail, List<Map<String, String>> faults) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setProperty("faults", faults);
        return problem;
    }
}
