package hingeyard.app.wiring;

import hingeyard.core.bike.Point;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Origin;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.stack.StackSection;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Makes the published description say what is really sent: quantities as {@code AnswerJson} writes them, and what is always there. */
@Configuration
class ApiDescription {

    /** A figure as sent. */
    record FigureAnswer(String label, String kind, String text, Origin origin, String source) {
    }

    /** A torque range as sent. */
    record TorqueAnswer(String newtonMetres, String footPounds) {
    }

    static {
        SpringDocUtils.getConfig().replaceWithClass(Length.class, Long.class).replaceWithClass(Point.class, double[].class)
                .replaceWithClass(Exhibit.class, StackSection.class).replaceWithClass(Figure.class, FigureAnswer.class)
                .replaceWithClass(TorqueRange.class, TorqueAnswer.class);
    }

    @Bean
    OpenAPI shop() {
        return new OpenAPI().info(new Info().title("Hinge Yard").version("1")
                .description("What the shop's screens ask and say. Refusals are problem+json with faults: field, given, allowed."));
    }

    /** Every property is always sent, except those that are Optional in the record. */
    @Bean
    OpenApiCustomizer whatIsAlwaysThere(RequestMappingHandlerMapping requestMappingHandlerMapping) {
        return api -> {
            Map<String, Set<String>> optional = new HashMap<>();
            Set<Type> seen = new HashSet<>(Set.of(StackSection.class));
            walk(StackSection.class, optional, new HashSet<>());
            requestMappingHandlerMapping.getHandlerMethods().values().forEach(m -> {
                walk(m.getMethod().getGenericReturnType(), optional, seen);
                for (Type parameter : m.getMethod().getGenericParameterTypes()) {
                    walk(parameter, optional, seen);
                }
            });
            api.setServers(null);
            api.getComponents().getSchemas().forEach((name, schema) -> require(schema, optional.getOrDefault(name, Set.of())));
        };
    }

    private static void require(Schema<?> schema, Set<String> optional) {
        if (schema.getProperties() != null) {
            List<String> required = new ArrayList<>(schema.getProperties().keySet());
            required.removeAll(optional);
            schema.setRequired(required);
        }
    }

    private static void walk(Type type, Map<String, Set<String>> optional, Set<Type> seen) {
        if (!seen.add(type)) {
            return;
        }
        if (type instanceof ParameterizedType generic) {
            for (Type argument : generic.getActualTypeArguments()) {
                walk(argument, optional, seen);
            }
        }
        if (type instanceof Class<?> c && c.isRecord()) {
            for (RecordComponent component : c.getRecordComponents()) {
                if (component.getType() == Optional.class) {
                    optional.computeIfAbsent(c.getSimpleName(), k -> new HashSet<>()).add(component.getName());
                }
                walk(component.getGenericType(), optional, seen);
            }
        }
    }
}
