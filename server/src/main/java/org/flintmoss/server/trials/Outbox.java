package org.flintmoss.server.trials;

import java.io.IOException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import org.springframework.web.socket.BinaryMessage;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import tools.jackson.databind.JsonNode;

/**
 * What waits to be sent to one browser, on a thread of its own: all texts in order, and of the
 * snapshots only the newest. A slow browser costs snapshots, never steps. The same thread closes
 * the connection: a session takes one sender at a time, and a close frame is something sent. It is
 * never interrupted, since that would tear the connection down in the midst of a frame.
 */
final class Outbox {
  private static final int TEXTS = 10_000;

  private final WebSocketSession session;
  private final ConcurrentLinkedQueue<String> texts = new ConcurrentLinkedQueue<>();
  private final AtomicReference<byte[]> snapshot = new AtomicReference<>();
  private final AtomicReference<CloseStatus> farewell = new AtomicReference<>();
  private final Thread sender;

  Outbox(WebSocketSession session) {
    this.session = session;
    sender = Thread.ofVirtual().name("outbox").start(this::send);
  }

  void text(JsonNode message) {
    if (texts.size() < TEXTS) {
      texts.add(message.toString());
    }
    LockSupport.unpark(sender);
  }

  void bytes(byte[] newest) {
    snapshot.set(newest);
    LockSupport.unpark(sender);
  }

  /** Ends it with this status, after what is being sent now; the rest is dropped. */
  void close(CloseStatus status) {
    farewell.compareAndSet(null, status);
    LockSupport.unpark(sender);
  }

  private void send() {
    try {
      while (session.isOpen() && farewell.get() == null) {
        String text = texts.poll();
        byte[] newest = text == null ? snapshot.getAndSet(null) : null;
        if (text != null) {
          session.sendMessage(new TextMessage(text));
        } else if (newest != null) {
          session.sendMessage(new BinaryMessage(newest));
        } else {
          LockSupport.park(this);
        }
      }
      if (farewell.get() != null) {
        session.close(farewell.get());
      }
    } catch (IOException | IllegalStateException gone) {
      texts.clear();
    }
  }
}
