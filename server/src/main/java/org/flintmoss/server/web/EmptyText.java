package org.flintmoss.server.web;

import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** A body of no bytes is a text of no letters; where anything else is wanted, it is missing. */
@ControllerAdvice
class EmptyText extends RequestBodyAdviceAdapter {
  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return type == String.class;
  }

  @Override
  public Object handleEmptyBody(
      Object body,
      HttpInputMessage input,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    return "";
  }
}
