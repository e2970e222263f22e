<?php

declare(strict_types=1);

namespace Spindle\Vehicle;

/**
 * A vehicle identification number and what its check digit says.
 *
 * Source: ISO 3779 (17 characters, no I, O or Q); 49 CFR 565.15 (check digit in the ninth place, modulo 11); ISO 3780 (the
 * first character is the region). The check digit is a rule of North America (1 to 5) and, from memory, of China (L, GB 16735);
 * elsewhere a number need not have one, and may still be mistyped.
 */
final readonly class IdentificationNumber
{
    private const VALUES = [
        'A' => 1,
        'B' => 2,
        'C' => 3,
        'D' => 4,
        'E' => 5,
        'F' => 6,
        'G' => 7,
        'H' => 8,
        'J' => 1,
        'K' => 2,
        'L' => 3,
        'M' => 4,
        'N' => 5,
        'P' => 7,
        'R' => 9,
        'S' => 2,
        'T' => 3,
        'U' => 4,
        'V' => 5,
        'W' => 6,
        'X' => 7,
        'Y' => 8,
        'Z' => 9,
    ];

    private const WEIGHTS = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2];

    private const LENGTH = 17;

    private const CHECK_PLACE = 8;

    private function __construct(public string $characters)
    {
    }

    /** As written, without blanks and hyphens, in capitals. */
    public static function of(string $written): self
    {
        return new self(strtoupper((string) preg_replace('/[\s-]+/u', '', $written)));
    }

    /** Whether it has the form of the standard at all; older vehicles and most tractors have numbers of their own. */
    public function hasStandardForm(): bool
    {
        return preg_match('/^[A-HJ-NPR-Z0-9]{17}$/', $this->characters) === 1;
    }

    /** Whether its ninth character is the one the others ask for. */
    public function checkDigitFits(): bool
    {
        return $this->hasStandardForm() && $this->characters[self::CHECK_PLACE] === $this->checkDigit();
    }

    /**
     * What the ninth character would be.
     *
     * @throws NumberError when the number has not the standard form
     */
    public function checkDigit(): string
    {
        if (! $this->hasStandardForm()) {
            throw NumberError::noStandardForm();
        }
        $sum = 0;
        foreach (str_split($this->characters) as $place => $character) {
            $sum += (self::VALUES[$character] ?? (int) $character) * self::WEIGHTS[$place];
        }

        return $sum % 11 === 10 ? 'X' : (string) ($sum % 11);
    }

    /** Whether it comes from where the ninth character has to be a check digit. */
    public function ruleApplies(): bool
    {
        return $this->hasStandardForm() && preg_match('/^[1-5L]/', $this->characters) === 1;
    }

    /** What to say about it, or nothing where there is nothing wrong. */
    public function remark(): string
    {
        $length = strlen($this->characters);

        return match (true) {
            $this->checkDigitFits() => '',
            $this->ruleApplies() => "the ninth character is {$this->characters[self::CHECK_PLACE]} and has to be ".
                "{$this->checkDigit()} by the check-digit rule: look at the plate on the vehicle again, something is mistyped",
            $this->hasStandardForm() => 'the check-digit rule does not hold for numbers of this region, so nothing tells a slip; '.
                'read it twice',
            $length !== self::LENGTH => "it has {$length} characters, a standard number has ".self::LENGTH,
            default => 'a standard number holds only digits and letters without I, O and Q',
        };
    }
}
