<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Offer\Accepted;
use Spindle\Offer\KnownPrices;
use Spindle\Offer\Offer;
use Spindle\Offer\OfferLine;
use Spindle\Planning\ThreePoint;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;

/* What a job is offered for, by hand beside each; prices are made up, hours those of the tasks from memory. */

function offered(array $readings = [], array $more = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'cable'],
        'kit' => ['name' => 'A 228', 'number' => 'A-1', 'price' => '200', 'currency' => 'EUR',
            'contents' => 'disc, cover, release bearing'],
        'labour' => ['rate' => 60], 'readings' => (object) $readings,
    ], $more)));
}

const NO_KIT = ['kit' => ['name' => null, 'number' => null, 'price' => null, 'currency' => null, 'contents' => null]];

/** @return array<string, float|null> amount by what it is for */
function linesOf(Offer $offer): array
{
    return array_combine(
        array_map(static fn (OfferLine $l): string => $l->what->in(new Display), $offer->lines),
        array_map(static fn (OfferLine $l): ?float => $l->amount === null ? null : round($l->amount, 2), $offer->lines),
    );
}

it('adds up kit, what the box lacks, hours at the rate, and tax', function () {
    // 14.4 hours at their expected 6.4 ÷ 6; pilot 12 and cover bolts 9 are not in the box, flywheel bolts 24 come with a flywheel that goes
    // to the machinist for 80.
    $hours = 14.4 * 6.4 / 6;
    $offer = Offer::of(offered(['offer.flywheel' => 'machined', 'offer.machining' => 80], ['offer' => ['tax' => 20]]), new KnownPrices);

    expect(linesOf($offer))->toBe([
        'Clutch kit A 228 (A-1)' => 200.0, 'Pilot bearing or bush' => 12.0, 'Flywheel bolts' => 24.0, 'Cover bolts' => 9.0,
        'Flywheel, machined' => 80.0, 'Work: 15.4 hours at 60.00' => round($hours * 60, 2),
        'Tax, 20.0 %' => round((325 + $hours * 60) * 0.2, 2),
    ])->and($offer->total)->toEqualWithDelta((325 + $hours * 60) * 1.2, 0.011)->and($offer->currency)->toBe('EUR')
        ->and($offer->isAtLeast())->toBeFalse();
});

it('adds no kit in other money to the shop’s own: its price is not known then, and the sum is the least', function () {
    $of = static fn (string $own): Offer => Offer::of(offered([], ['ranking' => ['currency' => $own]]), new KnownPrices);

    expect(linesOf($of('CHF'))['Clutch kit A 228 (A-1)'])->toBeNull()->and($of('CHF')->isAtLeast())->toBeTrue()
        ->and($of('CHF')->currency)->toBe('CHF')->and($of('CHF')->total)->toEqualWithDelta($of('EUR')->total - 200.0, 0.011)
        ->and(linesOf($of('EUR'))['Clutch kit A 228 (A-1)'])->toBe(200.0)->and($of('EUR')->currency)->toBe('EUR');
});

it('takes what the counter asks before the usual price, and the shop’s own hours before the built-in ones', function () {
    $own = ['access' => ThreePoint::of(3.0, 3.0, 3.0), 'closing' => ThreePoint::of(3.0, 3.0, 3.0)];
    $offer = Offer::of(offered(), new KnownPrices(['pilot' => 17.5], $own));

    expect(linesOf($offer)['Pilot bearing or bush'])->toBe(17.5)->and($offer->hours)->toEqualWithDelta(4.9 * 6.4 / 6 + 6.0, 1e-9);
});

it('counts what is taken from the shelf, and not what stays, is in the box, or is no part of this job', function () {
    $lines = linesOf(Offer::of(offered([
        'parts.pilot' => 'reused', 'parts.flywheel_bolts' => 'shelf', 'parts.cover_bolts' => 'in_kit', 'parts.gearbox_oil' => 'ordered',
        'parts.fork' => 'reused',
    ]), new KnownPrices));

    expect($lines)->toHaveKeys(['Flywheel bolts', 'Gearbox oil'])->not->toHaveKeys(['Pilot bearing or bush', 'Cover bolts'])
        ->and($lines['Gearbox oil'])->toBeNull();
});

