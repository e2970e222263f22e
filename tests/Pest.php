<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Said;
use Spindle\Quantity\Display;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Tests\Support\TestSentences;
use Tests\TestCase;

uses(TestCase::class, RefreshDatabase::class)->in('Feature');

/** With ordinary blanks, for reading in a test. */
function plain(string $text): string
{
    return str_replace(["\u{00A0}", "\u{202F}", '−'], [' ', ' ', '-'], $text);
}

/** How a reader of the metric system has it. */
function metric(): Display
{
    return new Display();
}

/** A sentence that no subject has, for findings of a test's own. */
function aSentence(string $words = 'So it is.'): Said
{
    return TestSentences::words($words);
}

function sheetOfDocument(Document $document): JobSheet
{
    return JobSheet::of($document, Subjects::dictionary());
}

function sheetOfJson(string $json): JobSheet
{
    return JobSheet::ofJson($json, Subjects::dictionary());
}

/** @return array<string, string> room/file => source */
function coreFiles(): array
{
    $files = [];
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/core', FilesystemIterator::SKIP_DOTS)) as $file
    ) {
        if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
            $files[substr($file->getPathname(), strlen(dirname(__DIR__).'/core/'))] = (string) file_get_contents(
                $file->getPathname(),
            );
        }
    }

    return $files;
}
