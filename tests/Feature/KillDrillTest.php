<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

it('loses nothing confirmed and leaves nothing half done when it is killed at work', function () {
    // A short run of the drill that ships; bin/kill-drill 100 is the long one.
    $drill = new Process([base_path('bin/kill-drill'), '4'], base_path(), ['APP_ENV' => false, 'DB_DATABASE' => false], timeout: 600);
    $drill->run();

    expect($drill->getOutput())->toMatch('/^\d+ kills: 0 faults$/m')->and($drill->getExitCode())->toBe(0, $drill->getErrorOutput());
});

it('refuses and loses nothing while instruments send, people enter, order, sign in and lay tasks at once', function () {
    $drill = new Process([base_path('bin/kill-drill'), '--crowd', '4'], base_path(), ['APP_ENV' => false, 'DB_DATABASE' => false],
        timeout: 600);
    $drill->run();

    expect($drill->getOutput())->toContain('crowd: 0 faults')->and($drill->getExitCode())->toBe(0, $drill->getErrorOutput());
});
