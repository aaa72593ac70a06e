package silentotter.app.http;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The addresses of the single-page front end all lead to its one page. */
@Controller
class Screens {
    @GetMapping({"/", "/jobs/**", "/engines/**", "/shop", "/record", "/families/**", "/calculator", "/calculator/**"})
    String page() {
        return "forward:/index.html";
    }
}
