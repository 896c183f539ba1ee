package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** One journey: a desk of its own, and a first tab on the shelf. */
abstract class Journey {
  @TempDir Path data;
  Desk desk;
  Page page;

  @BeforeEach
  void sitDown() {
    desk = new Desk(data);
    page = desk.tab();
  }

  @AfterEach
  void getUp() {
    desk.close();
  }

  Locator role(AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Waits until the last edit is stored. */
  void saved() {
    assertThat(role(AriaRole.STATUS, "Save state")).hasText(Pattern.compile("Saved .*"));
  }
}
