<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\WorkedFormula;

/** @param  array<string, mixed>  $readings */
function workedOf(string $id, array $readings, UnitSystem $units = UnitSystem::Metric): string
{
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'slave'],
        'kit' => ['clamp_load' => '5200 N'], 'release' => ['fork_ratio' => 2], 'readings' => (object) $readings,
    ]));
    $assessment = Assessment::of($sheet);
    $finding = $assessment->find($id) ?? throw new LogicException($id);

    return plain((new WorkedFormula($sheet, $assessment->figures, new Display($units)))->of($finding));
}

const HALF_WORN = [
    'disc.thickness_new' => '8.40 mm', 'disc.thickness' => ['7.5 mm', '7.4 mm', '7.6 mm'], 'disc.usable_per_side' => '1.0 mm',
];

// Worked by hand: (8.40 − 7.4) ÷ 2.0 = 50 %; doubt √(0.03² + 0.03² + (0.5 · 2 · 0.03)²) ÷ 2 = 2.6 %.
it('puts the numbers into the formula, and the result with how far it is known', function () {
    expect(workedOf('disc.wear', HALF_WORN))->toBe('(8.40 mm - 7.4 mm) ÷ 2.0 mm = 50 % ± 2.6 %');
});

it('takes both sides of the lining where each is entered', function () {
    expect(workedOf('disc.wear', [...HALF_WORN, 'disc.usable_per_side' => ['1.1 mm', '0.9 mm']]))->toContain('÷ 2.0 mm = 50 %');
});

it('writes them in the units of the reader', function () {
    expect(workedOf('disc.wear', HALF_WORN, UnitSystem::Inch))->toStartWith('(0.331 in - 0.29 in) ÷ 0.08 in = 50 %');
});

it('says the same in words without the names of what is put in', function () {
    $template = '({new|disc.thickness_new} − {now|least disc.thickness}){=}; and so on';
    $finding = Finding::of('disc.wear', Verdict::Within, aSentence())->by($template, 'wear.used');

    expect($finding->formula(metric()))->toBe('(new − now); and so on');
});

it('lets the result stand where the formula ends, before what is said of it', function () {
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'readings' => HALF_WORN]));
    $assessment = Assessment::of($sheet);
    $template = '{new|disc.thickness_new} − {now|least disc.thickness}{=}; the least counts';
    $finding = Finding::of('x', Verdict::Within, aSentence())->by($template, 'wear.used');

    expect(plain((new WorkedFormula($sheet, $assessment->figures, new Display))->of($finding)))
        ->toBe('8.40 mm - 7.4 mm = 1.00 mm ± 0.04 mm; the least counts');
});

it('is silent where nothing was worked out', function () {
    expect(workedOf('disc.wear', ['disc.thickness' => '7.4 mm']))->toBe('')
        ->and(workedOf('flywheel.thickness', ['flywheel.thickness' => '28 mm']))->toBe('');
});
