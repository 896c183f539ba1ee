package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;

/** What a designer is told of a trial beyond what its players know; only what has changed. */
public final class DesignerFeed {
  /** Entries of the log that a designer is told who has just begun to look. */
  private static final int TOLD = 2000;

  private final World world;
  private final Insight insight;
  private final Chronicle chronicle;
  private final Map<Class<?>, TrialMessage> last = new HashMap<>();
  private int logged;

  /** What a designer is told of a world from now on. */
  public DesignerFeed(World world) {
    this.world = world;
    insight = new Insight(world);
    chronicle = new Chronicle(world);
    logged = Math.max(0, world.causes().end() - TOLD);
  }

  /** What has changed since it was last asked. */
  public List<TrialMessage> news() {
    List<TrialMessage> news = new ArrayList<>();
    tell(news, new TrialMessage.Minds(insight.minds()));
    tell(news, new TrialMessage.Facts(insight.facts()));
    tell(news, new TrialMessage.Events(insight.events()));
    List<TrialMessage.Logged> log =
        world.causes().from(logged).stream().map(this::inWords).toList();
    logged = world.causes().end();
    if (!log.isEmpty()) {
      news.add(new TrialMessage.Log(log));
    }
    return news;
  }

  private void tell(List<TrialMessage> news, TrialMessage message) {
    if (!message.equals(last.put(message.getClass(), message))) {
      news.add(message);
    }
  }

  private TrialMessage.Logged inWords(Causes.Entry entry) {
    return new TrialMessage.Logged(
        entry.step(),
        entry.ordinal(),
        entry.kind().name().toLowerCase(Locale.ROOT),
        entry.cause(),
        chronicle.says(entry));
  }
}
