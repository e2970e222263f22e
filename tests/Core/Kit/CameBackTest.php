<?php

declare(strict_types=1);

use Spindle\Kit\CameBack;

/* Common practice, no source: judder and slip within a year; later neither is the kit's. */
it('tells what a kit came back with', function (array $signs, ?float $days, ?CameBack $with) {
    expect(CameBack::with($signs, $days))->toBe($with);
})->with([
    'judder within the year' => [['bites_high', 'judder'], 300.0, CameBack::Judder], 'judder after years' => [['judder'], 900.0, null],
    'slip within the year' => [['slip_hot'], 365.0,
        CameBack::EarlyWear],
    'slip later' => [['slip_load'], 366.0, null], 'slip, nobody knows when' => [['slip_load'], null, null],
    'noise' => [['noise_down'], 5.0, null], 'nothing said' => [[], 5.0, null],
]);
