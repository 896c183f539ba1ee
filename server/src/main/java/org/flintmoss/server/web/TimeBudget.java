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
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How long a request may be worked on. After that its thread is interrupted, long work in the core
 * ends by {@link org.flintmoss.mission.CalledOff}, and the answer says so.
 */
@Component
@Order(1)
final class TimeBudget extends OncePerRequestFilter {
  /** Seconds. What a designer makes by hand takes a tenth of it on a slow machine. */
  static final int SECONDS = 20;

  private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Worker worker = new Worker(Thread.currentThread());
    ScheduledFuture<?> end = clock.schedule(worker::interrupt, SECONDS, TimeUnit.SECONDS);
    try {
      chain.doFilter(request, response);
    } finally {
      end.cancel(false);
      worker.done();
    }
  }

  /** A thread while it works on a request; it is not interrupted in the midst of the next one. */
  private static final class Worker {
    private final Thread thread;
    private boolean done;

    Worker(Thread thread) {
      this.thread = thread;
    }

    synchronized void interrupt() {
      if (!done) {
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
