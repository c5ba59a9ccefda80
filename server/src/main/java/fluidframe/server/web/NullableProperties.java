package fluidframe.server.web;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.HashSet;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.lang.Nullable;

/** Notes, as records are described, which of their components may be absent: those that say so, and optional ones. */
class NullableProperties implements ModelConverter {
    private final Set<String> found = ConcurrentHashMap.newKeySet();

    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        note(type);
        return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }

    private void note(AnnotatedType type) {
        if (type.getType() == null) return;
        JavaType known = TypeFactory.defaultInstance().constructType(type.getType());
        Class<?> raw = known.getRawClass();
        if (!raw.isRecord()) return;
        Set<String> names = new HashSet<>();
        for (RecordComponent component : raw.getRecordComponents()) {
            boolean absent = component.getAccessor().isAnnotationPresent(Nullable.class)
                    || component.getType() == Optional.class;
            if (absent) names.add(component.getName());
        }
        StringBuilder schema = new StringBuilder(raw.getSimpleName());
        for (JavaType argument : known.getBindings().getTypeParameters()) {
            schema.append(argument.getRawClass().getSimpleName());
        }
        names.forEach(name -> found.add(schema + "." + name));
    }

    boolean isNullable(String schema, String property) {
        return found.contains(schema + "." + property);
    }
}
