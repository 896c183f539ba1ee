package org.flintmoss.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what comes from this machine's own pages: the Host must be a loopback name, and an
 * Origin, where there is one, must be that same host. Sets the security headers on every answer.
 */
@Component
@Order(0)
public class OriginFilter extends OncePerRequestFilter {
  private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
  private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");
  private static final String POLICY =
      "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
          + "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; "
          + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

  /** The security headers that every answer has. */
  static final Map<String, String> HEADERS =
      Map.of(
          "Content-Security-Policy", POLICY,
          "X-Content-Type-Options", "nosniff",
          "X-Frame-Options", "DENY",
          "Referrer-Policy", "no-referrer",
          "Cross-Origin-Opener-Policy", "same-origin",
          "Cross-Origin-Resource-Policy", "same-origin");

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    HEADERS.forEach(response::setHeader);
    String refusal = refusal(request);
    if (refusal == null && isSocket(request) && request.getHeader("Upgrade") == null) {
      write(response, HttpServletResponse.SC_BAD_REQUEST, "This address takes WebSockets alone.");
    } else if (refusal == null) {
      chain.doFilter(request, response);
    } else {
      write(response, HttpServletResponse.SC_FORBIDDEN, refusal);
    }
  }

  private static boolean isSocket(HttpServletRequest request) {
    return request.getRequestURI().startsWith("/ws/");
  }

  private static void write(HttpServletResponse response, int status, String detail)
      throws IOException {
    String title = status == HttpServletResponse.SC_FORBIDDEN ? "Not let in" : "Not understood";
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write(
            "{\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}".formatted(title, status, detail));
  }

  private static String refusal(HttpServletRequest request) {
    String host = request.getHeader("Host");
    if (host == null || !LOOPBACK.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
      return "Flintmoss answers only to localhost.";
    }
    String origin = request.getHeader("Origin");
    if (origin != null && !sameHost(origin, host)) {
      return "This request comes from another site.";
    }
    String site = request.getHeader("Sec-Fetch-Site");
    boolean foreign = site != null && !site.equals("same-origin") && !site.equals("none");
    return foreign && !SAFE.contains(request.getMethod())
        ? "This request comes from another site."
        : null;
  }

  private static boolean sameHost(String origin, String host) {
    try {
      return host.equalsIgnoreCase(URI.create(origin).getRawAuthority());
    } catch (IllegalArgumentException malformed) {
      return false;
    }
  }
}
