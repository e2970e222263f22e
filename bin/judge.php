#!/usr/bin/env php
<?php

declare(strict_types=1);

/*
 * Whether a change of the house changes a judgement: the same sheets judged by two versions.
 *   php bin/judge.php sheets 400 [SEED] >sheets.jsonl    random sheets that can be, and the demonstration's jobs
 *   php bin/judge.php judge sheets.jsonl >now.jsonl      what this version says of each: findings, figures, what is open
 *   php bin/judge.php compare before.jsonl now.jsonl     what differs, by finding; exit 1 where anything does
 * Sheets are made once and judged by each version; another version is judged in a clone of its own.
 */

use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Display;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;

require dirname(__DIR__).'/vendor/autoload.php';

[$what, $one, $two] = [$argv[1] ?? '', $argv[2] ?? '', $argv[3] ?? ''];

/** A value that an entry of this field can have; most lie in the lower third, where workshops measure. */
$value = function (Field $field, Randomizer $dice): mixed {
    [$least, $greatest] = $field->range === null ? [0.0, 10.0] : (fn (): array => [$this->least, $this->greatest])
        ->call($field->range);
    $number = static fn (): string => sprintf('%.4f', $least + ($greatest - $least) * ($dice->getInt(0, 1_000_000) / 1e6) ** 3)
        .' '.($field->dimension?->baseUnit()->symbol ?? '');
    $word = static fn (): string => (string) $dice->shuffleArray(array_map(strval(...), array_keys($field->options)))[0];

    return match ($field->kind) {
        Kind::Quantity => trim($number()),
        Kind::Quantities => array_map(static fn (): string => trim($number()), range(1, max(1, $dice->getInt(1, $field->positions)))),
        Kind::Count => $dice->getInt(1, 6),
        Kind::Word => $field->options === [] ? null : $word(),
        Kind::Words => $field->options === [] ? null : [$word()],
        Kind::Flag => $dice->getInt(0, 1) === 1,
        Kind::Date => sprintf('2026-%02d-%02d', $dice->getInt(1, 12), $dice->getInt(1, 28)),
        Kind::Text => 'said so',
        default => null,
    };
};

if ($what === 'sheets') {
    $dice = new Randomizer(new Mt19937((int) ($two ?: 7)));
    foreach (glob(dirname(__DIR__).'/database/demo/[0-9]*.json') ?: [] as $file) {
        echo json_encode(json_decode((string) file_get_contents($file))),"\n";
    }
    $fields = Subjects::dictionary()->all();
    for ($made = 0, $tried = 0; $made < (int) $one && $tried < 50 * (int) $one; $tried++) {
        $sheet = ['format' => 'jade-spindle/job-sheet', 'version' => 1];
        $share = $dice->getInt(0, 1000) / 1000 * 0.6;
        foreach ($fields as $field) {
            $given = $field->firstWord() === 'vehicle' || $dice->getInt(0, 999) / 1000 < $share ? $value($field, $dice) : null;
            if ($given === null) {
                continue;
            }
            $at = &$sheet;
            foreach ($field->path() as $name) {
                $at = &$at[$name];
            }
            $at = $given;
            unset($at);
        }
        $json = (string) json_encode($sheet);
        try {
            JobSheet::ofJson($json, Subjects::dictionary());
        } catch (SheetError) {
            continue;
        }
        echo "{$json}\n";
        $made++;
    }
} elseif ($what === 'judge') {
    foreach (file($one, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        $said = [];
        try {
            $sheet = JobSheet::ofJson($line, Subjects::dictionary());
            $display = new Display($sheet->units);
            $assessment = Assessment::of($sheet);
            foreach ([...$assessment->findings, ...$assessment->found] as $finding) {
                $said["finding {$finding->id}"] = "{$finding->verdict->value}: {$finding->say($display)}";
            }
            foreach ($assessment->figures as $name => $figure) {
                $said["figure {$name}"] = json_encode($figure->value);
            }
        } catch (SheetError $e) {
            $said['refused'] = $e->getMessage();
        }
        ksort($said);
        echo json_encode($said, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),"\n";
    }
} elseif ($what === 'compare') {
    [$before, $now] = array_map(static fn (string $file): array => array_map(
        static fn (string $line): array => (array) json_decode($line, true), file($file, FILE_IGNORE_NEW_LINES) ?: [],
    ), [$one, $two]);
    $differ = [];
    $alike = 0;
    foreach ($before as $i => $said) {
        foreach (array_keys($said + ($now[$i] ?? [])) as $name) {
            if (($said[$name] ?? null) === ($now[$i][$name] ?? null)) {
                $alike++;
            } else {
                $differ[$name][] = "sheet {$i}: ".($said[$name] ?? 'nothing')."\n        now: ".($now[$i][$name] ?? 'nothing');
            }
        }
    }
    ksort($differ);
    foreach ($differ as $name => $each) {
        printf("%s: %d\n    %s\n", $name, count($each), $each[0]);
    }
    $otherwise = array_sum(array_map(count(...), $differ));
    printf("%d sheets and %d, %d said alike, %d otherwise\n", count($before), count($now), $alike, $otherwise);
    exit($differ === [] && count($before) === count($now) ? 0 : 1);
} else {
    fwrite(STDERR, "bin/judge.php sheets N [SEED] | judge FILE | compare BEFORE NOW\n");
    exit(2);
}
