// Two hundred practice vehicles: what the core says of their hidden sizes against the same worked out anew with mathjs, from the
// chain of ratios and the friction of two faces as a textbook of machine elements has them (from memory).
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import test from 'node:test';
import { fileURLToPath } from 'node:url';
import { all, create } from 'mathjs';

const math = create(all);
const vehicles = JSON.parse(execFileSync('php', [fileURLToPath(new URL('dump-practice.php', import.meta.url))], {
    encoding: 'utf8', maxBuffer: 32e6,
}));

const word = { Nm: 'N m', 'N·m': 'N m' };
const si = (written, unit) => {
    const [number, ...rest] = String(written).split(' ');
    return math.unit(Number(number), word[rest.join(' ')] ?? (rest.join(' ') || unit)).toNumber(unit);
};
const mm = (written) => si(written, 'mm');
const near = (a, b, within, what) => assert.ok(Math.abs(a - b) <= within, `${what}: ${a} against ${b}`);
const area = (bore) => (math.pi * mm(bore) ** 2) / 4;

// Of what the foot moves, how much the bearing does.
const padToBearing = (release) => {
    const hydraulic = release.master_bore !== undefined;
    const slave = release.slave_bore !== undefined ? area(release.slave_bore)
        : hydraulic ? area(release.slave_outer) - area(release.slave_inner) : 0;
    const between = hydraulic ? area(release.master_bore) / slave : 1 / release.linkage_ratio;
    return between / release.pedal_ratio / (release.fork_ratio ?? 1);
};

const chain = (release, play, discs) => {
    const ratio = padToBearing(release);
    const clearance = release.master_bore !== undefined && ! release.light_contact ? mm(release.clearance) : 0;
    const [travel, cushion] = [mm(release.pedal_travel), discs * mm(release.cushion)];
    const bearing = Math.max(0, Math.max(0, travel - play) * ratio - clearance);
    const lift = bearing / release.finger_ratio;
    const gap = Math.max(0, lift - cushion);
    const takeUp = play + (release.finger_ratio * cushion + clearance) / ratio;
    return { bearing, lift, gap, face: gap / (2 * discs), takeUp: 100 * (1 - takeUp / travel) };
};

test('there are two hundred, and each kind of build is among them', () => {
    assert.equal(vehicles.length, 200);
    assert.equal(new Set(vehicles.map((v) => v.build)).size, 6);
    // No two of a build are worn alike.
    const worn = vehicles.map((v) => `${v.build} ${v.readings['disc.thickness'].join()}`);
    assert.ok(new Set(worn).size > 180, `${new Set(worn).size} different`);
});

test('wear of the old lining is what it has lost, of what it may lose', () => {
    for (const { code, readings, figures } of vehicles) {
        const lost = mm(readings['disc.thickness_new']) - Math.min(...readings['disc.thickness'].map(mm));
        near(figures['wear.used'].value, lost, 1e-9, `${code} lost`);
        near(figures['wear.percent'].value, (100 * lost) / (2 * mm(readings['disc.usable_per_side'])), 1e-6, `${code} share`);
    }
});

test('the right kit carries two faces a disc, friction, load and radius; the engine is the demand', () => {
    const friction = { organic: 0.3, organic_wire: 0.32, aramid: 0.31 };
    for (const { code, kit, engine, figures } of vehicles) {
        const [ro, ri, load] = [mm(kit.lining_outer) / 2000, mm(kit.lining_inner) / 2000, si(kit.clamp_load, 'N')];
        // Of two stages each has a disc and a load of its own.
        const faces = 2 * (kit.stages === 'two' ? 1 : kit.discs);
        const runIn = (faces * friction[kit.material] * load * (ro + ri)) / 2;
        const even = (faces * friction[kit.material] * load * (2 / 3) * (ro ** 3 - ri ** 3)) / (ro ** 2 - ri ** 2);
        near(figures['capacity.run_in'].value, runIn, 1e-6 * runIn, `${code} run in`);
        near(figures['capacity.new'].value, even, 1e-6 * even, `${code} new`);
        near(figures['demand.engine_torque'].value, si(engine.peak_torque, 'N m'), 1e-9, `${code} engine`);
        near(figures['capacity.margin'].value, runIn / si(engine.peak_torque, 'N m'), 1e-6, `${code} against slip`);
    }
});

test('travel, gap and take-up follow from pedal, cylinders or linkage, fork and fingers', () => {
    let known = 0;
    for (const { code, release, kit, figures } of vehicles) {
        if (figures['release.air_gap_face'] === undefined) {
            continue;
        }
        known += 1;
        const is = chain(release, mm(release.free_play), kit.stages === 'two' ? 1 : kit.discs);
        near(figures['release.bearing_travel'].value, is.bearing, 1e-6, `${code} bearing`);
        near(figures['release.lift'].value, is.lift, 1e-6, `${code} lift`);
        near(figures['release.air_gap'].value, is.gap, 1e-6, `${code} gap`);
        near(figures['release.air_gap_face'].value, is.face, 1e-6, `${code} gap of a face`);
        near(figures['release.take_up_percent'].value, is.takeUp, 1e-6, `${code} take-up`);
    }
    assert.ok(known > 100, `${known} chains`);
});

test('what was turned takes away so many times pedal ratio and pitch, and the gap grows by what the chain makes of it', () => {
    let set = 0;
    for (const { code, good, kit, set: is } of vehicles) {
        if (is === null) {
            continue;
        }
        set += 1;
        const perTurn = good.pedal_ratio * mm(good.rod_pitch);
        assert.ok(is.lies > mm(good.free_play), `${code} lies with ${is.lies} mm`);
        near(is.turned, Math.max(0, is.lies - 2 * perTurn), 0.006, `${code} turned`);
        const discs = kit.stages === 'two' ? 1 : kit.discs;
        const grown = chain(good, is.turned, discs).face - chain(good, mm(good.free_play), discs).face;
        near(is.gap, Math.max(0, 1 + grown), 0.006, `${code} gap`);
    }
    assert.ok(set > 60, `${set} with an adjuster`);
});
