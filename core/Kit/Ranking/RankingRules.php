<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Kit\KitPart;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/**
 * How the shop weighs the parts of a score, what it usually pays for parts that a box may lack, and in what currency it compares:
 * {"weights": {"price": 0.2}, "currency": "EUR", "parts": {"bearing": 32}}.
 */
final readonly class RankingRules
{
    public const NAME = 'ranking';

    private const GREATEST = 10.0;

    private const DEAREST = 100_000.0;

    /** @var array<string, float> by part, all of them */
    private array $weights;

    /**
     * @param  array<string, float>  $weights  by part, those that the shop has set
     * @param  string|null  $currency  in which the shop compares prices, where it has said so
     * @param  array<string, float>  $parts  its usual price of a part, where it has said so
     */
    private function __construct(array $weights, public ?string $currency, private array $parts = [])
    {
        $all = [];
        foreach (ScorePart::cases() as $part) {
            $all[$part->value] = $weights[$part->value] ?? $part->weight();
        }
        $this->weights = $all;
    }

    /** @return array<string, float> by part, all of them */
    public function weights(): array
    {
        return $this->weights;
    }

    public static function builtIn(): self
    {
        return new self([], null);
    }

    public static function of(JobSheet $sheet): self
    {
        $rules = $sheet->section(self::NAME);

        return $rules instanceof self ? $rules : self::builtIn();
    }

    public function weight(ScorePart $part): float
    {
        return $this->weights[$part->value];
    }

    /** The shop's usual price of a part; nothing where it has said none. */
    public function partPrice(KitPart $part): ?float
    {
        return $this->parts[$part->value] ?? null;
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $map = Sections::map($given, self::NAME);
        $weights = [];
        foreach (Sections::map($map['weights'] ?? null, self::NAME.'.weights') as $name => $weight) {
            $place = self::NAME.".weights.{$name}";
            $part = ScorePart::tryFrom($name) ?? throw SheetError::at($place, 'there is no such part of the score');
            $weights[$part->value] = Sections::number($weight, $place, 0.0, self::GREATEST);
        }
        $parts = [];
        foreach (Sections::map($map['parts'] ?? null, self::NAME.'.parts') as $name => $price) {
            $place = self::NAME.".parts.{$name}";
            if (! isset(BoxAndRest::USUAL[$name])) {
                throw SheetError::at($place, 'no price of this part is asked');
            }
            $parts[$name] = Sections::number($price, $place, 0.0, self::DEAREST);
        }
        $currency = $map['currency'] ?? null;
        if ($currency !== null && (! is_string($currency) || preg_match('/^[A-Z]{3}$/', $currency) !== 1)) {
            throw SheetError::wrongType(self::NAME.'.currency', 'a currency of three capital letters (ISO 4217)', $currency);
        }
        $rules = new self($weights, $currency, $parts);

        return array_sum(array_map($rules->weight(...), ScorePart::cases())) > 0.0
            ? $rules : throw SheetError::at(self::NAME.'.weights', 'one part of the score must count');
    }

    public static function section(): Section
    {
        return new Section(self::read(...), ['type' => 'object', 'properties' => [
            'weights' => ['type' => 'object', 'properties' => array_fill_keys(
                array_column(ScorePart::cases(), 'value'), ['type' => 'number', 'minimum' => 0, 'maximum' => self::GREATEST],
            )],
            'parts' => ['type' => 'object', 'properties' => array_fill_keys(
                array_keys(BoxAndRest::USUAL), ['type' => 'number', 'minimum' => 0, 'maximum' => self::DEAREST],
            )],
            'currency' => ['type' => 'string', 'pattern' => '^[A-Z]{3}$'],
        ]]);
    }
}
