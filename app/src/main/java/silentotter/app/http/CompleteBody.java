package silentotter.app.http;

import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import silentotter.core.input.Complete;
import silentotter.core.input.Problems;

/** Refuses a form that is not {@link Complete}, before anybody reads it. */
@RestControllerAdvice
class CompleteBody extends RequestBodyAdviceAdapter {
    @Override
    public boolean supports(
            MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converterType) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converterType) {
        Problems problems = new Problems();
        Complete.check(body, problems);
        problems.throwIfAny();
        return body;
    }
}
