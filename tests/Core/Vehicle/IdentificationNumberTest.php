<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Vehicle\IdentificationNumber;

// Source: worked examples of the check digit in 49 CFR 565 and ISO 3779; from memory.
it('accepts the published examples', function (string $number) {
    expect(IdentificationNumber::of($number)->checkDigitFits())->toBeTrue()->and(IdentificationNumber::of($number)->remark())->toBe('');
})->with(['11111111111111111', '1M8GDM9AXKP042788', '1m8gdm9axkp042788', '1M8GDM9AX KP-042788']);

it('says what is odd about a number, and allows it', function (string $number, string $remark) {
    expect(IdentificationNumber::of($number)->checkDigitFits())
        ->toBeFalse()
        ->and(IdentificationNumber::of($number)->remark())
        ->toContain($remark);
})->with([
    ['1M8GDM9A1KP042788', 'has to be X'],
    ['WM8GDM9A1KP042788', 'does not hold for numbers of this region'],
    ['LM8GDM9A1KP042788', 'has to be'],
    ['1M8GDM9AXKP04278', '16 characters'],
    ['1M8GDM9AXKP04278O', 'without I, O and Q'],
    ['BRK62V118', '9 characters'],
]);

it('notices every single slip of a character that changes its value', function () {
    $good = '1M8GDM9AXKP042788';
    for ($place = 0; $place < 17; $place++) {
        foreach (str_split('0123456789') as $digit) {
            $slip = substr_replace($good, $digit, $place, 1);
            $sameValue = $slip !== $good && IdentificationNumber::of($slip)->checkDigitFits();
            // M, D, G, A, K and P have the value of a digit; a letter taken for that digit cannot be noticed.
            expect($sameValue && ctype_digit($good[$place]))->toBeFalse();
        }
    }
});

it('works out no digit for a number of another form', fn () => IdentificationNumber::of('BRK62V118')->checkDigit())->throws(
    DomainException::class,
);

it('knows where the rule holds', function (string $first, bool $applies) {
    expect(IdentificationNumber::of($first.'M8GDM9A1KP042788')->ruleApplies())->toBe($applies);
})->with([['1', true], ['5', true], ['L', true], ['6', false], ['W', false], ['S', false]]);

it('judges a number by where it comes from', function (string $number, string $class, ?Verdict $verdict) {
    $sheet = sheetOfJson(
        (string) json_encode([
            'format' => 'jade-spindle/job-sheet',
            'version' => 1,
            'vehicle' => ['class' => $class, 'number' => $number],
        ]),
    );
    expect(Assessment::of($sheet)->find('vehicle.number')?->verdict)->toBe($verdict);
})->with([
    'fits' => ['1M8GDM9AXKP042788', 'car', Verdict::Within],
    'has to fit and does not' => ['1M8GDM9A1KP042788', 'car', Verdict::Near],
    'need not fit' => ['WM8GDM9A1KP042788', 'van', Verdict::NotApplicable],
    'no standard number' => ['12345', 'truck', Verdict::Near],
    'a serial number of a tractor' => ['BRK62V118', 'tractor', null],
]);
