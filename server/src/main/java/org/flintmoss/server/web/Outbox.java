package org.flintmoss.server.web;

import java.io.IOException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import org.springframework.web.socket.BinaryMessage;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;

/**
 * What waits to be sent to one browser, on a thread of its own, so that nobody waits for a browser:
 * all texts in order, and of the snapshots only the newest. A browser that does not keep up is
 * closed rather than told half; it comes back and is told anew. The same thread closes the
 * connection: a session takes one sender at a time, and a close frame is something sent. It is
 * never interrupted, since that would tear the connection down in the midst of a frame.
 */
public final class Outbox {
  /**
   * Closes a connection whose browser does not keep up; it comes back and asks for what it missed.
   */
  public static final CloseStatus SLOW = new CloseStatus(4408, "This page does not keep up.");

  /** The most texts that wait, and the most characters in them. */
  static final int TEXTS = 10_000;

  static final long CHARACTERS = 8L * 1024 * 1024;

  private final WebSocketSession session;
  private final ConcurrentLinkedQueue<String> texts = new ConcurrentLinkedQueue<>();
  private final AtomicInteger count = new AtomicInteger();
  private final AtomicLong characters = new AtomicLong();
  private final AtomicReference<byte[]> snapshot = new AtomicReference<>();
  private final AtomicReference<CloseStatus> farewell = new AtomicReference<>();
  private final Thread sender;

  /** The outbox of a connection. */
  public Outbox(WebSocketSession session) {
    this.session = session;
    sender = Thread.ofVirtual().name("outbox").start(this::send);
  }

  /** Puts a text behind all others; one that would wait alone is taken whatever its length. */
  public void text(String text) {
    int waiting = count.getAndIncrement();
    long length = characters.addAndGet(text.length());
    if (waiting >= TEXTS || (waiting > 0 && length > CHARACTERS)) {
      close(SLOW);
    } else {
      texts.add(text);
      LockSupport.unpark(sender);
    }
  }

  /** Puts a snapshot in the place of one that still waits. */
  public void bytes(byte[] newest) {
    snapshot.set(newest);
    LockSupport.unpark(sender);
  }

  /** Ends it with this status, after what is being sent now; the rest is dropped. */
  public void close(CloseStatus status) {
    if (farewell.compareAndSet(null, status)) {
      texts.clear();
      snapshot.set(null);
    }
    LockSupport.unpark(sender);
  }

  private void send() {
    try {
      while (session.isOpen() && farewell.get() == null) {
        sendNext();
      }
      if (farewell.get() != null) {
        session.close(farewell.get());
      }
    } catch (IOException | IllegalStateException gone) {
      close(CloseStatus.SESSION_NOT_RELIABLE);
    }
  }

  private void sendNext() throws IOException {
    String text = texts.poll();
    byte[] newest = text == null ? snapshot.getAndSet(null) : null;
    if (text != null) {
      session.sendMessage(new TextMessage(text));
      count.decrementAndGet();
      characters.addAndGet(-text.length());
    } else if (newest != null) {
      session.sendMessage(new BinaryMessage(newest));
    } else {
      LockSupport.park(this);
    }
  }
}
