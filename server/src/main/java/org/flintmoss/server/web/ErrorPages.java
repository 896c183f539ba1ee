package org.flintmoss.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.flintmoss.mission.json.Json;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.node.ObjectNode;

/** Errors that arise before or beside our controllers, as problem details like all others. */
@Configuration(proxyBeanMethods = false)
public class ErrorPages {
  /** Errors that the container passes on. */
  @RestController
  static class Passed implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request, HttpServletResponse response) {
      OriginFilter.HEADERS.forEach(response::setHeader);
      Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
      HttpStatusCode status = HttpStatusCode.valueOf(code instanceof Integer known ? known : 404);
      return ResponseEntity.status(status)
          .contentType(MediaType.APPLICATION_PROBLEM_JSON)
          .body(Problems.of(status));
    }
  }

  /** Errors that never reach the application, such as a request that is no HTTP. */
  public static final class Valve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable thrown) {
      int status = response.getStatus();
      boolean untold = status >= 400 && response.getContentWritten() == 0;
      if (!untold || !response.setErrorReported()) {
        return;
      }
      ProblemDetail problem = Problems.of(HttpStatusCode.valueOf(status));
      ObjectNode json = Json.MAPPER.createObjectNode().put("title", problem.getTitle());
      json.put("status", status).put("detail", problem.getDetail());
      OriginFilter.HEADERS.forEach(response::setHeader);
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setCharacterEncoding(StandardCharsets.UTF_8);
      try {
        response.getReporter().write(json.toString());
        response.finishResponse();
      } catch (IOException | IllegalStateException gone) {
        container.getLogger().debug("nobody is there to be told of an error", gone);
      }
    }
  }

  /** Puts our words in the place of the container's. */
  @Bean
  static WebServerFactoryCustomizer<TomcatServletWebServerFactory> words() {
    return factory ->
        factory.addContextCustomizers(
            context ->
                ((StandardHost) context.getParent())
                    .setErrorReportValveClass(Valve.class.getName()));
  }
}
