package org.flintmoss.server.web;

import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;

/** Problem details (RFC 9457) in our words, for what no feature of ours has said more about. */
final class Problems {
  private Problems() {}

  /** What is said of a status. */
  static ProblemDetail of(HttpStatusCode status) {
    HttpStatus known = HttpStatus.resolve(status.value());
    String[] words =
        switch (known) {
          case BAD_REQUEST -> words("Not understood", "This request cannot be read as it is.");
          case FORBIDDEN -> words("Not let in", "This request comes from another site.");
          case NOT_FOUND -> words("Not there", "There is nothing at this address.");
          case METHOD_NOT_ALLOWED ->
              words("Not understood", "This address does not take this kind of request.");
          case NOT_ACCEPTABLE ->
              words("Not understood", "This address does not answer in the form asked for.");
          case CONTENT_TOO_LARGE, PAYLOAD_TOO_LARGE ->
              words("Too large", "This request is larger than any that is read.");
          case URI_TOO_LONG, REQUEST_HEADER_FIELDS_TOO_LARGE ->
              words("Too large", "The address or a header is longer than any that is read.");
          case UNSUPPORTED_MEDIA_TYPE ->
              words("Not understood", "This address does not take this kind of content.");
          case NOT_IMPLEMENTED -> words("Not understood", "There is no such kind of request.");
          case SERVICE_UNAVAILABLE -> words("Not now", "The server is starting or stopping.");
          case null, default -> words(status);
        };
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, words[1]);
    problem.setTitle(words[0]);
    return problem;
  }

  private static String[] words(HttpStatusCode status) {
    return status.is5xxServerError()
        ? words("A fault in Flintmoss", "Nothing was changed. The log of the server says more.")
        : words("Not understood", "This request cannot be taken.");
  }

  private static String[] words(String title, String detail) {
    return new String[] {title, detail};
  }
}
