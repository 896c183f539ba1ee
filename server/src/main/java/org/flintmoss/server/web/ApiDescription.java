package org.flintmoss.server.web;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.jackson.TypeNameResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import io.swagger.v3.oas.models.tags.Tag;
import java.util.List;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;

/** How the HTTP API is described; what is said of each address is said where it is answered. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
  private static final String TAG_END = "-controller";

  static {
    // Documents and patches have a schema of their own.
    SpringDocUtils.getConfig().replaceWithClass(JsonNode.class, Object.class);
  }

  /** The description, before the addresses are added to it. */
  @Bean
  static OpenAPI description() {
    // Without one, a second request would be told the address that the first went to.
    return new OpenAPI()
        .servers(List.of(new Server().url("/").description("Wherever this was asked")))
        .info(
            new Info()
                .title("Flintmoss")
                .version("1")
                .description(
                    "Missions, their edits, and trials of them. Mission documents are described by"
                        + " mission.schema.json, what a trial and a browser say to each other over"
                        + " /ws/trials/{id} by trial.schema.json. Errors are problem details (RFC"
                        + " 9457)."));
  }

  /** Names each type by itself and the types around it, so that no two have one name. */
  @Bean
  static ModelResolver types(ObjectMapperProvider mappers) {
    return new ModelResolver(
        mappers.jsonMapper(),
        new TypeNameResolver() {
          @Override
          protected String nameForClass(Class<?> type, Set<Options> options) {
            Class<?> outer = type.getEnclosingClass();
            String name = super.nameForClass(type, options);
            return outer == null ? name : nameForClass(outer, options) + name;
          }
        });
  }

  /** Calls each group of addresses by its subject. */
  @Bean
  static OpenApiCustomizer subjects() {
    return api -> {
      for (Tag tag : api.getTags()) {
        tag.setName(subject(tag.getName()));
      }
      for (PathItem path : api.getPaths().values()) {
        for (Operation operation : path.readOperations()) {
          operation.setTags(operation.getTags().stream().map(ApiDescription::subject).toList());
        }
      }
    };
  }

  private static String subject(String tag) {
    return tag.replace(TAG_END, "");
  }
}
