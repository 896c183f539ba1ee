package org.flintmoss.server.web;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.function.BooleanSupplier;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Finds whether the client of a request that is being worked on has gone. The container says so
 * only once something is written, so its connection is looked at for what came in after the body:
 * the end of the line.
 */
@Configuration(proxyBeanMethods = false)
public class ClientLine {
  private static final String GONE = ClientLine.class.getName();

  /**
   * What tells whether a request's client has gone. It may be asked by any thread, after the body
   * was read and until the request is done, by one at a time.
   */
  static BooleanSupplier of(HttpServletRequest request) {
    return request.getAttribute(GONE) instanceof BooleanSupplier gone ? gone : () -> false;
  }

  private static boolean hasGone(org.apache.coyote.Request connection) {
    // Reads without waiting. The container answers 1 where the line has ended; a further request
    // that came early is longer, and is kept for its turn.
    connection.action(ActionCode.AVAILABLE, Boolean.TRUE);
    return connection.getAvailable() == 1;
  }

  private static final class Valve extends ValveBase {
    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
      org.apache.coyote.Request connection = request.getCoyoteRequest();
      BooleanSupplier gone = () -> hasGone(connection);
      request.setAttribute(GONE, gone);
      getNext().invoke(request, response);
    }
  }

  /** Looks at every connection's requests. */
  @Bean
  static WebServerFactoryCustomizer<TomcatServletWebServerFactory> lines() {
    return factory -> factory.addEngineValves(new Valve());
  }
}
