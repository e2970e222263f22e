<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Sheet\SheetError;
use Tests\Support\MutatedSheets;

/** What is wrong with an assessment of this sheet; empty when it was refused with a reason, or assessed with finite figures. */
function wrongWith(string $json): string
{
    try {
        $assessment = Assessment::of(sheetOfJson($json));
    } catch (SheetError $e) {
        return $e->reason === '' ? 'refused without a reason' : '';
    } catch (Throwable $e) {
        return $e::class.': '.$e->getMessage();
    }
    foreach ($assessment->figures as $figure) {
        if (is_float($figure->value) && ! is_finite($figure->value)) {
            return "{$figure->name} is not finite";
        }
    }
    foreach ($assessment->findings as $finding) {
        if (
            $finding->say(metric()) === '' ||
            preg_match('/\b(NAN|INF)\b/', $finding->say(metric())) === 1 ||
            ! mb_check_encoding($finding->say(metric()), 'UTF-8')
        ) {
            return "{$finding->id} says “{$finding->say(metric())}”";
        }
    }

    return '';
}

it('refuses a spoilt sheet with a reason or assesses it, and never stumbles', function () {
    $sheets = MutatedSheets::ofDemo(seed: 7);
    $refused = 0;
    for ($i = 0; $i < 1500; $i++) {
        $json = $sheets->next();
        expect(wrongWith($json))->toBe('', $json);
        try {
            sheetOfJson($json);
        } catch (SheetError) {
            $refused++;
        }
    }
    // Both kinds have to be there, or the test tries nothing.
    expect($refused)->toBeGreaterThan(300)->toBeLessThan(1450);
});

it('gives the same sheets for the same seed', function () {
    expect(MutatedSheets::ofDemo(3)->next())->toBe(MutatedSheets::ofDemo(3)->next())->not->toBe(MutatedSheets::ofDemo(4)->next());
});
