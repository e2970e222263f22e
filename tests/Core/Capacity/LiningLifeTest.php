<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Capacity\LiningLife;
use Spindle\Capacity\Material;
use Spindle\Capacity\ShopWear;
use Spindle\Demand\Duty;
use Spindle\Quantity\Energy;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetReader;

/* Worn volume over heat, worked by hand; wear for each MJ and starts a kilometre from memory. */

/** @param  array<string, mixed>  $more */
function aging(array $more = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'], 'duty' => 'town',
        'engine' => ['peak_torque' => '210 N·m'], 'launch' => ['vehicle_mass' => '1500 kg', 'rolling_radius' => '300 mm', 'ratio' => 14,
            'engine_speed' => '1500 rpm', 'load_torque' => '20 N·m']], $more)));
}

/** @param  array<string, mixed>  $more */
function agingKit(array $more = []): FieldValues
{
    return (new SheetReader(Subjects::dictionary()))->kit((object) array_filter(['name' => 'K', 'lining_outer' => '228 mm',
        'lining_inner' => '150 mm', 'material' => 'organic', 'clamp_load' => '6 kN', 'usable_per_side' => '1.1 mm', ...$more],
        static fn (mixed $v): bool => $v !== null));
}

it('works the life of a lining through by hand', function () {
    // I = 1500 · 0.3² ÷ 14² = 0.68878 kg·m², ω = 157.080 rad/s; E = ½ I ω² · 210 ÷ 190 = 9392 J.
    // V = 2 · π/4 · (228² − 150²) · 1.1 = 50 946 mm³; L = 50 946 ÷ (9 · 0.009392 · 2) = 301 357 km.
    $life = LiningLife::of(aging(), agingKit());

    expect($life)->toBeInstanceOf(LiningLife::class)->and($life->life)->toEqualWithDelta(301_357, 300)
        ->and($life->isByHours)->toBeFalse()
        // 600 for 301 357 km is 19.91 for 10 000 km.
        ->and($life->costToDrive(600.0))->toEqualWithDelta(19.91, 0.02)
        // From memory it may be half or twice as much in eight of ten cases.
        ->and($life->range[0])->toEqualWithDelta($life->life / 2, 1)->and($life->range[1])->toEqualWithDelta($life->life * 2, 1)
        ->and($life->costRange(600.0)[0])->toEqualWithDelta(9.955, 0.01)->and($life->costRange(600.0)[1])->toEqualWithDelta(39.82, 0.04)
        ->and($life->jobs)->toBe(0);
});

it('counts field work by the hour', function () {
    $life = LiningLife::of(aging(['vehicle' => ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'single'], 'duty' => 'field']),
        agingKit());

    expect($life->isByHours)->toBeTrue()->and($life->life)->toEqualWithDelta(301_357 * 2 / 15, 60);
});

it('lasts longer with more to wear, and shorter with more heat, more starts and a softer lining', function () {
    $after = static fn (float $volume, Material $m, float $joule, Duty $d): float => LiningLife::after(
        $volume, LiningLife::builtIn($m), Energy::J($joule), LiningLife::starts($d),
    );
    $plain = $after(50_000, Material::Organic, 9000, Duty::Town);

    expect($after(75_000, Material::Organic, 9000, Duty::Town))->toEqualWithDelta(1.5 * $plain, 1e-6)
        ->and($after(50_000, Material::Organic, 18_000, Duty::Town))->toEqualWithDelta($plain / 2, 1e-6)
        ->and($after(50_000, Material::Organic, 9000, Duty::Delivery))->toBeLessThan($plain)
        ->and($after(50_000, Material::Aramid, 9000, Duty::Town))->toBeGreaterThan($plain)
        ->and($after(50_000, Material::SinteredBronze, 9000, Duty::Town))->toBeLessThan($plain);
    foreach (Material::cases() as $material) {
        foreach (Duty::cases() as $duty) {
            expect($after(50_000, $material, 9000, $duty))->toBeGreaterThan(0.0);
        }
    }
});

it('gives no figure where something is missing, and says what', function (array $sheet, array $kit, string $missing) {
    expect(LiningLife::of(aging($sheet), agingKit($kit)))->toBeArray()->toContain($missing);
})->with([
    [[], ['usable_per_side' => null], 'kit.usable_per_side'], [[], ['material' => null], 'kit.material'],
    [['launch' => ['vehicle_mass' => null]], [], 'launch.vehicle_mass'], [['duty' => null], [], 'duty'],
    [['launch' => ['load_torque' => null]], [], 'launch.load_torque'],
]);

it('takes no page with it where the figures of a kit contradict each other', function () {
    $odd = FieldValues::ofBase(Subjects::dictionary(), [
        'kit.name' => 'odd', 'kit.lining_outer' => 100.0, 'kit.lining_inner' => 200.0, 'kit.material' => 'organic',
        'kit.usable_per_side' => 1.0,
    ]);

    expect(LiningLife::of(aging(), $odd))->toBe(['kit.lining_outer', 'kit.lining_inner']);
});

it('compares two linings in the same duty', function () {
    expect(LiningLife::of(aging(), agingKit(['usable_per_side' => '1.43 mm']))->longerThan(LiningLife::of(aging(), agingKit())))
        ->toEqualWithDelta(0.3, 1e-9);
});

it('makes the life of a lining of what the shop saw, with how much of it is its own', function () {
    $wear = json_decode((string) json_encode(ShopWear::sum(array_fill(0, 15, [Material::Organic, Duty::Town, 18.0]))));
    $life = LiningLife::of(aging()->knowing(ShopWear::NAME, $wear), agingKit());
    $before = LiningLife::of(aging(), agingKit());

    expect($life->jobs)->toBe(15)->and($life->life)->toEqualWithDelta($before->life / 2 ** 0.75, 1.0);
});
