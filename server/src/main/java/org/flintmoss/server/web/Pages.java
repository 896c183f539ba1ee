package org.flintmoss.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The one page, whatever place in the application the address names. */
@Controller
public class Pages {
  /** The page. */
  @GetMapping({"/missions/{id}", "/missions/{id}/{tab}"})
  String page() {
    return "forward:/index.html";
  }
}
