package silentotter.core.found;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Fault;
import silentotter.core.fault.FaultAt;
import silentotter.core.found.EngineFound.BearingsFound;
import silentotter.core.found.EngineFound.Casting;
import silentotter.core.found.EngineFound.CrankSeals;
import silentotter.core.found.EngineFound.HeadTest;
import silentotter.core.found.EngineFound.OilPump;
import silentotter.core.found.EngineFound.OutsideFound;
import silentotter.core.found.EngineFound.RiserFound;
import silentotter.core.found.EngineFound.TimingFound;
import silentotter.core.found.EngineFound.TurboFound;
import silentotter.core.found.EngineFound.VentilationFound;
import silentotter.core.found.Known.HowKnown;
import silentotter.core.wording.Labelled;

/**
 * What is known of every fault at every place of an engine, from what was found.
 *
 * @param known by place, only what is known
 */
public record Outcome(Map<FaultAt, Known> known) {
    public static final Outcome NOTHING = new Outcome(Map.of());

    /** From this share of its cylinders on an engine is worn evenly, or its oil rings are at fault together. */
    private static final double MOST_OF_THEM = .75;

    /** What an engine on the bench does not show: how full it was, and how its oil was thrown. */
    private static final Set<Fault> NEVER_SHOWN = EnumSet.of(Fault.OIL_CHARGE, Fault.OVER_OILING);

    public Outcome {
        known = Map.copyOf(known);
    }

    /** Whether opening or mending an engine can show this fault at all. */
    public static boolean canShow(Fault fault) {
        return !NEVER_SHOWN.contains(fault);
    }

    public static Outcome of(Engine engine, Found found) {
        return new Reader(engine, found).read();
    }

    public Known of(FaultAt at) {
        return known.getOrDefault(at, Known.NOTHING);
    }

    /** Everything that was there. */
    public List<FaultAt> present() {
        return known.entrySet().stream()
                .filter(e -> e.getValue().shown())
                .map(Map.Entry::getKey)
                .toList();
    }

    private static final class Reader {
        private final Engine engine;
        private final Found found;
        private final List<CylinderNumber> all;
        private final Map<FaultAt, Known> known = new LinkedHashMap<>();

        Reader(Engine engine, Found found) {
            this.engine = engine;
            this.found = found;
            this.all = engine.arrangement().cylinders();
        }

        Outcome read() {
            for (CylinderNumber c : all) {
                CylinderFound here = found.cylinders().get(c.value());
                for (Fault fault : Fault.values()) {
                    if (here != null && Cause.onCylinder(fault).isPresent()) {
                        put(FaultAt.of(fault, List.of(c)), FoundRules.of(fault, here, found));
                    }
                }
            }
            pairs();
            water();
            together(Fault.OIL_CONTROL);
            together(Fault.STEM_SEAL);
            evenWear();
            ofEngine();
            return new Outcome(known);
        }

        private void put(FaultAt at, Known what) {
            if (what.anything() && isPossible(at.fault())) {
                known.put(at, what);
            }
        }

        private boolean isPossible(Fault fault) {
            return engine.cycle() != Cycle.TWO_STROKE || !fault.isOfFourStrokesOnly();
        }

        private Known here(Fault fault, CylinderNumber c) {
            return known.getOrDefault(FaultAt.of(fault, List.of(c)), Known.NOTHING);
        }

        /** A gasket is open between two where both lines say so, or one of them that has no other neighbour. */
        private void pairs() {
            for (CylinderNumber one : all) {
                List<CylinderNumber> neighbours = engine.arrangement().neighbours(one);
                for (CylinderNumber other : neighbours) {
                    if (one.compareTo(other) < 0) {
                        put(FaultAt.of(Fault.GASKET_BETWEEN, List.of(one, other)), between(one, other));
                    }
                }
            }
        }

        private Known between(CylinderNumber one, CylinderNumber other) {
            Known a = gasket(one);
            Known b = gasket(other);
            boolean onlyEachOther = a.shown()
                            && engine.arrangement().neighbours(one).size() == 1
                    || b.shown() && engine.arrangement().neighbours(other).size() == 1;
            if (a.ruledOut() || b.ruledOut()) {
                return a.ruledOut() ? a : b;
            }
            return a.shown() && b.shown() || onlyEachOther ? a.shown() ? a : b : Known.NOTHING;
        }

        private Known gasket(CylinderNumber c) {
            CylinderFound here = found.cylinders().get(c.value());
            return here == null ? Known.NOTHING : FoundRules.of(Fault.GASKET_BETWEEN, here, found);
        }

        /** A cracked head lets water in somewhere: where nothing shows it, that place stays open. */
        private void water() {
            if (EngineFound.is(found.engine().head(), HeadTest.CRACKED)) {
                all.forEach(c -> {
                    FaultAt at = FaultAt.of(Fault.COOLANT_ENTRY, List.of(c));
                    if (known.getOrDefault(at, Known.NOTHING).ruledOut()) {
                        known.remove(at);
                    }
                });
                put(FaultAt.engine(Fault.COOLANT_ENTRY), Known.present(HowKnown.SEEN, "head cracked under pressure"));
            }
        }

