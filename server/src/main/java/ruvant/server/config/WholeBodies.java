package ruvant.server.config;

import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.Optional;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.formats.PartsMayBeMissing;

/** What is sent must be whole: a part that is missing is named, before anything is done with the rest. */
@ControllerAdvice
class WholeBodies extends RequestBodyAdviceAdapter {
    private static final String OURS = "ruvant.server.";
    private static final int DEEPEST = 6;

    @Override
    public boolean supports(
            MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter) {
        check("", body, DEEPEST);
        return body;
    }

    private static void check(String place, Object value, int deep) {
        if (deep == 0) {
            return;
        }
        if (value instanceof Collection<?> all) {
            int index = 0;
            for (Object one : all) {
                String at = place + "[" + index++ + "]";
                check(at, there(at, one), deep - 1);
            }
        } else if (value instanceof Record
                && value.getClass().getName().startsWith(OURS)
                && !value.getClass().isAnnotationPresent(PartsMayBeMissing.class)) {
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                checkPart(place, component, value, deep);
            }
        }
    }

    private static void checkPart(String place, RecordComponent component, Object of, int deep) {
        String name = place.isEmpty() ? component.getName() : place + "." + component.getName();
        Object part = part(component, of);
        if (!mayBeMissing(component)) {
            there(name, part);
        }
        check(name, part, deep - 1);
    }

    /** Whether a part need not be sent; the interface's document says the same. */
    static boolean mayBeMissing(RecordComponent component) {
        return component.getType() == Optional.class || component.isAnnotationPresent(MayBeNull.class);
    }

    private static Object part(RecordComponent component, Object of) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static Object there(String name, Object value) {
        if (value == null) {
            throw new FieldProblem(name, "“" + name + "” is missing.", "Add it and send it again.");
        }
        return value;
    }
}
