<?php

declare(strict_types=1);

/*
 * Prints "PASSED FAILED" of a JUnit report: bin/count-tests.php FILE. Skipped tests count as neither.
 */

$report = @simplexml_load_file($argv[1] ?? '');
if ($report === false) {
    fwrite(STDERR, "no readable report\n");
    exit(1);
}
$passed = $failed = 0;
foreach ($report->xpath('//testcase') ?: [] as $case) {
    if (isset($case->failure) || isset($case->error)) {
        $failed++;
    } elseif (! isset($case->skipped)) {
        $passed++;
    }
}
echo "{$passed} {$failed}\n";
