package org.flintmoss.server.web;

import org.flintmoss.mission.Ranges;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.server.store.StoreFault;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Errors as RFC 9457 problem details: what, where, and what to do. */
@RestControllerAdvice
public class Errors extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Errors.class);

  /** A document, patch or file that cannot be taken. */
  @ExceptionHandler(MissionRefused.class)
  ProblemDetail refused(MissionRefused refused) {
    String says = refused.problems().getFirst().says();
    ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "Refused", says);
    problem.setProperty("problems", refused.problems());
    return problem;
  }

  /** Something that is not there. */
  @ExceptionHandler(NotThere.class)
  ProblemDetail notThere(NotThere missing) {
    return problem(HttpStatus.NOT_FOUND, "Not there", missing.getMessage());
  }

  /** A body beyond the bounds. */
  @ExceptionHandler(RequestBodies.TooLarge.class)
  ProblemDetail tooLarge(RequestBodies.TooLarge large) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", large.getMessage());
  }

  /** More of something than there may be at once. */
  @ExceptionHandler(TooMany.class)
  ProblemDetail tooMany(TooMany many) {
    return problem(HttpStatus.TOO_MANY_REQUESTS, "Too many", many.getMessage());
  }

  /** More than can be computed in the time that a request has. */
  @ExceptionHandler(CalledOff.class)
  ProblemDetail calledOff(CalledOff late) {
    // The answer itself is written without haste.
    Thread.interrupted();
    String says =
        "This takes longer than %d s and was called off. Nothing was changed. Are very many things piled on one another?"
            .formatted(TimeBudget.SECONDS);
    return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Too much to compute", says);
  }

  /** The store cannot be written or read. */
  @ExceptionHandler({DataAccessException.class, TransactionException.class})
  ProblemDetail store(RuntimeException broken) {
    LOG.error("the store failed", broken);
    return problem(HttpStatus.SERVICE_UNAVAILABLE, "The store failed", StoreFault.says(broken));
  }

  /** A fault of ours. */
  @ExceptionHandler({RuntimeException.class, StackOverflowError.class})
  ProblemDetail fault(Throwable fault) {
    LOG.error("a request failed", fault);
    return Problems.of(HttpStatus.INTERNAL_SERVER_ERROR);
  }

  /** What the framework refuses before it reaches us, in our words. */
  @Override
  protected ResponseEntity<Object> handleExceptionInternal(
      Exception refused,
      Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (refused instanceof MethodArgumentNotValidException wrong) {
      MissionRefused out =
          new MissionRefused(Ranges.problems(wrong.getBindingResult().getTarget()));
      return super.handleExceptionInternal(
          refused, refused(out), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
    }
    ProblemDetail problem = Problems.of(status);
    if (refused instanceof MethodArgumentTypeMismatchException wrong) {
      problem.setDetail("'%s' is not of the kind that it has to be.".formatted(wrong.getName()));
    }
    return super.handleExceptionInternal(refused, problem, headers, status, request);
  }

  private static ProblemDetail problem(HttpStatus status, String title, String says) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, says);
    problem.setTitle(title);
    return problem;
  }
}
