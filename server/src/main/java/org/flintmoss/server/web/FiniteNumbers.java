package org.flintmoss.server.web;

import java.beans.PropertyEditorSupport;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/**
 * Numbers in addresses: finite ones alone, since nothing is computed with others. An editor and no
 * converter: where a converter refuses a text, the framework tries its own way of reading it.
 */
@ControllerAdvice
class FiniteNumbers {
  @InitBinder
  void finite(WebDataBinder binder) {
    binder.registerCustomEditor(double.class, new Editor());
    binder.registerCustomEditor(Double.class, new Editor());
  }

  private static final class Editor extends PropertyEditorSupport {
    @Override
    public void setAsText(String text) {
      double number = Double.parseDouble(text);
      if (!Double.isFinite(number)) {
        throw new NumberFormatException(text);
      }
      setValue(number);
    }
  }
}
