package org.flintmoss.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The one page, whatever place in the application the address names. */
@Controller
public class Pages {
  /**
   * What the id of a mission looks like; anything else in an address is not repeated in a header.
   */
  private static final Pattern ID = Pattern.compile("[0-9a-f-]{36}");

  /** The shelf; the browser fetches what stands on it while it still reads the scripts. */
  @GetMapping("/")
  String shelf(HttpServletResponse response) {
    return fetching("/api/missions", response);
  }

  /** The page of a mission; the browser fetches the mission while it still reads the scripts. */
  @GetMapping({"/missions/{id}", "/missions/{id}/{tab}"})
  String page(@PathVariable String id, HttpServletResponse response) {
    if (ID.matcher(id).matches()) {
      return fetching("/api/missions/" + id, response);
    }
    return "forward:/index.html";
  }

  private static String fetching(String fetched, HttpServletResponse response) {
    response.setHeader(
        HttpHeaders.LINK, "<%s>; rel=preload; as=fetch; crossorigin".formatted(fetched));
    return "forward:/index.html";
  }
}
