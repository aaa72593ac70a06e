package silentotter.app.http;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every refusal as an RFC 9457 problem document; wrong fields are named under {@code errors}. */
@RestControllerAdvice
public class Refusals extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);

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
    ProblemDetail asks(Asks e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "What is meant?", e.getMessage());
        problem.setProperty("question", e.question());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail givenUp(GivenUp e) {
        return problem(HttpStatus.CONFLICT, "Given up", e.getMessage());
    }

    /** The browser went away, or a body came to an end too late or too early: nothing that went wrong here. */
    @ExceptionHandler
    ProblemDetail brokenOff(IOException e) {
        return problem(HttpStatus.BAD_REQUEST, "Broken off", "The request ended before it was whole.");
    }

    /** A query that is no text in UTF-8. */
    @ExceptionHandler
    ProblemDetail undecodable(InvalidParameterException e) {
        return problem(HttpStatus.BAD_REQUEST, "Refused", "The address cannot be read.");
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
        return answer(problem(HttpStatus.BAD_REQUEST, "Check what was entered", List.of(problem)));
    }

    /** A number or a choice in the address or its query that is none. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = e instanceof MethodArgumentTypeMismatchException m ? m.getName() : "";
        Class<?> wanted = boxed(e.getRequiredType());
        FieldProblem problem = wanted.isEnum()
                ? FieldProblem.of(name, "is not one of the choices", choices(wanted))
                : FieldProblem.of(name, "must be a whole number");
        return answer(problem(HttpStatus.BAD_REQUEST, "Check what was entered", List.of(problem)));
    }

    /** Everything that Spring itself refuses, in our words: its own may name classes. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception e, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (status.is5xxServerError()) {
            LOG.error("Request failed", e);
        }
        String detail = e instanceof MissingServletRequestParameterException missing
                ? missing.getParameterName() + " is missing"
                : switch (status.value()) {
                    case 404 -> "There is nothing at this address.";
                    case 405 -> "This address cannot be used in this way.";
                    case 406, 415 -> "This form of content is not taken or given here.";
                    default -> "The request cannot be read.";
                };
        return answer(problem(HttpStatus.valueOf(status.value()), "Refused", detail), headers);
    }

    private static ResponseEntity<Object> answer(ProblemDetail problem) {
        return answer(problem, new HttpHeaders());
    }

    private static ResponseEntity<Object> answer(ProblemDetail problem, HttpHeaders headers) {
        HttpHeaders all = new HttpHeaders();
        all.addAll(headers);
        all.setContentType(MediaType.APPLICATION_PROBLEM_JSON);
        return new ResponseEntity<>(problem, all, HttpStatus.valueOf(problem.getStatus()));
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
            String allowed = AllowedRange.at(field).map(AllowedRange::inWords).orElse(null);
            Class<?> wanted = mismatch.getTargetType();
            String message = wanted != null && wanted.isEnum()
                    ? "is not one of the choices"
                    : Number.class.isAssignableFrom(boxed(wanted)) ? "must be a number" : "has the wrong form";
            String choices = wanted != null && wanted.isEnum() ? choices(wanted) : allowed;
            return choices == null ? FieldProblem.of(field, message) : FieldProblem.of(field, message, choices);
        }
        return FieldProblem.of(field, "This is not readable JSON" + where(e) + ".");
    }

    /** Where in a text it stops being readable; the parser's own words name its classes. */
    public static String where(JacksonException e) {
        return e.getLocation() == null || e.getLocation().getLineNr() < 1
                ? ""
                : ", at line " + e.getLocation().getLineNr() + ", character "
                        + e.getLocation().getColumnNr();
    }

    private static String choices(Class<?> choice) {
        return Arrays.stream(choice.getEnumConstants()).map(Object::toString).collect(Collectors.joining(", "));
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
                .limit(20)
                .map(p -> (p.field() + " " + p.message()).strip())
                .collect(Collectors.joining("; "));
        ProblemDetail problem = problem(status, title, detail);
        problem.setProperty("errors", problems);
        return problem;
    }
}
