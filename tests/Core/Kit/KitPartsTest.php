<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\PartInspection;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Contents;
use Spindle\Kit\EarlyOrder;
use Spindle\Kit\KitAdvice;
use Spindle\Kit\KitPart;
use Spindle\Kit\Price;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Sheet\JobSheet;

/** A sheet with a kit of which the box is known. */
function partsSheet(array $vehicle, array $readings = [], array $kit = []): JobSheet
{
    return sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', ...array_diff_key($vehicle, ['read' => 1])],
        'readings' => (object) $readings,
        'kit' => ['name' => 'Kit', 'clamp_load' => '6 kN', 'contents' => 'Disc, cover, release bearing', ...$kit],
    ]));
}

/** @return array<string, PartNeed> by part */
function needs(JobSheet $sheet): array
{
    return array_column(array_map(static fn (PartNeed $n): array => [$n->part->value, $n], PartNeed::of($sheet)), 1, 0);
}

it('reads what is in a box as suppliers write it', function (string $text, array $expected) {
    expect(array_map(static fn (KitPart $p): string => $p->value, Contents::said($text)))->toBe($expected);
})->with([
    ['Disc, cover, release bearing, alignment tool', ['disc', 'cover', 'bearing', 'alignment_tool']],
    ['clutch disc; pressure plate; concentric slave cylinder', ['cover', 'concentric_slave']],
    ['Disc + cover + six cover bolts', ['disc', 'cover', 'cover_bolts']],
    ['new flywheel, 8 flywheel bolts and pilot bearing', ['pilot', 'flywheel', 'flywheel_bolts']],
    ['rear main seal', ['crank_seal']],
    ['a leaflet', []],
    // What is named and not in the box.
    ['Disc and cover without release bearing', ['disc', 'cover']], ['Disc, cover; less bearing and bolts', ['disc', 'cover']],
    ['Disc, cover, release bearing sold separately', ['disc', 'cover']], ['Disc, cover (bearing not included)', ['disc', 'cover']],
    ['Disc, cover. Requires concentric slave cylinder and flywheel bolts', ['disc', 'cover']],
    ['Disc, cover, without bearing, alignment tool', ['disc', 'cover']],
    ['Without bolts. Disc, cover, bearing', ['disc', 'cover', 'bearing']],
    ['Disc, cover, no pilot bearing; alignment tool', ['disc', 'cover', 'alignment_tool']],
    ['Disc, cover, bearing; bearing not included', ['disc', 'cover']], ['DISC, COVER, EXCL. BEARING', ['disc', 'cover']],
    ['disc, cover, with release bearing', ['disc', 'cover', 'bearing']],
]);

it('says what a list names as not in the box, so that the reading can be corrected', function () {
    $of = static fn (array $kit): array => array_map(
        static fn (KitPart $p): string => $p->value, Contents::of(partsSheet(['actuation' => 'slave'], [], $kit)->values)->leftOut(),
    );

    expect($of(['contents' => 'Disc, cover without release bearing']))->toBe(['bearing'])
        ->and($of(['contents' => 'Disc, cover without release bearing', 'includes' => ['bearing']]))->toBe([])
        ->and($of(['contents' => 'Disc, cover']))->toBe([]);
});

it('asks of a vehicle what it has and nothing it has not', function (array $vehicle, array $needed, array $notNeeded) {
    $needs = needs(partsSheet($vehicle));
    foreach ($needed as $part) {
        expect($needs[$part]->whyNot)->toBe('', $part);
    }
    foreach ($notNeeded as $part) {
        expect($needs[$part]->whyNot)->not->toBe('', $part);
    }
})->with([
    'cable car' => [['actuation' => 'cable'], ['cable', 'fork', 'guide_sleeve', 'pilot'], ['fluid', 'pipe', 'concentric_slave',
        'clutch_brake']],
    'concentric van' => [['class' => 'van', 'actuation' => 'concentric'], ['concentric_slave', 'fluid'], ['fork', 'bearing', 'cable']],
    'no pilot' => [['actuation' => 'slave', 'pilot' => 'none'], ['slave_cylinder'], ['pilot', 'pilot_seal']],
    'twin truck' => [['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot', 'discs' => 'two'],
        ['clutch_brake', 'intermediate_plate', 'drive_pins', 'bearing_grease'], ['cable', 'filters', 'lock_tabs']],
    'tractor' => [['class' => 'tractor', 'actuation' => 'rod'], ['lock_tabs', 'lever_set', 'filters', 'crank_seal'], ['shaft_seal',
        'fluid']],
]);