it('says that it comes to more where something has no price, and leaves nothing out for it', function (array $more, string $line) {
    $offer = Offer::of(offered(more: $more), new KnownPrices);

    expect(linesOf($offer))->toHaveKey($line)->and(linesOf($offer)[$line])->toBeNull()->and($offer->isAtLeast())->toBeTrue();
})->with([
    'no kit' => [NO_KIT, 'Clutch kit, not chosen yet'],
    'a kit without a price' => [['kit' => ['price' => null]], 'Clutch kit A 228 (A-1)'],
    'no rate' => [['labour' => ['rate' => null]], 'Work: 15.4 hours'],
    'a flywheel without a price' => [['readings' => ['offer.flywheel' => 'machined']], 'Flywheel, machined'],
    'an option without a price' => [['readings' => ['offer.options' => ['rear_seal']]], 'Crankshaft rear seal, replaced while it is open'],
    'a repair of the actuation' => [[...NO_KIT, 'readings' => ['triage.kind' => 'repair_actuation']], 'Anything else'],
]);

it('takes the kit that would be chosen while none is', function () {
    $sheet = offered(more: NO_KIT);
    $candidate = offered(more: ['kit' => ['name' => 'B 228', 'number' => 'B-2', 'price' => '150']])->values;

    expect(linesOf(Offer::of($sheet, new KnownPrices(candidate: $candidate))))->toHaveKey('Clutch kit B 228 (B-2)')
        ->and(linesOf(Offer::of($sheet, new KnownPrices(candidate: $candidate)))['Clutch kit B 228 (B-2)'])->toBe(150.0);
});

it('offers what is reachable only now with its chance and what coming back costs, once', function () {
    $readings = ['open.labour' => '10 h', 'open.rear_seal_price' => 18, 'open.rear_seal_state' => 'old', 'open.release_bearing_price' => 40,
        'open.pilot_price' => 12];
    $offer = Offer::of(offered($readings), new KnownPrices);

    // The bearing is in the box and the pilot is bought anyhow: neither is an option. 0.12 × (10 × 60 + 18) = 74 against 18.
    expect($offer->options)->toHaveCount(1)->and($offer->options[0]->isWorthIt)->toBeTrue()->and($offer->options[0]->isTaken)->toBeFalse()
        ->and($offer->options[0]->said->in(new Display))->toContain('18.00 now')->toContain('12 of 100')->toContain('618.00 then');
    $taken = Offer::of(offered([...$readings, 'offer.options' => ['rear_seal']]), new KnownPrices);
    expect($taken->total)->toEqualWithDelta($offer->total + 18.0, 0.001);
});

it('offers an adjustment for its hours alone', function () {
    $offer = Offer::of(offered(['triage.kind' => 'adjust'], NO_KIT), new KnownPrices);

    // Checks 0.7, setting 0.6, proving 0.7.
    expect($offer->hours)->toEqualWithDelta(2.0 * 6.4 / 6, 1e-9)->and($offer->lines)->toHaveCount(1);
});

/** @return array{Verdict, string}|null */
function saidOfOffer(array $readings, string $id = 'offer.answer', array $more = []): ?array
{
    foreach (Assessment::of(offered($readings, $more))->findings as $finding) {
        if ($finding->id === $id) {
            return [$finding->verdict, $finding->say(new Display)];
        }
    }

    return null;
}

const MADE = ['offer.number' => 2, 'offer.total' => 500, 'offer.currency' => 'EUR'];

const ACCEPTED = ['offer.answer' => 'accepted', 'offer.answered_number' => 2, 'offer.answered_by' => 'the keeper, by telephone',
    'offer.answered_on' => '2026-11-26'];

