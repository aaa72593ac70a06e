package silentotter.app.http;

import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every refusal as an RFC 9457 problem document; wrong fields are named under {@code errors}. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** One wrong field as the API shows it. */
    public record FieldError(String field, String message, String allowed) {
        static FieldError of(FieldProblem p) {
            return new FieldError(p.field(), p.message(), p.allowed().orElse(null));
        }
    }

    @ExceptionHandler
    ProblemDetail invalid(InvalidInput e) {
        return problem(HttpStatus.BAD_REQUEST, "Check what was entered", e.problems());
    }

    @ExceptionHandler
    ProblemDetail missing(NotFound e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict e) {
        return problem(HttpStatus.CONFLICT, "Changed in another window", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        LOG.error("Request failed", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "That went wrong here",
                "Nothing was saved by this request. The log of the running program says why.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        FieldProblem problem = e.getCause() instanceof JacksonException json
                ? unreadable(json)
                : FieldProblem.of("", "The request body is missing or is not JSON.");
        return ResponseEntity.badRequest()
                .body(problem(HttpStatus.BAD_REQUEST, "Check what was entered", List.of(problem)));
    }

    /** What is wrong with JSON that cannot be read as what it should be, at its field. */
    public static FieldProblem unreadable(JacksonException e) {
        String field = e.getPath().stream()
                .map(r -> r.getPropertyName() == null ? "[" + r.getIndex() + "]" : "." + r.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
        if (e instanceof UnrecognizedPropertyException) {
            return FieldProblem.of(field, "There is no such field.");
        }
        if (e instanceof MismatchedInputException mismatch) {
            String allowed =
                    AllowedRange.ofField(field).map(AllowedRange::inWords).orElse(null);
            Class<?> wanted = mismatch.getTargetType();
            String message = wanted != null && wanted.isEnum()
                    ? "is not one of the choices"
                    : Number.class.isAssignableFrom(boxed(wanted)) ? "must be a number" : "has the wrong form";
            String choices = wanted != null && wanted.isEnum()
                    ? java.util.Arrays.stream(wanted.getEnumConstants())
                            .map(Object::toString)
                            .collect(Collectors.joining(", "))
                    : allowed;
            return choices == null ? FieldProblem.of(field, message) : FieldProblem.of(field, message, choices);
        }
        return FieldProblem.of(field, "This is not readable JSON: " + e.getOriginalMessage());
    }

    private static Class<?> boxed(Class<?> type) {
        return type == null ? Object.class : org.springframework.util.ClassUtils.resolvePrimitiveIfNecessary(type);
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static ProblemDetail problem(HttpStatus status, String title, List<FieldProblem> problems) {
        String detail = problems.stream()
                .map(p -> (p.field() + " " + p.message()).strip())
                .collect(Collectors.joining("; "));
        ProblemDetail problem = problem(status, title, detail);
        problem.setProperty("errors", problems.stream().map(FieldError::of).toList());
        return problem;
    }
}