it('wants bolts and dowels where the flywheel comes off', function () {
    $vehicle = ['actuation' => 'slave'];

    expect(needs(partsSheet($vehicle))['dowels']->whyNot)->toBe('the flywheel stays on')
        ->and(needs(partsSheet($vehicle, ['flywheel.machined' => '0.4 mm']))['dowels']->whyNot)->toBe('')
        ->and(needs(partsSheet($vehicle, ['flywheel.conditions' => ['heat_spots']]))['flywheel_bolts']->whyNot)->toBe('');
});

it('leaves nothing open, and names what is', function () {
    $open = Assessment::of(partsSheet(['actuation' => 'cable']))->find('parts.open');
    expect($open?->verdict)->toBe(Verdict::Unmeasured)
        ->and($open?->missing)->toContain('parts.cable', 'parts.pilot')
        ->and($open?->missing)->not->toContain('parts.disc', 'parts.fluid');
    $readings = [];
    foreach ($open?->missing ?? [] as $key) {
        $readings += [$key => 'ordered', "{$key}_order" => 'by telephone, 4711'];
    }
    // An ordered flywheel takes its bolts and dowels with it.
    expect(Assessment::of(partsSheet(['actuation' => 'cable'], $readings))->find('parts.open')?->missing)
        ->toBe(['parts.flywheel_bolts', 'parts.dowels']);
    // A word orders nothing.
    $readings += ['parts.flywheel_bolts' => 'ordered', 'parts.dowels' => 'shelf'];
    $said = Assessment::of(partsSheet(['actuation' => 'cable'], $readings))->find('parts.open');
    expect($said?->verdict)->toBe(Verdict::Unmeasured)->and($said?->missing)->toBe(['parts.flywheel_bolts_order'])
        ->and($said?->say(metric()))->toContain('no order shows it: flywheel bolts');
    $readings['parts.flywheel_bolts_order'] = 'by telephone, 4711';
    expect(Assessment::of(partsSheet(['actuation' => 'cable'], $readings))->find('parts.open')?->verdict)->toBe(Verdict::Within)
        // "Not needed" wants a reason.
        ->and(Assessment::of(partsSheet(['actuation' => 'cable'], [...$readings,
            'parts.cable' => 'not_applicable']))->find('parts.open')?->missing)
        ->toBe(['parts.cable_why'])
        ->and(Assessment::of(partsSheet(['actuation' => 'cable'], [...$readings, 'parts.cable' => 'not_applicable',
            'parts.cable_why' => 'new last year']))->find('parts.open')?->verdict)->toBe(Verdict::Within);
});

