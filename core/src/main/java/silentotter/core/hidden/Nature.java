package silentotter.core.hidden;

import silentotter.core.fault.EngineKind;

/**
 * How one engine and the people who test it really are. Drawn for each engine; the diagnosis knows none of it.
 *
 * @param ringShare leak past rings while cranking over that at rest
 * @param valveShare the same of valves
 * @param scatter of both from cylinder to cylinder, ln
 * @param pressurePower how leak areas grow with pressure
 * @param ear how far this ear is off, ln of the flow
 * @param dirty how readily plugs look worse than they are
 * @param blowby litres a minute for each mm² of ring leak at rest
 * @param oilScale how thirsty engines of this make are by nature
 * @param tester the tester's orifice over what it is said to be
 */
record Nature(
        double level,
        double ringShare,
        double valveShare,
        double scatter,
        double pressurePower,
        double wallC,
        double closing,
        double hose,
        double gauge,
        double ear,
        double dirty,
        double blowby,
        double oilScale,
        double tester) {
    static Nature of(Draw d, EngineKind kind, boolean calibrated) {
        return new Nature(
                d.about(1, .09),
                d.about(.85, .28),
                d.about(1.0, .2),
                d.between(.1, .3),
                d.between(0, .25),
                d.between(-10, 40),
                d.between(-14, 14),
                d.between(.5, 4),
                d.between(8, 28),
                .35 * d.normal(),
                d.between(0, 1),
                (kind == EngineKind.DIESEL ? 7 : 2.6) * d.about(1, .4),
                d.about(1, .35),
                d.about(1, calibrated ? .03 : .13));
    }
}
