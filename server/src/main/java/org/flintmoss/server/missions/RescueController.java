package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Missions that cannot be opened, and the ways out. */
@RestController
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class RescueController {
  private final Rescue rescue;

  RescueController(Rescue rescue) {
    this.rescue = rescue;
  }

  /** The revision to go on from. */
  record From(@Min(0) int revision) {}

  /** Goes on from a revision that reads, as a mission of its own. */
  @PostMapping("/api/missions/{id}/rescue")
  @ResponseStatus(HttpStatus.CREATED)
  Card goOn(@PathVariable String id, @Valid @RequestBody From asked) {
    return rescue.goOnFrom(id, asked.revision());
  }

  /** A stored mission that cannot be opened, with what can be done about it. */
  @ExceptionHandler
  ProblemDetail unreadable(Unreadable broken) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, broken.getMessage());
    problem.setTitle("This mission cannot be opened");
    if (broken.mission() != null) {
      problem.setProperty("ways", rescue.ways(broken.mission()));
      problem.setProperty("mission", rescue.title(broken.mission()));
    }
    return problem;
  }
}
