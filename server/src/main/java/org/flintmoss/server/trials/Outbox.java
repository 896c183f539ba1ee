package org.flintmoss.server.trials;

import java.io.IOException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import org.springframework.web.socket.BinaryMessage;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import tools.jackson.databind.JsonNode;

/**
 * What waits to be sent to one browser, on a thread of its own: all texts in order, and of the
 * snapshots only the newest. A slow browser costs snapshots, never steps.
 */
final class Outbox {
  private static final int TEXTS = 10_000;

  private final WebSocketSession session;
  private final ConcurrentLinkedQueue<String> texts = new ConcurrentLinkedQueue<>();
  private final AtomicReference<byte[]> snapshot = new AtomicReference<>();
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

  void close() {
    sender.interrupt();
  }

  private void send() {
    try {
      while (session.isOpen() && !Thread.currentThread().isInterrupted()) {
        for (String text = texts.poll(); text != null; text = texts.poll()) {
          session.sendMessage(new TextMessage(text));
        }
        byte[] newest = snapshot.getAndSet(null);
        if (newest != null) {
          session.sendMessage(new BinaryMessage(newest));
        }
        if (texts.isEmpty() && snapshot.get() == null) {
          LockSupport.park(this);
        }
      }
    } catch (IOException | IllegalStateException gone) {
      texts.clear();
    }
  }
}
