package org.flintmoss.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.web.socket.BinaryMessage;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.WebSocketMessage;
import org.springframework.web.socket.WebSocketSession;

@ExtendWith(MockitoExtension.class)
class OutboxTest {
  @Mock private WebSocketSession session;

  @Test
  void aSlowBrowserMissesSnapshotsButNoWords() throws Exception {
    CountDownLatch sending = new CountDownLatch(1);
    CountDownLatch goOn = new CountDownLatch(1);
    LinkedBlockingQueue<WebSocketMessage<?>> sent = new LinkedBlockingQueue<>();
    when(session.isOpen()).thenReturn(true);
    doAnswer(
            call -> {
              sending.countDown();
              goOn.await();
              return sent.add(call.getArgument(0));
            })
        .when(session)
        .sendMessage(any());
    Outbox outbox = new Outbox(session);
    outbox.bytes(new byte[] {1});
    assertThat(sending.await(20, TimeUnit.SECONDS)).isTrue();
    outbox.bytes(new byte[] {2});
    outbox.text("a");
    outbox.bytes(new byte[] {3});
    outbox.text("b");
    goOn.countDown();
    assertThat(next(sent)).isEqualTo("1");
    assertThat(next(sent)).isEqualTo("a");
    assertThat(next(sent)).isEqualTo("b");
    assertThat(next(sent)).isEqualTo("3");
    outbox.close(CloseStatus.NORMAL);
    verify(session, timeout(20_000)).close(CloseStatus.NORMAL);
  }

  private static String next(LinkedBlockingQueue<WebSocketMessage<?>> sent)
      throws InterruptedException {
    WebSocketMessage<?> message = sent.poll(20, TimeUnit.SECONDS);
    return message instanceof BinaryMessage bytes
        ? String.valueOf(bytes.getPayload().get(0))
        : message.getPayload().toString();
  }

  @Test
  void aBrowserThatDoesNotKeepUpIsClosedRatherThanToldHalf() throws Exception {
    CountDownLatch sending = new CountDownLatch(1);
    CountDownLatch goOn = new CountDownLatch(1);
    when(session.isOpen()).thenReturn(true);
    doAnswer(
            _ -> {
              sending.countDown();
              goOn.await();
              return null;
            })
        .when(session)
        .sendMessage(any());
    Outbox outbox = new Outbox(session);
    outbox.text("first");
    assertThat(sending.await(20, TimeUnit.SECONDS)).isTrue();
    String large = "x".repeat((int) Outbox.CHARACTERS / 4);
    for (int i = 0; i < 5; i++) {
      outbox.text(large);
    }
    goOn.countDown();
    verify(session, timeout(20_000)).close(Outbox.SLOW);
    verify(session, times(1)).sendMessage(any());
  }
}
