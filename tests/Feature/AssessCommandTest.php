<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\CompleteJobs;

/** Runs the command as a person does, in a process of its own. */
function sheetAssess(array $arguments, string $input = ''): Process
{
    $process = new Process([PHP_BINARY, 'artisan', 'sheet:assess', ...$arguments], base_path());
    $process->setInput($input);
    $process->run();

    return $process;
}

$good = (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...CompleteJobs::all()['car, slave, new clutch']]);

it('ends with 0 when nothing is out or unmeasured', function () use ($good) {
    $run = sheetAssess(['-'], $good);

    expect($run->getExitCode())
        ->toBe(0)
        ->and($run->getOutput())
        ->toStartWith('Verdict: within')
        ->toContain('wear.percent')
        ->and($run->getErrorOutput())
        ->toBe('');
});

it('prints figures, findings and what is unmeasured as JSON', function () {
    $run = sheetAssess(
        ['-', '--json'],
        (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...CompleteJobs::with(
            CompleteJobs::all()['car, slave, new clutch'], ['readings' => ['flywheel.thickness' => null,
                'disc.thickness_new' => '8.3 mm', 'disc.thickness' => ['7.3 mm'], 'disc.usable_per_side' => '1.0 mm']],
        )]),
    );
    $data = json_decode($run->getOutput(), true, 32, JSON_THROW_ON_ERROR);

    expect($run->getExitCode())
        ->toBe(1)
        ->and($data['verdict'])
        ->toBe('unmeasured')
        ->and($data['unmeasured'])
        ->toBe(['flywheel.thickness'])
        ->and(array_diff_key($data['figures']['wear.percent'], ['uncertainty' => 0, 'decided_by' => 0]))
        ->toBe(['value' => 50.0, 'unit' => '%'])
        ->and($data['figures']['wear.percent']['uncertainty'])
        ->toEqualWithDelta(2.598, 0.001)
        ->and($data['figures']['wear.percent']['decided_by'])
        ->toBeIn(['disc.thickness_new', 'disc.thickness', 'disc.usable_per_side'])
        ->and(array_column($data['findings'], 'verdict', 'id')['disc.wear'])
        ->toBe('near')
        ->and(array_column($data['findings'], 'source', 'id')['disc.wear'])
        ->toBe('practice');
});

it('gives of each finding the case and what fills it, so that another program can say it', function () {
    $sheet = ['format' => 'jade-spindle/job-sheet', 'version' => 1, ...CompleteJobs::with(
        CompleteJobs::all()['car, slave, new clutch'], ['readings' => ['disc.thickness_new' => '8.3 mm', 'disc.thickness' => ['7.3 mm'],
            'disc.usable_per_side' => '1.0 mm', 'flywheel.conditions' => null, 'prove.selection.result' => null]],
    )];
    $data = json_decode(sheetAssess(['-', '--json'], (string) json_encode($sheet))->getOutput(), true, 32, JSON_THROW_ON_ERROR);
    $wear = array_values(array_filter($data['findings'], static fn (array $f): bool => $f['id'] === 'disc.wear'))[0];

    expect($wear['case'])->toBe('wear')
        ->and($wear['arguments']['disc'])->toBe('only')
        ->and($wear['arguments']['wear']['used'])->toBe(['value' => 1.0, 'unit' => 'mm'])
        ->and($wear['arguments']['wear']['share'])->toBe(['value' => 0.5, 'unit' => ''])
        ->and($wear['arguments']['wear']['verdict'])->toBe('near')
        ->and($data['signable'])->toBeFalse()
        ->and(array_map(static fn (array $one): array => array_diff_key($one, ['why' => 1]), $data['owed']))
        ->toContain(['look' => 'flywheel.conditions'])
        ->and(array_filter($data['owed'], static fn (array $one): bool => strlen($one['why']) < 20))->toBe([]);
});

it('says that a job may be signed that owes nothing', function () use ($good) {
    $data = json_decode(sheetAssess(['-', '--json'], $good)->getOutput(), true, 32, JSON_THROW_ON_ERROR);

    expect($data['signable'])->toBeTrue()->and($data['owed'])->toBe([]);
});

it('fills every sentence of every demonstration job with plain values', function () {
    $files = glob(database_path('demo/[0-9]*.json')) ?: [];
    $lines = array_filter(explode("\n", sheetAssess([...$files, '--json'])->getOutput()));
    $cases = 0;
    foreach ($lines as $line) {
        foreach (json_decode($line, true, 64, JSON_THROW_ON_ERROR)['findings'] as $finding) {
            $cases++;
            expect($finding['case'])->toMatch('/^[a-z][a-z0-9_]+$/');
            $arguments = $finding['arguments'] ?? [];
            array_walk_recursive($arguments, static fn (mixed $v) => expect(is_scalar($v) || $v === null)->toBeTrue());
        }
    }

    expect($cases)->toBeGreaterThan(300);
});

it('prints one line a file where there are several, good and bad', function () use ($good) {
    $folder = sys_get_temp_dir().'/spindle-'.bin2hex(random_bytes(4));
    mkdir($folder);
    file_put_contents("{$folder}/good.json", $good);
    file_put_contents("{$folder}/bad.json", '{"format":');
    $run = sheetAssess(["{$folder}/good.json", "{$folder}/bad.json", "{$folder}/none.json", '--json']);
    $lines = array_map(static fn (string $l): mixed => json_decode($l, true), explode("\n", trim($run->getOutput())));
    array_map(unlink(...), glob("{$folder}/*"));
    rmdir($folder);

    expect($run->getExitCode())->toBe(2)->and($lines)->toHaveCount(3)
        ->and($lines[0]['verdict'])->toBe('within')->and($lines[0]['file'])->toEndWith('good.json')
        ->and($lines[1]['error']['message'])->toContain('not JSON')->and($lines[2]['error']['message'])->toContain('no such file');
});

it('ends with 2 and one clear line for a bad file, never a trace', function (string $json, string $message) {
    $run = sheetAssess(['-'], $json);

    expect($run->getExitCode())
        ->toBe(2)
        ->and($run->getOutput())
        ->toBe('')
        ->and($run->getErrorOutput())
        ->toContain($message)
        ->and(substr_count(trim($run->getErrorOutput()), "\n"))
        ->toBe(0)
        ->and($run->getErrorOutput())
        ->not->toContain('.php');
})->with([
    'empty' => ['', 'standard input: the file is empty'],
    'a list' => ['[]', 'an object is expected'],
    'broken encoding' => ["\xff\xfe\x00", 'UTF-8'],
    'deep nesting' => [str_repeat('[', 5000), 'nested deeper'],
    'zero ratio' => ['{"format":"jade-spindle/job-sheet","version":1,"release":{"fork_ratio":"0"}}', 'release.fork_ratio'],
    'markup of the terminal' => [
        '{"format":"jade-spindle/job-sheet","version":1,"engine":{"peak_torque":"<info>9</info>"}}',
        'engine.peak_torque',
    ],
]);

it('says so for a file that is not there, and for a folder', function () {
    expect(sheetAssess(['/no/such/file'])->getExitCode())->toBe(2)->and(sheetAssess(['/tmp'])->getErrorOutput())->toContain('folder');
});
