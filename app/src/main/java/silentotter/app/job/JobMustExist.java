package silentotter.app.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Whatever is asked of a job is asked of one that is there: said once, before any part of it is looked for. */
@Configuration
class JobMustExist implements WebMvcConfigurer, HandlerInterceptor {
    private final Jobs jobs;

    JobMustExist(Jobs jobs) {
        this.jobs = jobs;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/jobs/*/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables
                && variables.get("id") instanceof String id
                && id.matches("-?\\d{1,18}")) {
            jobs.revision(Long.parseLong(id));
        }
        return true;
    }
}
