<?php

declare(strict_types=1);

use App\Store\Csv;
use App\Store\PlainText;

/* Text that can be shown, and tables that no spreadsheet runs. */

it('knows what can be shown', function () {
    foreach (['', 'Ünïcödé ½ 漢字 🙂', "tab\tline\nline\r\n"] as $text) {
        expect(PlainText::is($text))->toBeTrue()->and(PlainText::mended($text))->toBe($text);
    }
    foreach (["two \xC3\x28 litres", "bell \x07", "nought \x00 byte", "delete \x7F", "next line \u{85}"] as $text) {
        expect(PlainText::is($text))->toBeFalse()->and(PlainText::is(PlainText::mended($text)))->toBeTrue();
    }
});

it('makes every cell harmless that a spreadsheet would run, and reads it back as it was', function (string $cell, bool $isFormula) {
    $line = rtrim(Csv::text([[$cell, 'next']]), "\r\n");
    [$written] = str_getcsv($line, ',', '"', '');
    expect($written !== $cell)->toBe($isFormula)->and(Csv::read($written))->toBe($cell);
})->with([
    ['=1+1', true], ['-1e1+cmd|\' /C calc\'!A0', true], ['-1e1+1', true], ['+cmd', true], ['@SUM(A1)', true], ["\t=1", true],
    [' =1+1', true], ['＝1+1', true], ['-0.3 mm', false], ['+12 %', false], ['-7,5', false], ['7.3', false], ['plain', false],
    ['-1-1', true], ['-', true], ['', false], ["'quoted'", false],
]);
