package silentotter.app.engine;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.EngineDocument;
import silentotter.core.engine.EngineEnd;
import silentotter.core.engine.Layout;
import silentotter.core.engine.UsualEngines;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.InvalidInput;

@RestController
@RequestMapping("/api/engines")
record EngineController(Engines engines) {

    /** What is usual for a layout and count: to choose from. */
    record Usual(List<List<EngineDocument.BankDocument>> banks, List<List<Integer>> firingOrders) {}

    @GetMapping
    List<Engines.StoredEngine> all() {
        return engines.all();
    }

    @GetMapping("/{id}")
    Engines.StoredEngine one(@PathVariable long id) {
        return engines.byId(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Engines.StoredEngine add(@RequestBody EngineDocument document) {
        return engines.byId(engines.add(document));
    }

    @GetMapping("/usual")
    Usual usual(@RequestParam Layout layout, @RequestParam int cylinders, @RequestParam EngineEnd endOfCylinderOne) {
        AllowedRange.CYLINDERS.problemWith("cylinders", cylinders).ifPresent(p -> {
            throw new InvalidInput(List.of(p));
        });
        return new Usual(
                UsualEngines.arrangements(layout, cylinders, endOfCylinderOne).stream()
                        .map(a -> a.banks().stream()
                                .map(b -> new EngineDocument.BankDocument(b.side(), numbers(b.cylinders())))
                                .toList())
                        .toList(),
                UsualEngines.firingOrders(layout, cylinders).stream()
                        .map(o -> numbers(o.cylinders()))
                        .toList());
    }

    private static List<Integer> numbers(List<CylinderNumber> cylinders) {
        return cylinders.stream().map(CylinderNumber::value).toList();
    }
}