it('says how an offer stands, and takes an answer for no other offer', function (array $readings, ?Verdict $verdict, string $said) {
    $found = saidOfOffer($readings);

    expect($found[0] ?? null)->toBe($verdict)->and($found[1] ?? '')->toContain($said);
})->with([
    'never offered' => [[], null, ''],
    'no answer' => [MADE, Verdict::Near, 'Offer 2 has no answer yet.'],
    'accepted' => [[...MADE, ...ACCEPTED], Verdict::Within, 'Offered for 500.00 EUR, accepted by the keeper, by telephone on 2026-11-26.'],
    'accepted by nobody' => [array_diff_key([...MADE, ...ACCEPTED], ['offer.answered_by' => 1]), Verdict::Unmeasured, 'by whom and when'],
    'accepted on no day' => [array_diff_key([...MADE, ...ACCEPTED], ['offer.answered_on' => 1]), Verdict::Unmeasured, 'by whom and when'],
    'the one before was accepted' => [[...MADE, ...ACCEPTED, 'offer.answered_number' => 1], Verdict::Near, 'what was answered is offer 1'],
    'declined' => [[...MADE, ...ACCEPTED, 'offer.answer' => 'declined'], Verdict::Near, 'declined'],
]);

it('holds what it came to against what was accepted', function (float $cameTo, array $readings, Verdict $verdict, string $said) {
    $found = saidOfOffer([...MADE, ...$readings, 'offer.came_to' => $cameTo], 'offer.came_to');

    expect($found)->not->toBeNull()->and($found[0])->toBe($verdict)->and($found[1])->toContain($said);
})->with([
    'less' => [480.0, ACCEPTED, Verdict::Within, 'accepted was 500.00 EUR'],
    'ten per cent, just' => [550.0, ACCEPTED, Verdict::Within, 'accepted was'],
    'beyond' => [551.0, ACCEPTED, Verdict::Near, 'asked again'],
    'of an earlier offer' => [480.0, [...ACCEPTED, 'offer.answered_number' => 1], Verdict::Near, 'no offer of it was accepted'],
    'declined' => [100.0, [...ACCEPTED, 'offer.answer' => 'declined'], Verdict::Near, 'no offer of it was accepted'],
]);

it('asks again once what is known goes beyond what was accepted, and for nothing else', function () {
    $sheet = offered([...MADE, ...ACCEPTED, 'offer.total' => 1200], ['offer' => ['tolerance' => 0]]);
    $now = Offer::of($sheet, new KnownPrices);
    $beyond = static fn (JobSheet $s): ?string => Accepted::of($s->values)?->beyond(Offer::of($s, new KnownPrices), $s)?->in(new Display);

    expect($now->total)->toEqualWithDelta(221 + 14.4 * 6.4 / 6 * 60, 0.011)->and($beyond($sheet))->toBeNull()
        ->and($beyond(offered([...MADE, ...ACCEPTED, 'offer.total' => 1000])))->toContain('ask again')->toContain('1142.60 EUR')
        // Within ten per cent, in another currency, or of an offer that was never accepted nothing is compared.
        ->and($beyond(offered([...MADE, ...ACCEPTED, 'offer.total' => 1100])))->toBeNull()
        ->and($beyond(offered([...MADE, ...ACCEPTED, 'offer.total' => 1000, 'offer.currency' => 'GBP'])))->toBeNull()
        ->and($beyond(offered([...MADE, 'offer.total' => 1000])))->toBeNull();
});

it('lets the shop’s rate stand where a job says none, for every sum of labour', function () {
    $sheet = offered(['open.labour' => '10 h', 'open.rear_seal_price' => 18, 'open.rear_seal_state' => 'old']);

    expect(Assessment::of($sheet)->find('open.rear_seal')?->verdict)->toBe(Verdict::Near)
        ->and(Offer::of(offered(['open.rate' => 80]), new KnownPrices)->total - Offer::of(offered(), new KnownPrices)->total)
        ->toEqualWithDelta(14.4 * 6.4 / 6 * 20, 0.011);
});
