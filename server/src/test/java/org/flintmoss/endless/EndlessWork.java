package org.flintmoss.endless;

import java.util.concurrent.CountDownLatch;
import org.flintmoss.mission.sentence.CalledOff;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Work that ends only where it is called off. It lies where the application does not look. */
@RestController
public class EndlessWork {
  /** Opens when the work begins. */
  public final CountDownLatch begun = new CountDownLatch(1);

  /** Opens when the work has been called off. */
  public final CountDownLatch calledOff = new CountDownLatch(1);

  /** Works without end. */
  @GetMapping("/api/endless")
  public void work() {
    begun.countDown();
    try {
      while (true) {
        Thread.onSpinWait();
        CalledOff.check();
      }
    } catch (CalledOff ended) {
      calledOff.countDown();
      throw ended;
    }
  }

  /** Reads a body and works without end. */
  @PostMapping("/api/endless")
  public void work(@RequestBody byte[] body) {
    work();
  }
}
