<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Tests\TestCase;

uses(TestCase::class, RefreshDatabase::class)->in('Feature');

/** With ordinary blanks, for reading in a test. */
function plain(string $text): string
{
    return str_replace(["\u{00A0}", "\u{202F}", '−'], [' ', ' ', '-'], $text);
}

function sheetOfDocument(Document $document): JobSheet
{
    return JobSheet::of($document, Subjects::dictionary());
}

function sheetOfJson(string $json): JobSheet
{
    return JobSheet::ofJson($json, Subjects::dictionary());
}
