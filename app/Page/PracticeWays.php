<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Practice\ByProposal;
use Spindle\Practice\Played;
use Spindle\Practice\PracticeError;

/**
 * Ways of several people at one practice vehicle, side by side: each line a name and the address at which somebody stands. What is no such
 * address, or leads to another vehicle, is named and left out.
 */
final readonly class PracticeWays
{
    /** More are not told apart in a drawing. */
    public const MOST = 5;

    private const PROPOSED = 'As proposed';

    /**
     * @param  array<string, PracticeBay>  $ways  by whose they are
     * @param  list<string>  $refused  what is wrong with which line
     */
    private function __construct(public array $ways, public array $refused)
    {
    }

    public static function read(string $text): self
    {
        $ways = [];
        $refused = [];
        $lines = array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== '');
        foreach (array_values($lines) as $i => $line) {
            $bay = self::bay($line);
            $name = trim((string) preg_replace('~\S+$~', '', $line), " \t:,;");
            // A number alone is no name: it is taken for a place in the list.
            $name = $name === '' || is_numeric($name) ? 'Way '.($i + 1) : mb_substr($name, 0, 40);
            $refusal = self::refusal('Line '.($i + 1), $name, $bay, $ways);
            if ($bay !== null && $refusal === '') {
                $ways[$name] = $bay;
            } else {
                $refused[] = $refusal;
            }
        }

        return new self($ways, $refused);
    }

    /** @param  array<string, PracticeBay>  $ways  that stand there by now */
    private static function refusal(string $line, string $name, ?PracticeBay $bay, array $ways): string
    {
        $first = array_values($ways)[0] ?? null;

        return match (true) {
            $bay === null => "{$line} is no address of a practice vehicle.",
            count($ways) >= self::MOST => "{$line}: no more than ".self::MOST.' ways are drawn.',
            isset($ways[$name]) || $name === self::PROPOSED => "{$line}: “{$name}” stands there already.",
            $first !== null && ! $bay->isSameVehicle($first) => "{$line} is another vehicle than line 1.",
            default => '',
        };
    }

    /** @return array<string, Played> them and, at the end, what triage would have done */
    public function courses(): array
    {
        $first = array_values($this->ways)[0] ?? null;

        return $first === null ? [] : [
            ...array_map(static fn (PracticeBay $b): Played => $b->played, $this->ways),
            self::PROPOSED => Played::of($first->played->hidden, new ByProposal),
        ];
    }

    private static function bay(string $line): ?PracticeBay
    {
        if (preg_match('~/practice/(P-\d{1,6})(?:\?(\S*))?$~', $line, $m) !== 1) {
            return null;
        }
        parse_str($m[2] ?? '', $query);
        $given = array_filter($query, is_string(...));
        try {
            return PracticeBay::of($m[1], array_intersect_key($given, ['level' => '', 'class' => '', 'tell' => '']), $given['m'] ?? '');
        } catch (PracticeError) {
            return null;
        }
    }
}