        /**
         * What ages on all cylinders together: there where most of them show it, not there where enough of them do not. What
         * is of the engine is then not held against each cylinder as well.
         */
        private void together(Fault fault) {
            List<Known> each = all.stream().map(c -> here(fault, c)).toList();
            shared(fault, each);
            if (known.getOrDefault(FaultAt.engine(fault), Known.NOTHING).shown()) {
                all.forEach(c -> known.remove(FaultAt.of(fault, List.of(c))));
            }
        }

        private void shared(Fault fault, List<Known> each) {
            long shown = each.stream().filter(Known::shown).count();
            long not = each.stream().filter(Known::ruledOut).count();
            int n = all.size();
            if (n > 1 && shown >= Math.max(2, MOST_OF_THEM * n)) {
                put(
                        FaultAt.engine(fault),
                        Known.present(HowKnown.SEEN, first(each, true) + " on " + shown + " of " + n));
            } else if (not > (1 - MOST_OF_THEM) * n) {
                put(FaultAt.engine(fault), Known.absent(HowKnown.SEEN, first(each, false) + " on " + not + " of " + n));
            }
        }

        private static String first(List<Known> each, boolean present) {
            return each.stream()
                    .filter(k -> present ? k.shown() : k.ruledOut())
                    .findFirst()
                    .orElseThrow()
                    .because();
        }

        /** Even wear is worn rings or bores, nearly everywhere; what all share is then not held against one cylinder. */
        private void evenWear() {
            List<Known> each = new ArrayList<>();
            for (CylinderNumber c : all) {
                CylinderFound here = found.cylinders().get(c.value());
                each.add(here == null ? Known.NOTHING : worn(here, c));
            }
            shared(Fault.EVEN_WEAR, each);
            if (known.getOrDefault(FaultAt.engine(Fault.EVEN_WEAR), Known.NOTHING)
                    .shown()) {
                for (int i = 0; i < all.size(); i++) {
                    boolean ownFault =
                            isOwnFault(found.cylinders().get(all.get(i).value()));
                    if (each.get(i).shown() && !ownFault) {
                        known.remove(FaultAt.of(Fault.RING_SEAL, List.of(all.get(i))));
                    }
                }
            }
        }

        private Known worn(CylinderFound here, CylinderNumber c) {
            FoundRules.Seen seen = new FoundRules.Seen(here, found);
            if (seen.wornOut().orElse(false)) {
                return Known.present(HowKnown.MEASURED, "bore or ring gaps beyond their limit");
            }
            if (here.is(CylinderFound.RingsFound.WORN)) {
                return Known.present(HowKnown.SEEN, "rings worn");
            }
            Known rings = here(Fault.RING_SEAL, c);
            return rings.ruledOut() ? rings : Known.NOTHING;
        }

        private static boolean isOwnFault(CylinderFound here) {
            return here.is(CylinderFound.RingsFound.STUCK) || here.is(CylinderFound.BoreFound.SCORED);
        }

        private void ofEngine() {
            EngineFound e = found.engine();
            seen(Fault.VENTILATION, e.ventilation(), VentilationFound.BLOCKED);
            seen(Fault.TURBO_SEAL, e.turbo(), TurboFound.OIL_PAST_SEAL);
            seen(Fault.OUTSIDE_LEAK, e.outside(), OutsideFound.LEAKING);
            if (engine.hasWetExhaust()) {
                seen(Fault.EXHAUST_WATER, e.riser(), RiserFound.LETS_WATER_BACK);
            }
            seen(Fault.CAM_TIMING, e.timing(), TimingFound.OFF);
            if (engine.cycle() == Cycle.TWO_STROKE) {
                seen(Fault.CRANKCASE_AIR, e.crankSeals(), CrankSeals.LEAKING);
            }
            seen(Fault.POROUS_CASTING, e.casting(), Casting.POROUS);
            bearings(e);
            e.repair().forEach((fault, said) -> {
                FaultAt at = FaultAt.engine(fault);
                if (!known.containsKey(at)) {
                    put(at, FoundRules.mended(said));
                }
            });
        }

        /** Bearings and pump are one suspect; a sound pump alone does not clear the bearings. */
        private void bearings(EngineFound e) {
            Optional<BearingsFound> b = e.bearings();
            Optional<OilPump> pump = e.oilPump();
            if (b.filter(x -> x != BearingsFound.SOUND).isPresent()) {
                put(
                        FaultAt.engine(Fault.BEARINGS),
                        Known.present(HowKnown.SEEN, "bearings " + b.get().words()));
            } else if (EngineFound.is(pump, OilPump.WORN)) {
                put(FaultAt.engine(Fault.BEARINGS), Known.present(HowKnown.SEEN, "oil pump worn"));
            } else if (b.isPresent() && pump.isPresent()) {
                put(FaultAt.engine(Fault.BEARINGS), Known.absent(HowKnown.SEEN, "bearings and oil pump sound"));
            }
        }

        private <E extends Enum<E> & Labelled> void seen(Fault fault, Optional<E> what, E bad) {
            what.ifPresent(w -> put(
                    FaultAt.engine(fault),
                    w == bad
                            ? Known.present(HowKnown.SEEN, fault.words() + ": " + w.words())
                            : Known.absent(HowKnown.SEEN, fault.words() + ": " + w.words())));
        }
    }
}
