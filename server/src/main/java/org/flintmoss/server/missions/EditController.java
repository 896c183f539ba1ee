package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The edits of a mission over HTTP. */
@RestController
@RequestMapping("/api")
class EditController {
  private final MissionService missions;

  EditController(MissionService missions) {
    this.missions = missions;
  }

  /** Makes an edit; one that was made before is answered as then. */
  @PostMapping("/missions/{id}/edits")
  Logged edit(@PathVariable String id, @Valid @RequestBody Edit edit) {
    return missions.edit(id, edit);
  }

  /** A patch that comes from elsewhere. */
  record Offered(JsonNode patch) {}

  /** Finds whether a mission could hold a patch, and changes nothing. */
  @PostMapping("/missions/{id}/edits/check")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void check(@PathVariable String id, @RequestBody Offered offered) {
    missions.check(id, offered.patch());
  }

  /** The edits after a revision, in their order. */
  @GetMapping("/missions/{id}/edits")
  List<Logged> edits(@PathVariable String id, @RequestParam int after) {
    return missions.editsAfter(id, after);
  }

  /** The edits that one browser tab made, for its undo. */
  @GetMapping("/missions/{id}/edits/of/{tab}")
  List<Logged> editsOfTab(@PathVariable String id, @PathVariable String tab) {
    return missions.editsOfTab(id, tab);
  }

  @ExceptionHandler
  ProblemDetail conflict(EditConflict conflict) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, conflict.getMessage());
    problem.setTitle("Conflict");
    problem.setProperty("missed", conflict.missed());
    problem.setProperty("conflict", conflict.conflict());
    return problem;
  }
}
