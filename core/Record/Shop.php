<?php

declare(strict_types=1);

namespace Spindle\Record;

use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/** Which workshop does the work, as it stands at the head of everything printed, and in the file: {"name": "…", "address": "…"}. */
final readonly class Shop
{
    public const NAME = 'shop';

    /** What is asked of it, with how it is called. */
    public const ASKED = [
        'name' => 'Name', 'address' => 'Address', 'telephone' => 'Telephone', 'mail' => 'Mail', 'tax_number' => 'Tax number',
        'mark' => 'Mark, up to four letters in a ring', self::REGION => 'Region, by which dates and figures are written: en-GB, de-CH',
    ];

    /** By which dates and figures are written, for everybody; as the reader's browser has it where none is said. */
    public const REGION = 'region';

    /** A language and a country, as BCP 47 writes them. */
    private const A_REGION = '/^[a-z]{2}(-[A-Z]{2})?$/';

    private const LONGEST = 120;

    private const LONGEST_MARK = 4;

    /** @param  array<string, string>  $said  by what is asked */
    private function __construct(private array $said)
    {
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $said = [];
        foreach (array_intersect_key(Sections::map($given, self::NAME), self::ASKED) as $what => $text) {
            $place = self::NAME.'.'.$what;
            if (! is_string($text)) {
                throw SheetError::wrongType($place, 'text', $text);
            }
            if ($what === self::REGION && trim($text) !== '' && preg_match(self::A_REGION, trim($text)) !== 1) {
                throw SheetError::at($place, 'a language and a country, such as en-GB');
            }
            $most = $what === 'mark' ? self::LONGEST_MARK : self::LONGEST;
            $said[$what] = mb_strlen(trim($text)) <= $most ? trim($text) : throw SheetError::at($place, "no more than {$most} letters");
        }

        return new self(array_filter($said, static fn (string $text): bool => $text !== ''));
    }

    public static function section(): Section
    {
        return new Section(self::read(...), [
            'type' => 'object', 'properties' => array_map(static fn (): array => ['type' => 'string'], self::ASKED),
        ]);
    }

    /** Of a job; nobody where nobody said. */
    public static function of(JobSheet $sheet): self
    {
        $shop = $sheet->section(self::NAME);

        return $shop instanceof self ? $shop : new self([]);
    }

    public function name(): string
    {
        return $this->said['name'] ?? '';
    }

    public function mark(): string
    {
        return $this->said['mark'] ?? '';
    }

    /** @return list<string> under its name: where it is, how it is reached, its tax number */
    public function lines(): array
    {
        $reached = array_filter([
            isset($this->said['telephone']) ? 'Tel. '.$this->said['telephone'] : '', $this->said['mail'] ?? '',
            isset($this->said['tax_number']) ? 'Tax no. '.$this->said['tax_number'] : '',
        ], static fn (string $text): bool => $text !== '');

        $lines = [$this->said['address'] ?? '', implode(' · ', $reached)];

        return array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
    }
}
