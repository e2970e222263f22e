<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/**
 * How one came from found to left, as a file tells it: a list of what was turned, moved or put in, by whom and when. Its amounts are the
 * readings of those steps; where a file gives these by themselves, they count.
 */
final class StepsTaken
{
    public const SECTION = 'steps';

    /** What a step is counted in where it is no turn. */
    private const COUNTED = ['shims' => 'thickness', 'ring' => 'notches'];

    /** The name of the amount of a step: turns, notches, thickness. */
    public static function amount(string $what): string
    {
        return self::COUNTED[$what] ?? 'turns';
    }

    /** @throws SheetError when a step cannot be one, with the place */
    public static function into(Document $document, Dictionary $dictionary): Document
    {
        $given = $document->get([self::SECTION]);
        if ($given === null) {
            return $document;
        }
        $amounts = [];
        foreach (Sections::list($given, self::SECTION) as $i => $step) {
            $place = self::SECTION."[{$i}]";
            $what = $step instanceof \stdClass ? $step->what ?? null : throw SheetError::wrongType($place, 'an object', $step);
            if (! is_string($what)) {
                throw SheetError::wrongType("{$place}.what", 'text', $what);
            }
            $field = $dictionary->byNature->steps()[$what][0] ?? null;
            if ($field === null || $document->get($dictionary->get($field)->path()) !== null) {
                continue;
            }
            $amount = $step->{self::amount($what)} ?? null;
            if (! is_string($amount) && ! is_int($amount) && ! is_float($amount)) {
                throw SheetError::wrongType("{$place}.".self::amount($what), 'a quantity', $amount);
            }
            $amounts[$field][] = $amount;
        }
        foreach ($amounts as $field => $all) {
            $document = $document->with($dictionary->get($field)->path(), $all);
        }

        return $document;
    }

    /** @return array<string, mixed> as the schema of a job sheet has it */
    public static function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'object', 'required' => ['what'], 'properties' => [
            'what' => ['type' => 'string'], 'turns' => ['type' => ['number', 'string']], 'notches' => ['type' => ['number', 'string']],
            'thickness' => ['type' => ['number', 'string']], 'by' => ['type' => 'string'], 'at' => ['type' => 'string'],
        ]]];
    }
}
