// Checks the core against mathjs, a general mathematics package with a unit system and an integrator of its own.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import test from 'node:test';
import { fileURLToPath } from 'node:url';
import { all, create } from 'mathjs';

const math = create(all);
const core = JSON.parse(execFileSync('php', [fileURLToPath(new URL('dump.php', import.meta.url))], { encoding: 'utf8' }));
math.createUnit('metrichorsepower', '735.49875 W'); // 75 kgf m/s by definition; mathjs has only the mechanical one

// Our symbol in mathjs's words. Every unit must be here: a new one without a check fails below.
const words = {
    mm: 'mm', in: 'inch', thou: 'mil', cm: 'cm', m: 'm', 'µm': 'um', ft: 'ft',
    'N·m': 'N m', 'lbf·ft': 'lbf ft', 'lbf·in': 'lbf inch', 'kgf·m': 'kgf m', 'daN·m': 'daN m',
    N: 'N', kN: 'kN', daN: 'daN', lbf: 'lbf', kgf: 'kgf',
    kPa: 'kPa', Pa: 'Pa', MPa: 'MPa', bar: 'bar', psi: 'psi',
    W: 'W', kW: 'kW', hp: 'hp', PS: 'metrichorsepower',
    rpm: 'cycle/minute', 'rad/s': 'rad/s',
    kg: 'kg', g: 'g', t: 'tonne', lb: 'lbm',
    J: 'J', kJ: 'kJ',
    turn: 'cycle', '°': 'deg', rad: 'rad',
    km: 'km', mi: 'mile', h: 'hour', min: 'minute', s: 's',
    '': '', '%': '%',
    'N/mm': 'N/mm', 'kgf/mm': 'kgf/mm', 'lbf/in': 'lbf/inch',
    'mm²': 'mm^2', 'cm²': 'cm^2', 'mm³': 'mm^3', 'kg·m²': 'kg m^2', 'J/cm²': 'J/cm^2', K: 'K',
};

const near = (a, b, relative, what) => assert.ok(Math.abs(a - b) <= relative * Math.max(1e-12, Math.abs(b)), `${what}: ${a} against ${b}`);

for (const unit of core.units) {
    test(`12.5 ${unit.symbol || '(plain)'} in ${unit.base || '(plain)'}`, () => {
        assert.ok(unit.symbol in words, `no independent check for ${unit.symbol}`);
        if (unit.dimension === 'Ratio') {
            near(unit.value, unit.symbol === '%' ? math.evaluate('12.5%') : 12.5, 1e-12, unit.symbol);
            return;
        }
        const expected = math.unit(12.5, words[unit.symbol]).toNumber(words[unit.base]);
        near(unit.value, expected, 1e-9, unit.symbol);
    });
}

test('the torque of a disc, even pressure, equals twice the integral of 2πμp r² dr', () => {
    const [ro, ri, f, mu] = [0.12, 0.08, 6200, 0.28];
    const p = f / (math.pi * (ro ** 2 - ri ** 2));
    near(core.capacity.new, 2 * integrate((r) => 2 * math.pi * mu * p * r ** 2, ri, ro), 1e-6, 'new');
});

test('the torque of a disc, even wear, equals twice the integral with p r constant', () => {
    const [ro, ri, f, mu] = [0.12, 0.08, 6200, 0.28];
    const pr = f / (2 * math.pi * (ro - ri));
    near(core.capacity.runIn, 2 * integrate((r) => 2 * math.pi * mu * (pr / r) * r ** 2, ri, ro), 1e-6, 'run in');
});

test('offset and direction of a swept housing equal the least squares of the independent package', () => {
    const readings = [0.31, 0.42, 0.38, 0.19, 0.05, -0.03, 0.02, 0.17];
    const a = math.matrix(readings.map((_, i) => [1, Math.cos((2 * Math.PI * i) / 8), Math.sin((2 * Math.PI * i) / 8)]));
    const [, [c], [s]] = math.multiply(math.pinv(a), math.matrix(readings.map((r) => [r]))).toArray();
    near(core.sweep[0], math.hypot(c, s), 1e-9, 'offset');
    near(core.sweep[1], ((math.atan2(s, c) + 2 * Math.PI) % (2 * Math.PI)) / (2 * Math.PI) * 12, 1e-9, 'direction');
});

test('quartiles equal those of the independent package', () => {
    const values = [33.5, 12.1, 48.0, 21.7, 30.2, 30.3, 19.9];
    math.quantileSeq(values, [0.25, 0.5, 0.75]).forEach((expected, i) => near(core.quartiles[i], expected, 1e-12, `quarter ${i + 1}`));
});

test('ends of a network equal the powers of its matrix in the algebra of longest ways', () => {
    const hours = { a: 3.5, b: 2.0, c: 4.25, d: 1.0, e: 5.0, f: 0.5 };
    const after = { c: ['a', 'b'], d: ['a'], e: ['b', 'd'], f: ['c', 'e'] };
    const names = Object.keys(hours);
    const weight = names.map((to) => names.map((from) => ((after[to] ?? []).includes(from) ? hours[to] : -Infinity)));
    let ends = names.map((n) => hours[n]);
    // As often as there are tasks: no way is longer.
    names.forEach(() => {
        ends = names.map((n, i) => Math.max(hours[n], ...names.map((_, j) => ends[j] + weight[i][j])));
    });
    names.forEach((n, i) => near(core.network[n], ends[i], 1e-12, n));
});

test('torque from power and speed', () => {
    const expected = math.evaluate('110 kW / (1250 * 2 * pi / (60 s))').toNumber('N m');
    near(core.torque, expected, 1e-9, 'torque');
});

function integrate(f, from, to) {
    const run = math.solveODE((x) => [f(x)], [from, to], [0], { tol: 1e-10 });
    return run.y[run.y.length - 1][0];
}
