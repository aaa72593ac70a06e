package silentotter.app.engine;

/** A row of the engine table. */
record EngineRow(long id, String name, int cylinders, int revision, String document) {}
