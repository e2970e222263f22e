<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** What the next job on a vehicle begins with: what lasts, and what the kit that was fitted says of the clutch that is in now. */
final readonly class CarriedOver
{
    /** A second disc is told of by a kit of two. */
    private const SECOND_DISC = 'disc2';

    /**
     * @param  array<string, mixed>|null  $kit  that was fitted, as a file has it; nothing where the same clutch is in
     * @param  array<string, string>  $fitted  what it says of that clutch, by field
     */
    private function __construct(private Dictionary $dictionary, private ?array $kit, public array $fitted)
    {
    }

    /**
     * @param  array<string, mixed>|null  $kit
     * @param  \Closure(string): string  $then  what a field held in the job that fitted it
     * @param  string  $day  of fitting; empty where it is not known
     */
    public static function after(Dictionary $dictionary, ?array $kit, \Closure $then, string $day): self
    {
        if ($kit === null) {
            return new self($dictionary, null, []);
        }
        $text = [];
        foreach ($dictionary->all() as $field) {
            $nature = $field->nature();
            $text[$field->key] = match (true) {
                $nature->kitFigure !== '' && ! self::isOfNoDisc($field, $kit) => self::ofKit($dictionary, $nature, $kit),
                $nature->meter === Nature::DAY => $day,
                $nature->meter !== '' => $then($nature->meter),
                default => '',
            };
        }

        return new self($dictionary, $kit, array_filter($text, static fn (string $typed): bool => $typed !== ''));
    }

    /** Whether the next job begins with what stands in a field: what lasts, and is not told anew by the kit. */
    public function keeps(string $field): bool
    {
        $nature = $this->dictionary->entry($field)?->nature();

        return $nature !== null && ! isset($this->fitted[$field])
            && ($nature->isCarried() || ($this->kit === null && $nature->isCarriedWithClutch()));
    }

    /** @param  array<string, mixed>  $kit */
    private static function isOfNoDisc(Field $field, array $kit): bool
    {
        return $field->firstWord() === self::SECOND_DISC && ($kit['discs'] ?? 1) === 1;
    }

    /** @param  array<string, mixed>  $kit */
    private static function ofKit(Dictionary $dictionary, Nature $nature, array $kit): string
    {
        $given = $kit[$nature->kitFigure] ?? null;
        $unit = $dictionary->get("kit.{$nature->kitFigure}")->dimension?->baseUnit()->symbol ?? '';

        return match (true) {
            is_int($given), is_float($given) => trim(json_encode($given)." {$unit}"),
            is_string($given) => $nature->kitWords[$given] ?? $given,
            default => '',
        };
    }
}
