package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.flintmoss.trial.TrialMessage.Begins;
import org.jspecify.annotations.Nullable;

/**
 * Who sits where at a trial, and who is its host. A browser that comes takes its former seat, else
 * the first empty one, else it looks on. Seats are numbered among those that are played.
 *
 * @param <B> a browser
 */
final class Seats<B> {
  /** Somebody in a seat, and whether they have laid the briefing aside. */
  private static final class Seat<B> {
    private @Nullable B holder;
    private @Nullable String key;
    private boolean ready;
  }

  private final List<Seat<B>> seats = new ArrayList<>();
  private final Begins begins;
  private @Nullable B host;
  private boolean begun;

  Seats(int many, Begins begins) {
    for (int seat = 0; seat < many; seat++) {
      seats.add(new Seat<>());
    }
    this.begins = begins;
    begun = begins == Begins.AT_ONCE;
  }

  int many() {
    return seats.size();
  }

  /** Who has a seat; null for nobody. */
  @Nullable B holder(int seat) {
    return seats.get(seat).holder;
  }

  /** The seat of a browser; -1 for one that looks on. */
  int of(B browser) {
    return first(seat -> browser.equals(holder(seat)));
  }

  /** Whether a browser has play begin, wait and go on. */
  boolean isHost(B browser) {
    return browser.equals(host);
  }

  /** Whether the holder of a seat has laid the briefing aside. */
  boolean ready(int seat) {
    return seats.get(seat).ready;
  }

  /** Who has to lay the briefing aside before play begins. */
  Begins begins() {
    return begins;
  }

  /** Whether play has begun; it never ends to have. */
  boolean begun() {
    return begun;
  }

  /** Whether nobody has any seat. */
  boolean empty() {
    return seats.stream().allMatch(seat -> seat.holder == null);
  }

  /**
   * A browser comes.
   *
   * @param key by which it is known when it comes back; null where it has none
   */
  void come(B browser, @Nullable String key) {
    int own = first(seat -> key != null && key.equals(seats.get(seat).key) && free(seat));
    int unclaimed = first(seat -> free(seat) && seats.get(seat).key == null);
    int seat = own >= 0 ? own : unclaimed >= 0 ? unclaimed : first(this::free);
    if (seat >= 0) {
      sit(browser, seat, key);
    }
  }

  /** A browser leaves its own seat and takes another, also from its holder; with -1 it looks on. */
  void take(B browser, int seat, @Nullable String key) {
    if (seat >= seats.size() || of(browser) == seat) {
      return;
    }
    leave(browser);
    if (seat >= 0) {
      sit(browser, seat, key);
    }
    settle();
  }

  /** A browser is gone. */
  void go(B browser) {
    leave(browser);
    settle();
  }

  /** A browser has laid the briefing aside. */
  void layAside(B browser) {
    int seat = of(browser);
    if (seat >= 0) {
      seats.get(seat).ready = true;
      settle();
    }
  }

  private boolean free(int seat) {
    return seats.get(seat).holder == null;
  }

  private void sit(B browser, int seat, @Nullable String key) {
    Seat<B> taken = seats.get(seat);
    if (Objects.equals(host, taken.holder)) {
      host = browser;
    }
    taken.holder = browser;
    taken.key = key;
    taken.ready = false;
    settle();
  }

  private void leave(B browser) {
    int seat = of(browser);
    if (seat >= 0) {
      seats.get(seat).holder = null;
      seats.get(seat).ready = false;
    }
  }

  /** The host is one who has a seat, and play begins once those have laid the briefing aside. */
  private void settle() {
    if (host == null || of(host) < 0) {
      int next = first(seat -> !free(seat));
      host = next < 0 ? null : holder(next);
    }
    begun = begun || isReadyToBegin();
  }

  private boolean isReadyToBegin() {
    return switch (begins) {
      case AT_ONCE -> true;
      case HOST -> host != null && ready(of(host));
      case EVERYBODY ->
          !empty() && seats.stream().allMatch(seat -> seat.holder == null || seat.ready);
    };
  }

  private int first(IntPredicate wanted) {
    return IntStream.range(0, seats.size()).filter(wanted).findFirst().orElse(-1);
  }
}
