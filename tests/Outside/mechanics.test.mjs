// Checks the core's mechanics and chances against mathjs: its units, its integrator of differential equations, its big numbers. What is
// compared is reached another way than the core goes: by volumes, by strain energy, by counting work, never by the same formula.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import test from 'node:test';
import { fileURLToPath } from 'node:url';
import { all, create } from 'mathjs';

const math = create(all);
const core = JSON.parse(execFileSync('php', [fileURLToPath(new URL('dump.php', import.meta.url))], { encoding: 'utf8' }));
const near = (a, b, relative, what) => assert.ok(Math.abs(a - b) <= relative * Math.max(1e-12, Math.abs(b)), `${what}: ${a} against ${b}`);

/** Where a rising function takes a value. */
function reached(f, wanted, low, high) {
    for (let i = 0; i < 200; i += 1) {
        const middle = (low + high) / 2;
        [low, high] = f(middle) < wanted ? [middle, high] : [low, middle];
    }
    return (low + high) / 2;
}

/** Simpson's rule. */
function integrate(f, from, to, steps = 400) {
    const h = (to - from) / steps;
    let sum = f(from) + f(to);
    for (let i = 1; i < steps; i += 1) {
        sum += (i % 2 === 1 ? 4 : 2) * f(from + i * h);
    }
    return (sum * h) / 3;
}

/* A hydraulic release by the oil that is pushed: every length with its unit. */
const mm = (x) => math.unit(x, 'mm');
const bore = (d) => math.multiply(math.pi / 4, math.pow(mm(d), 2));
const release = (pedal, loss = 0.04) => {
    const rod = math.divide(mm(Math.max(0, pedal - 8)), 6);
    const oil = math.multiply(math.multiply(rod, bore(15.87)), 1 - loss);
    const piston = math.divide(oil, bore(20.64)).toNumber('mm');
    const bearing = Math.max(0, piston / 1.9 - 1.5);
    const lift = Math.max(0, bearing / 3.1 - 0.1);
    return { bearing, lift, air: Math.max(0, lift - 2 * 0.6) / 4 };
};

test('bearing travel, lift and air equal those of the oil that the master pushes', () => {
    const floor = release(140);
    near(core.chain.bearing, floor.bearing, 1e-12, 'bearing');
    near(core.chain.lift, floor.lift, 1e-12, 'lift');
    near(core.chain.air, floor.air, 1e-12, 'air');
});

test('take-up and the stop for an air gap are where the way forwards comes to them', () => {
    near(core.chain.takeUp, reached((p) => release(p).lift, 1.2, 8, 300), 1e-9, 'take-up');
    const needed = release(reached((p) => release(p).air, 0.1, 8, 300)).bearing;
    near(core.chain.stopFor, reached((p) => release(p).bearing, 1.1 * needed, 8, 300), 1e-9, 'stop for 0.1 mm, with a tenth in hand');
});

test('pedal force and line pressure equal the work done over a small travel', () => {
    // Without lost stroke: what goes in at the pad comes out at the bearing, but for the efficiency.
    const step = 1e-3;
    const moved = (release(120 + step, 0).bearing - release(120, 0).bearing) / step;
    near(core.chain.force, (1800 * moved) / 0.85, 1e-6, 'force');
    const area = bore(20.64).toNumber('m^2');
    near(core.chain.pressure, math.unit(1800 / 1.9 / area, 'Pa').toNumber('bar'), 1e-12, 'pressure');
});

test('slip time and heat of a start equal the motion integrated step by step', () => {
    const wheel = 3500 * (0.33 / 16.5) ** 2;
    const engine = (1400 * 2 * Math.PI) / 60;
    const solution = math.solveODE((t, [omega]) => [(220 - 70) / wheel, 220 * (engine - omega)], [0, core.launch[0]], [0, 0], {
        method: 'RK45', tol: 1e-9,
    });
    const [omega, heat] = solution.y.at(-1);
    near(omega, engine, 1e-6, 'speed when it stops slipping');
    near(core.launch[1], heat, 1e-6, 'heat');
});

for (const spring of core.spring) {
    test(`a disc spring of ${spring.De} × ${spring.Di} × ${spring.t} presses as its strain energy rises`, () => {
        const [ro, ri, t] = [spring.De / 2, spring.Di / 2, spring.t];
        const modulus = 206000 / (1 - 0.3 ** 2);
        // It turns about the radius at which nothing is stretched; angles are small. Almen and László, 1936.
        const c = (ro - ri) / math.log(ro / ri);
        const cone = spring.h0 / (ro - ri);
        const energy = (s) => {
            const turned = s / (ro - ri);
            const strain = (r, z) => ((c - r) * turned * (cone - turned / 2) + z * turned) / r;
            return (modulus / 2) * integrate((r) => 2 * math.pi * r * integrate((z) => strain(r, z) ** 2, -t / 2, t / 2, 20), ri, ro);
        };
        const step = 1e-4;
        // The standard counts stretching and bending by one factor, which is right for a narrow ring and out by less than a hundredth here.
        near(spring.load, (energy(spring.s + step) - energy(spring.s - step)) / (2 * step), 0.01, 'load');
    });
}

// EN 16984 (once DIN 2093), loads at three quarters of the cone height, in N, from memory: sizes A 50, B 50 and B 40.
[12000, 4760, 2620].forEach((listed, i) => test(`the listed load of size ${i + 1} is met within two in a hundred`, () => {
    near(core.spring[i].load, listed, 0.02, 'load');
}));

test('the chances of causes equal those counted with big fractions', () => {
    const big = create(all, { number: 'BigNumber', precision: 60 });
    const weights = Object.entries(core.bayes.table).map(([id, factors]) => [id, factors.reduce(
        (product, f) => big.multiply(product, big.bignumber(String(f))), big.bignumber(1),
    )]);
    const sum = weights.reduce((total, [, w]) => big.add(total, w), big.bignumber(0));
    assert.ok(weights.length > 5 && core.bayes.known.length === 3);
    weights.forEach(([id, w]) => near(core.bayes.chances[id], big.number(big.divide(w, sum)), 1e-12, id));
    near(Object.values(core.bayes.chances).reduce((a, b) => a + b), 1, 1e-12, 'all of them');
});

test('a tenth, half and nine tenths of a task lie where the beta distribution has them behind it', () => {
    const [a, m, b] = [2, 3, 7];
    const [alpha, beta] = [1 + (4 * (m - a)) / (b - a), 1 + (4 * (b - m)) / (b - a)];
    const density = (x) => (x ** (alpha - 1) * (1 - x) ** (beta - 1) * math.gamma(alpha + beta)) / (math.gamma(alpha) * math.gamma(beta));
    const behind = (x) => integrate(density, 0, x, 400);
    [0.1, 0.5, 0.9].forEach((share, i) => near(core.promise.quantiles[i], a + (b - a) * reached(behind, share, 0.001, 0.999), 1e-4, share));
});

test('expected hours equal the middle of the beta distribution between shortest and longest', () => {
    const [a, m, b] = [2, 3, 7];
    const [alpha, beta] = [1 + (4 * (m - a)) / (b - a), 1 + (4 * (b - m)) / (b - a)];
    const density = (x) => x ** (alpha - 1) * (1 - x) ** (beta - 1);
    const mean = integrate((x) => x * density(x), 0, 1, 4000) / integrate(density, 0, 1, 4000);
    near(core.promise.expected, a + (b - a) * mean, 1e-4, 'hours');
});
