<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Upshot;
use Spindle\Capacity\Material;
use Spindle\Capacity\ShopWear;
use Spindle\Demand\Duty;
use Spindle\Sheet\SheetError;
use Spindle\Triage\Causes;

/* Wear told by an opened clutch, by hand; how it is counted with the built-in figure: mean and variance of two samples together. */

/**
 * @param  array<string, mixed>  $readings
 * @param  array<string, mixed>  $more
 */
function wornOut(array $readings = [], array $more = []): Upshot
{
    $sheet = sheetOfJson((string) json_encode(array_replace_recursive(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'], 'duty' => 'town',
        'engine' => ['peak_torque' => '210 N·m'], 'launch' => ['vehicle_mass' => '1500 kg', 'rolling_radius' => '300 mm', 'ratio' => 14,
            'engine_speed' => '1500 rpm', 'load_torque' => '20 N·m'],
        'readings' => [
            'disc.material' => 'organic', 'disc.lining_outer' => '228 mm', 'disc.lining_inner' => '150 mm',
            'disc.thickness_new' => '8.4 mm', 'disc.thickness' => ['7.0 mm', '7.0 mm', '7.0 mm'],
            'distance_since_fitted' => '120000 km', ...$readings,
        ]], $more)));

    return Upshot::of($sheet, Assessment::of($sheet));
}

it('tells how a lining wore by what is gone and how often it was started', function () {
    // E = 9392 J (worked in the life of a lining); V = π/4 · (228² − 150²) · 1.4 = 32 420 mm³; k = 32 420 ÷ (0.009392 · 2 · 120 000).
    $seen = wornOut()->wear();

    expect($seen?->material)->toBe(Material::Organic)->and($seen?->duty)->toBe(Duty::Town)
        ->and($seen?->k)->toEqualWithDelta(14.38, 0.03);
});

it('says nothing where anything is missing, or where it did not simply wear', function (array $readings, array $more) {
    expect(wornOut($readings, $more)->wear())->toBeNull();
})->with([
    [['disc.material' => null], []], [['disc.lining_outer' => null], []], [['disc.lining_inner' => '240 mm'], []],
    [['disc.thickness' => ['8.4 mm']], []], [[], ['duty' => null]], [['distance_since_fitted' => null], []],
    [[], ['launch' => ['vehicle_mass' => null]]], [['why.causes' => ['lining_worn', 'oil_on_lining']], []],
]);

it('lets the shop’s jobs weigh against the built-in figure as five', function () {
    $wear = ShopWear::read((object) ['organic' => (object) ['town' => (object) ['jobs' => 15, 'k' => 18.0, 'spread' => 0.0]]]);
    [$k, $least, $most] = $wear->wear(Material::Organic, Duty::Town, 9.0);

    // 5 at ln 9 and 15 at ln 18: ln k = ln 9 + 0.75 · ln 2.
    expect($k)->toEqualWithDelta(9.0 * 2 ** 0.75, 1e-9)->and($least)->toBeLessThan($k)->and($most)->toBeGreaterThan($k)
        ->and($wear->jobs(Material::Organic, Duty::Town))->toBe(15)->and($wear->jobs(Material::Aramid, Duty::Town))->toBe(0)
        ->and($wear->wear(Material::Aramid, Duty::Town, 5.0)[1])->toEqualWithDelta(2.5, 1e-9);
    // Hundreds of jobs that agree leave hardly a doubt.
    $sure = ShopWear::read((object) ['organic' => (object) ['town' => (object) ['jobs' => 2000, 'k' => 9.0]]]);
    expect($sure->wear(Material::Organic, Duty::Town, 9.0)[2])->toBeLessThan(9.0 * 1.05);
});

it('sums jobs up, and is read again as it was', function () {
    $sum = ShopWear::sum([
        [Material::Organic, Duty::Town, 8.0], [Material::Organic, Duty::Town, 18.0], [Material::Aramid, Duty::Delivery, 4.0],
    ]);

    expect($sum['organic']['town'])->toBe(['jobs' => 2, 'k' => 12.0, 'spread' => round(log(1.5), 4)])
        ->and($sum['aramid']['delivery']['jobs'])->toBe(1)
        ->and(ShopWear::read(json_decode((string) json_encode($sum)))->jobs(Material::Organic, Duty::Town))->toBe(2);
});

it('refuses a table that cannot be, with the place', function (array $given, string $place) {
    $read = static fn () => ShopWear::read(json_decode((string) json_encode($given)));

    expect($read)->toThrow(SheetError::class, $place);
})->with([
    [['cheese' => ['town' => ['jobs' => 1, 'k' => 1]]], 'wear.cheese'],
    [['organic' => ['moon' => ['jobs' => 1, 'k' => 1]]], 'wear.organic.moon'],
    [['organic' => ['town' => ['jobs' => 1, 'k' => -1]]], 'wear.organic.town.k'],
    [['organic' => ['town' => ['k' => 1]]], 'wear.organic.town.jobs'],
]);

it('leaves out every cause that makes a lining slip without a start, each by its name in the table of causes', function () {
    foreach (['oil_on_lining', 'glazed', 'springs_weak', 'engine_beyond', 'held_off', 'flywheel_spots'] as $cause) {
        expect(Causes::all())->toHaveKey($cause)->and(wornOut(['why.causes' => [$cause]])->wear())->toBeNull();
    }
    expect(wornOut(['why.causes' => ['lining_worn', 'disc_bent']])->wear())->not->toBeNull();
});
