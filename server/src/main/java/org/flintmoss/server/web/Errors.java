package org.flintmoss.server.web;

import org.flintmoss.mission.MissionRefused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Errors as RFC 9457 problem details: what, where, and what to do. */
@RestControllerAdvice
public class Errors extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Errors.class);

  /** A document, patch or file that cannot be taken. */
  @ExceptionHandler(MissionRefused.class)
  ProblemDetail refused(MissionRefused refused) {
    ProblemDetail problem = detail(HttpStatus.UNPROCESSABLE_CONTENT, "Refused", refused);
    problem.setProperty("problems", refused.problems());
    return problem;
  }

  /** Something that is not there. */
  @ExceptionHandler(NotThere.class)
  ProblemDetail notThere(NotThere missing) {
    return detail(HttpStatus.NOT_FOUND, "Not there", missing);
  }

  /** A value that makes no sense. */
  @ExceptionHandler(IllegalArgumentException.class)
  ProblemDetail wrong(IllegalArgumentException wrong) {
    return detail(HttpStatus.BAD_REQUEST, "Not understood", wrong);
  }

  /** A body beyond the bounds. */
  @ExceptionHandler(Bodies.TooLarge.class)
  ProblemDetail tooLarge(Bodies.TooLarge large) {
    return detail(HttpStatus.CONTENT_TOO_LARGE, "Too large", large);
  }

  /** The store cannot be written or read. */
  @ExceptionHandler(DataAccessException.class)
  ProblemDetail store(DataAccessException broken) {
    LOG.error("the store failed", broken);
    ProblemDetail problem = ProblemDetail.forStatus(HttpStatus.SERVICE_UNAVAILABLE);
    problem.setTitle("The store failed");
    problem.setDetail("Nothing was changed. Is the disk full or the data folder locked?");
    return problem;
  }

  private static ProblemDetail detail(HttpStatus status, String title, Exception says) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, says.getMessage());
    problem.setTitle(title);
    return problem;
  }
}