it('asks where every part comes from as soon as a kit is chosen', function () {
    $sheet = sheetOfJson('{"format":"jade-spindle/job-sheet","version":1,"kit":{"name":"K","clamp_load":"6 kN"}}');

    expect(Assessment::of($sheet)->find('parts.open')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(Assessment::of(sheetOfJson('{"format":"jade-spindle/job-sheet","version":1}'))->find('parts.open'))->toBeNull();
});

it('lets nothing be used again that inspection rejects or nobody looked at', function () {
    $of = static fn (array $readings): ?Verdict => Assessment::of(partsSheet(['actuation' => 'slave'], $readings))
        ->find('parts.'.explode('.', array_key_first($readings))[1])?->verdict;

    expect($of(['parts.fork' => 'reused', 'fork.conditions' => ['cracked']]))->toBe(Verdict::Out)
        ->and($of(['parts.fork' => 'reused']))->toBe(Verdict::Unmeasured)
        ->and($of(['parts.fork' => 'reused', 'fork.conditions' => ['none']]))->toBeNull()
        ->and($of(['parts.crank_seal' => 'reused', 'seals.conditions' => ['rear_wet']]))->toBe(Verdict::Out)
        ->and($of(['parts.crank_seal' => 'reused', 'seals.conditions' => ['shaft_wet']]))->toBeNull();
});

it('proposes what inspection says', function () {
    $sheet = partsSheet(['actuation' => 'concentric'], ['seals.conditions' => ['rear_wet'], 'pilot.conditions' => ['none']]);
    $findings = Assessment::of($sheet)->findings;
    $proposed = static fn (KitPart $p): ?string => PartInspection::of($p, $sheet, $findings)->proposal()?->value;

    expect($proposed(KitPart::CrankSeal))->toBe('ordered')
        ->and($proposed(KitPart::ShaftSeal))->toBe('reused')
        ->and($proposed(KitPart::ConcentricSlave))->toBe('ordered')
        ->and($proposed(KitPart::Pilot))->toBe('reused')
        ->and($proposed(KitPart::Flywheel))->toBeNull();
});

it('reads a price as a number or not at all', function (string $written, ?float $amount) {
    expect(Price::of(partsSheet([], [], ['price' => $written])->values)?->amount)->toBe($amount);
})->with([['148.00', 148.0], ['148,50', 148.5], ['on request', null], ['', null], ['1e9', null], ['-5', null]]);

it('weighs ordering early against waiting', function () {
    // By hand: 90 % sure, 80 to send back, 3 days at 60 a day: 8 against 162.
    $early = new EarlyOrder(0.9, 80.0, 3.0, 60.0);

    expect($early->now())->toEqualWithDelta(8.0, 1e-9)->and($early->later())->toEqualWithDelta(162.0, 1e-9)
        ->and($early->isNowCheaper())->toBeTrue()
        ->and((new EarlyOrder(0.2, 400.0, 1.0, 30.0))->isNowCheaper())->toBeFalse();
});

it('says what is worth saying of a kit where it applies', function () {
    $said = static fn (array $readings, array $kit, array $more = []): string => plain(implode(' ', array_map(
        static fn (Said $one): string => $one->in(metric()),
        KitAdvice::of($sheet = partsSheet(['actuation' => 'slave', ...$more], $readings, $kit), $sheet->values),
    )));

    expect($said(['cover.clamp_load_new' => '4.5 kN'], []))->toContain('fork and pivot')
        ->and($said(['cover.clamp_load_new' => '4.7 kN'], []))->not->toContain('fork')
        ->and($said(['match.release_load' => '1.0 kN'], ['release_load' => '1.22 kN']))->toContain('+22 %')
        ->and($said(['match.flywheel_mass' => '9 kg'], ['flywheel_mass' => '6 kg']))->toContain('rattle at idle')
        ->and($said(['match.disc_mass' => '1.0 kg'], ['disc_mass' => '1.3 kg', 'lining_outer' => '240 mm', 'lining_inner' => '160 mm']))
        ->toContain('shifts slower');
});

// ½ · 1.3 kg · (0.12² + 0.08²) m² = 0.01352 kg·m². Source: moment of inertia of an annular disc, any textbook of mechanics.
it('knows the inertia of a disc', function () {
    expect(KitAdvice::inertia(Mass::kg(1.3), Length::mm(240), Length::mm(160))->value)->toEqualWithDelta(0.01352, 1e-9);
});

it('lets a correction of what is in the box stand above the reading of its words', function () {
    $of = static fn (array $kit): Contents => Contents::of(partsSheet(['actuation' => 'slave'], [], $kit)->values);
    $corrected = $of(['contents' => 'Disc, cover, release bearing', 'includes' => ['disc', 'cover', 'alignment_tool'],
        'left_out' => ['bearing']]);

    expect(array_column($corrected->parts, 'value'))->toBe(['disc', 'cover', 'alignment_tool'])
        ->and(array_column($corrected->leftOut(), 'value'))->toBe(['bearing'])
        ->and($of(['contents' => 'Disc, cover, release bearing'])->has(KitPart::Bearing))->toBeTrue();
});

it('reads what a supplier lists a kit for, and never lets it decide', function (array $vehicle, array $kit, ?Verdict $expected) {
    $sheet = partsSheet($vehicle, isset($vehicle['read']) ? ['match.part_number' => $vehicle['read']] : [], $kit);
    $found = Assessment::ofKit($sheet, $sheet->values)->find('kit.listed')?->verdict;

    expect($found)->toBe($expected);
})->with([
    'number, written otherwise' => [['read' => 'LX 24.180-3'], ['original_numbers' => 'AA1; LX241803'], Verdict::Within],
    'another number' => [['read' => 'LX241804'], ['original_numbers' => 'AA1, LX241803'], Verdict::Near],
    'a stump of a number' => [['read' => 'LX2'], ['original_numbers' => 'LX2'], Verdict::Near],
    'model' => [['name' => 'Ostrel Wend 1.4'], ['vehicles' => 'Ostrel Sill 1.6; Ostrel Wend 1.2, 1.4 hatchback'], Verdict::Within],
    'words of two entries' => [['name' => 'Ostrel Wend 1.4'], ['vehicles' => 'Ostrel Wend 1.6; Ostrel Sill 1.4'], Verdict::Near],
    'nothing listed' => [['name' => 'Ostrel Wend 1.4'], [], Verdict::NotApplicable],
    'nothing to look up' => [[], ['vehicles' => 'Ostrel Wend'], Verdict::NotApplicable],
]);
