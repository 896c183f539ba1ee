package org.flintmoss.server.web;

import java.io.IOException;
import java.lang.reflect.Type;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.flintmoss.mission.Ranges;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.GenericHttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.stereotype.Component;

/**
 * Reads every request body, within bounds and whatever its content type is called: as bytes, as
 * text in UTF-8, or as JSON that has the shape of a type exactly.
 */
@Component
final class RequestBodies implements GenericHttpMessageConverter<Object> {
  @Override
  public boolean canRead(Type type, Class<?> context, MediaType media) {
    return true;
  }

  @Override
  public boolean canRead(Class<?> type, MediaType media) {
    return true;
  }

  @Override
  public List<MediaType> getSupportedMediaTypes() {
    return List.of(MediaType.ALL);
  }

  @Override
  public Object read(Class<?> type, HttpInputMessage input) throws IOException {
    return read(type, null, input);
  }

  /**
   * Reads a body.
   *
   * @throws TooLarge if it is larger than a mission may be
   * @throws MissionRefused if it is not what the type wants
   */
  @Override
  public Object read(Type type, Class<?> context, HttpInputMessage input) throws IOException {
    byte[] bytes = input.getBody().readNBytes(Json.BYTES + 1);
    if (bytes.length > Json.BYTES) {
      throw new TooLarge();
    }
    TimeBudget.bodyRead();
    if (type == byte[].class) {
      return bytes;
    }
    return type == String.class ? text(bytes) : Ranges.bind(Json.read(bytes), type);
  }

  private static String text(byte[] bytes) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException foreign) {
      throw new MissionRefused("", "is not UTF-8 text");
    }
  }

  @Override
  public boolean canWrite(Type type, Class<?> of, MediaType media) {
    return false;
  }

  @Override
  public boolean canWrite(Class<?> type, MediaType media) {
    return false;
  }

  @Override
  public void write(Object body, Type type, MediaType media, HttpOutputMessage output) {
    write(body, media, output);
  }

  @Override
  public void write(Object body, MediaType media, HttpOutputMessage output) {
    throw new HttpMessageNotWritableException("only reads");
  }

  /** A body is too large. */
  static final class TooLarge extends RuntimeException {
    private static final long serialVersionUID = 1;

    TooLarge() {
      super("At most " + Json.BYTES / (1024 * 1024) + " MB are read.");
    }
  }
}
