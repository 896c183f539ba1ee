package org.flintmoss.cli;

import java.util.Iterator;
import org.flintmoss.format.Samples;

/** What may stand for the file of a mission: the demos that ship. */
final class DemoNames implements Iterable<String> {
  /** What a command that takes the file of a mission says about it. */
  static final String FILE = "An exported ZIP, or one of ${COMPLETION-CANDIDATES}.";

  @Override
  public Iterator<String> iterator() {
    return Samples.DEMOS.stream().map(name -> "demo:" + name).iterator();
  }
}
