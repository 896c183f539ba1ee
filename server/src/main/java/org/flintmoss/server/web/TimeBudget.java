package org.flintmoss.server.web;

import jakarta.annotation.PreDestroy;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How long a request may be worked on: for 20 s, and not for longer than its client is there. After
 * that its thread is interrupted, and long work in the core ends by {@link
 * org.flintmoss.mission.sentence.CalledOff}.
 */
@Component
@Order(1)
final class TimeBudget extends OncePerRequestFilter {
  /** Seconds. What a designer makes by hand takes a tenth of it on a slow machine. */
  static final int SECONDS = 20;

  /** Milliseconds from one look at a client to the next. Most requests end before the first. */
  private static final int LOOK = 500;

  private static final ThreadLocal<Worker> WORKERS = new ThreadLocal<>();

  private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();

  /** Says that this thread has read the body of its request. Now its client may be looked at. */
  static void bodyRead() {
    Worker worker = WORKERS.get();
    if (worker != null) {
      worker.listen();
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Worker worker = new Worker(Thread.currentThread(), ClientLine.of(request));
    if (request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null) {
      worker.listen();
    }
    WORKERS.set(worker);
    ScheduledFuture<?> looks =
        clock.scheduleWithFixedDelay(worker::look, LOOK, LOOK, TimeUnit.MILLISECONDS);
    try {
      chain.doFilter(request, response);
    } finally {
      looks.cancel(false);
      WORKERS.remove();
      worker.done();
    }
  }

  /** A thread while it works on a request; it is not interrupted in the midst of the next one. */
  private static final class Worker {
    private final Thread thread;
    private final BooleanSupplier gone;
    private final long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
    private boolean listening;
    private boolean calledOff;
    private boolean done;

    Worker(Thread thread, BooleanSupplier gone) {
      this.thread = thread;
      this.gone = gone;
    }

    synchronized void listen() {
      listening = true;
    }

    synchronized void look() {
      if (done || calledOff) {
        return;
      }
      if (System.nanoTime() >= end || listening && gone.getAsBoolean()) {
        calledOff = true;
        thread.interrupt();
      }
    }

    synchronized void done() {
      done = true;
      Thread.interrupted();
    }
  }

  @PreDestroy
  void stop() {
    clock.shutdownNow();
  }
}
