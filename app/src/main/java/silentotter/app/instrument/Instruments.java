package silentotter.app.instrument;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.http.NotFound;
import silentotter.core.input.InvalidInput;
import silentotter.core.scpi.InstrumentDocument;
import silentotter.core.scpi.InstrumentKind;

/** The instruments that this shop has said it has. Nothing else is ever called. */
@Service
public class Instruments {
    private static final int MOST = 20;

    private final InstrumentMapper mapper;

    Instruments(InstrumentMapper mapper) {
        this.mapper = mapper;
    }

    /** An instrument as stored. */
    public record StoredInstrument(long id, InstrumentDocument instrument) {}

    @Transactional(readOnly = true)
    public List<StoredInstrument> all() {
        return mapper.all().stream()
                .map(r -> new StoredInstrument(
                        r.id(), new InstrumentDocument(r.name(), InstrumentKind.valueOf(r.kind()), r.address())))
                .toList();
    }

    /** @throws NotFound when it is not in the list, or no more */
    @Transactional(readOnly = true)
    public StoredInstrument byId(long id) {
        return all().stream()
                .filter(i -> i.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no instrument " + id + "."));
    }

    /** The same instrument twice is one. @throws InvalidInput with everything that is wrong, by field */
    @Transactional
    public void add(InstrumentDocument document) {
        InstrumentDocument checked = document.checked();
        List<StoredInstrument> known = all();
        if (known.stream().anyMatch(k -> k.instrument().equals(checked))) {
            return;
        }
        if (known.size() >= MOST) {
            throw InvalidInput.at("name", "this shop has as many instruments as it can hold", "at most " + MOST);
        }
        mapper.insert(checked.name(), checked.kind().name(), checked.address());
    }

    @Transactional
    public void remove(long id) {
        if (mapper.remove(id) == 0) {
            throw new NotFound("There is no instrument " + id + ".");
        }
    }
}
