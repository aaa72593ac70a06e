package silentotter.app.practice;

import java.util.List;
import silentotter.core.engine.EngineDocument;
import silentotter.core.hidden.HiddenFault;

/**
 * A shop's own job as a case: what the engine is like and what was found in it. No name, no owner, no reading goes along; the
 * readings come from the twin.
 */
record OwnCase(EngineDocument engine, List<HiddenFault> faults) {}
