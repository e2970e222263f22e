<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Sheet\FieldValues;

/** What is in a kit's box, as its data say: by the list of parts, and by the words of its contents. */
final class Contents
{
    /** A supplier writes the same few lists on thousands of kits. */
    private const REMEMBERED = 500;

    /** @var array<string, list<KitPart>> by text */
    private static array $known = [];

    /** @param  list<KitPart>  $parts */
    private function __construct(public readonly array $parts, public readonly string $text)
    {
    }

    public static function of(FieldValues $kit): self
    {
        $text = $kit->word('kit.contents') ?? '';
        $named = array_map(KitPart::from(...), $kit->words('kit.includes'));

        return new self(array_values(array_filter(
            KitPart::cases(),
            static fn (KitPart $p): bool => in_array($p, $named, true) || ($text !== '' && in_array($p, self::said($text), true)),
        )), $text);
    }

    /** Whether one part is in the box, without making out the rest. */
    public static function holds(FieldValues $kit, KitPart $part): bool
    {
        $text = $kit->word('kit.contents');

        return in_array($part->value, $kit->words('kit.includes'), true) || ($text !== null && in_array($part, self::said($text), true));
    }

    public function has(KitPart $part): bool
    {
        return in_array($part, $this->parts, true);
    }

    /** Whether anything is known of what is in the box. */
    public function isKnown(): bool
    {
        return $this->parts !== [] || $this->text !== '';
    }

    /**
     * The parts that a list of contents names: "Disc, cover, release bearing; six bolts". Of a part with several names the longest
     * counts, so that a flywheel bolt is no flywheel.
     *
     * @return list<KitPart>
     */
    public static function said(string $text): array
    {
        if (isset(self::$known[$text])) {
            return self::$known[$text];
        }
        $found = [];
        $pieces = preg_split('/[,;+·]|\band\b/iu', mb_strtolower($text));
        foreach ($pieces === false ? [] : $pieces as $piece) {
            $piece = trim((string) preg_replace('/^(?:\d+|one|two|three|four|six|eight|new)\s+/u', '', trim($piece)));
            $best = null;
            foreach (KitPart::cases() as $part) {
                if (preg_match('/^(?:'.$part->spoken().')\b/u', $piece, $m) === 1 && strlen($m[0]) > ($best[1] ?? 0)) {
                    $best = [$part, strlen($m[0])];
                }
            }
            $found[] = $best[0] ?? null;
        }
        self::$known = count(self::$known) > self::REMEMBERED ? [] : self::$known;

        return self::$known[$text] = array_values(array_filter(
            KitPart::cases(), static fn (KitPart $part): bool => in_array($part, $found, true),
        ));
    }
}
