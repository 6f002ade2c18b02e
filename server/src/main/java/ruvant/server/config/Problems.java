package ruvant.server.config;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.util.DisconnectedClientHelper;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.units.FieldProblem;
import ruvant.server.access.NotAllowedException;
import ruvant.server.album.BadPictureException;
import ruvant.server.handover.BadPackageException;
import ruvant.server.job.NoSuchJobException;
import ruvant.server.record.RefusedException;
import ruvant.server.storage.StorageTrouble;
import tools.jackson.databind.DatabindException;

/** The one place where what went wrong becomes an answer that a person can act on. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail refused(RefusedException refused) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, refused.refusal().code(), refused.getMessage());
        problem.setProperty("remedy", refused.refusal().remedy());
        problem.setProperty("since", refused.since());
        problem.setProperty("resting", refused.resting());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail field(FieldProblem refused) {
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "badInput", refused.getMessage());
        problem.setProperty("field", refused.field());
        problem.setProperty("remedy", refused.remedy());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException refused) {
        for (Throwable cause = refused; cause != null; cause = cause.getCause()) {
            if (cause instanceof FieldProblem inside) {
                return field(inside);
            }
        }
        String where = refused.getCause() instanceof DatabindException mapping
                ? mapping.getPath().stream()
                        .map(step ->
                                step.getPropertyName() == null ? "[" + step.getIndex() + "]" : step.getPropertyName())
                        .collect(Collectors.joining("."))
                : "";
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "That cannot be read" + (where.isEmpty() ? "." : ": “" + where + "” is not a valid value here."));
        problem.setProperty("field", where);
        problem.setProperty("remedy", "Correct it and send it again.");
        return problem;
    }

    /** A figure in the address that is none. */
    @ExceptionHandler
    ProblemDetail wrongKind(MethodArgumentTypeMismatchException refused) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "badInput",
                "“" + refused.getValue() + "” is not a valid value for “" + refused.getName() + "”.");
        problem.setProperty("field", refused.getName());
        problem.setProperty("remedy", "Correct it and send it again.");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail missing(NoSuchJobException missing) {
        ProblemDetail problem = problem(HttpStatus.NOT_FOUND, "noSuchJob", missing.getMessage());
        problem.setProperty("remedy", "Search by owner, maker or serial number with F2.");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail badPackage(BadPackageException refused) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "badPackage", refused.getMessage());
        problem.setProperty("remedy", refused.remedy());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unmeasurable(RecordingProblem refused) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_ENTITY, refused.refusal().code(), refused.getMessage());
        problem.setProperty("remedy", refused.refusal().remedy());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail badPicture(BadPictureException refused) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "badPicture", refused.getMessage());
        problem.setProperty("remedy", refused.remedy());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail tooLarge(MaxUploadSizeExceededException refused) {
        ProblemDetail problem = problem(
                HttpStatus.PAYLOAD_TOO_LARGE,
                "tooLarge",
                "That is too large. The limits are 4 GB for a recording, 150 MB for a job package, 25 MB for a picture and 32 MB for"
                        + " tables and everything else.");
        problem.setProperty(
                "remedy",
                "Choose the ZIP file that Ruvant exported, or a smaller picture. A longer recording can be cut in two.");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notAllowed(NotAllowedException refused) {
        HttpStatus status = switch (refused.code()) {
            case "tooManyGuesses" -> HttpStatus.TOO_MANY_REQUESTS;
            case "notPaired" -> HttpStatus.NOT_FOUND;
            default -> HttpStatus.FORBIDDEN;
        };
        ProblemDetail problem = problem(status, refused.code(), refused.getMessage());
        problem.setProperty("remedy", refused.remedy());
        return problem;
    }

    /** A window that was closed while it was being written to is nobody's problem. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("A window went away", gone);
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception unexpected, HttpServletRequest request) throws Exception {
        if (unexpected instanceof org.springframework.web.ErrorResponse) {
            throw unexpected;
        }
        if (DisconnectedClientHelper.isClientDisconnectedException(unexpected)) {
            LOG.debug("Somebody went away in the middle of an answer", unexpected);
            return null;
        }
        boolean reads = request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
        Optional<StorageTrouble> trouble = StorageTrouble.of(unexpected);
        if (trouble.isPresent()) {
            return ofStorage(trouble.get(), reads);
        }
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), unexpected);
        ProblemDetail problem = problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "internal",
                reads
                        ? "Something went wrong in Ruvant, so this cannot be shown. Nothing was changed."
                        : "Something went wrong in Ruvant. What you sent was not saved.");
        problem.setProperty(
                "remedy", "Try again. If it happens again, look for the reason in the window that started Ruvant.");
        return problem;
    }

    /** The disk or the file is at fault: whoever sent something keeps it and sends it again. */
    private static ProblemDetail ofStorage(StorageTrouble trouble, boolean reads) {
        LOG.error("Storage: {} {}", trouble.what(), trouble.remedy());
        HttpStatus status =
                trouble.code().equals("diskFull") ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
        ProblemDetail problem = problem(
                status, trouble.code(), (reads ? "This cannot be read: " : "This is not saved yet: ") + trouble.what());
        problem.setProperty("remedy", trouble.remedy());
        return problem;
    }

    private static ProblemDetail problem(HttpStatus status, String code, String message) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, message);
        problem.setProperty("code", code);
        problem.setProperty("since", List.of());
        return problem;
    }
}
