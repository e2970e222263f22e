<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Sheet\FieldValues;

/** What is in a kit's box, as its data say: by the list of parts, and by the words of its contents. */
final class Contents
{
    /** A supplier writes the same few lists on thousands of kits. */
    private const REMEMBERED = 500;

    /** @var array<string, array{list<KitPart>, list<KitPart>}> by text: in the box, and named as not in it */
    private static array $known = [];

    /**
     * @param  list<KitPart>  $parts
     * @param  list<KitPart>  $corrected  said not to be in it, whatever the text reads as
     */
    private function __construct(public readonly array $parts, public readonly string $text, private readonly array $corrected)
    {
    }

    public static function of(FieldValues $kit): self
    {
        $text = $kit->word('kit.contents') ?? '';
        $named = $kit->words('kit.includes');
        $leftOut = $kit->words('kit.left_out');

        return new self(array_values(array_filter(
            KitPart::cases(),
            static fn (KitPart $p): bool => ! in_array($p->value, $leftOut, true)
                && (in_array($p->value, $named, true) || ($text !== '' && in_array($p, self::said($text), true))),
        )), $text, array_map(KitPart::from(...), $leftOut));
    }

    /** Whether one part is in the box, without making out the rest. */
    public static function holds(FieldValues $kit, KitPart $part): bool
    {
        $text = $kit->word('kit.contents');

        return ! in_array($part->value, $kit->words('kit.left_out'), true)
            && (in_array($part->value, $kit->words('kit.includes'), true) || ($text !== null && in_array($part, self::said($text), true)));
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
     * The parts that a list of contents says are in the box: "Disc, cover, release bearing; six bolts".
     *
     * @return list<KitPart>
     */
    public static function said(string $text): array
    {
        return self::read($text)[0];
    }

    /** @return list<KitPart> parts that it names and says are not in the box, so that a reading of it can be corrected */
    public function leftOut(): array
    {
        $named = [...self::read($this->text)[1], ...$this->corrected];

        return array_values(array_filter(KitPart::cases(), fn (KitPart $p): bool => in_array($p, $named, true) && ! $this->has($p)));
    }

    /**
     * Of a part with several names the longest counts, so that a flywheel bolt is no flywheel. What follows "without", "less" or
     * "requires" is not in the box, up to the end of the sentence; nor is a part that is "not included" or "sold separately".
     *
     * @return array{list<KitPart>, list<KitPart>} in the box, and named as not in it
     */
    private static function read(string $text): array
    {
        if (isset(self::$known[$text])) {
            return self::$known[$text];
        }
        $found = [[], []];
        $isOut = false;
        $plain = strtr(mb_strtolower($text), ['excl.' => 'excluding', 'incl.' => 'including']);
        $clauses = preg_split('/(?<=[;.])|[,+·()]/u', $plain);
        foreach ($clauses === false ? [] : $clauses as $clause) {
            $isOut = $isOut && preg_match('/^\s*(?:with|incl|plus)\b/u', $clause) !== 1;
            $isExtra = preg_match('/\b(?:not included|not supplied|sold separately|at extra cost|not in the box)\b/u', $clause) === 1;
            $pieces = preg_split('/\band\b|\bor\b|(?=\b(?:without|less|excluding|excl|requires?|needs|no)\b)/u', $clause);
            foreach ($pieces === false ? [] : $pieces as $piece) {
                $isOut = $isOut || preg_match('/^\s*(?:without|less|excluding|excl|requires?|needs|no)\b/u', $piece) === 1;
                $part = self::named($piece);
                if ($part !== null) {
                    $found[(int) ($isOut || $isExtra)][] = $part;
                }
            }
            $isOut = $isOut && preg_match('/[;.]\s*$/u', $clause) !== 1;
        }
        $of = static fn (array $parts): array => array_values(array_filter(
            KitPart::cases(), static fn (KitPart $part): bool => in_array($part, $parts, true),
        ));
        self::$known = count(self::$known) > self::REMEMBERED ? [] : self::$known;

        // A list that says both has the part in doubt, and what is in doubt is not in the box.
        return self::$known[$text] = [array_values(array_udiff(
            $of($found[0]), $of($found[1]), static fn (KitPart $a, KitPart $b): int => $a->value <=> $b->value,
        )), $of($found[1])];
    }

    private static function named(string $piece): ?KitPart
    {
        $before = '/^\W*(?:without|less|excluding|excl|requires?|needs|no|with|including|incl|plus)?\s*'
            .'(?:an?|the|\d+|one|two|three|four|six|eight|new)?\s+/u';
        $piece = trim((string) preg_replace($before, '', ' '.trim($piece)));
        $best = null;
        foreach (KitPart::cases() as $part) {
            if (preg_match('/^(?:'.$part->spoken().')\b/u', $piece, $m) === 1 && strlen($m[0]) > ($best[1] ?? 0)) {
                $best = [$part, strlen($m[0])];
            }
        }

        return $best[0] ?? null;
    }
}
