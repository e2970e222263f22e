<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Length;

/** Fingers or levers around a cover, each as long as it stands high over the lowest, drawn larger than life. */
final readonly class RingDrawing
{
    public const CENTRE = 150.0;

    public const HUB = 46.0;

    /** Where the places are numbered. */
    private const NUMBERS = 35.0;

    private const TEXTS = 136.0;

    private const SHORTEST = 34.0;

    private const LONGEST = 60.0;

    /**
     * @param  list<array{
     *     x1: float, y1: float, x2: float, y2: float, tx: float, ty: float, nx: float, ny: float,
     *     number: int, text: string, state: string,
     * }>  $tips
     */
    private function __construct(public array $tips, public string $spread)
    {
    }

    public static function of(AssessedJob $page, string $key): self
    {
        $field = Subjects::dictionary()->get($key);
        $filled = $page->current->filled($key);
        $around = max($field->positions, $filled === [] ? 0 : 1 + max(array_keys($filled)));
        $heights = self::heights($page, $key);
        [$low, $high] = $heights === [] ? [0.0, 0.0] : [min($heights), max($heights)];
        $span = max(1e-9, $high - $low);
        $tips = [];
        for ($place = 0; $place < $around; $place++) {
            $height = $heights[$place] ?? null;
            $angle = (2 * M_PI * $place) / max(1, $around);
            $reach =
                self::HUB +
                ($height === null
                    ? self::SHORTEST
                    : self::SHORTEST + (self::LONGEST - self::SHORTEST) * ($high > $low ? ($height - $low) / $span : 0.5));
            $at = static fn (float $r, float $down = 0.0): array => [
                round(self::CENTRE + $r * sin($angle), 1), round(self::CENTRE - $r * cos($angle) + $down, 1),
            ];
            [[$x1, $y1], [$x2, $y2]] = [$at(self::HUB + 9), $at($reach)];
            [[$tx, $ty], [$nx, $ny]] = [$at(self::TEXTS, 5.0), $at(self::NUMBERS, 5.0)];
            $tips[] = [
                'x1' => $x1,
                'y1' => $y1,
                'x2' => $x2,
                'y2' => $y2,
                'tx' => $tx,
                'ty' => $ty,
                'nx' => $nx,
                'ny' => $ny,
                'number' => $place + 1,
                'text' => $height === null ? '' : self::text($page, $height, $key),
                'state' => match (true) {
                    $height === null => 'missing',
                    $high > $low && $height === $low => 'low',
                    default => 'there',
                },
            ];
        }

        return new self(
            $tips,
            count($heights) < 2 ? '' : $page->display->quantity(Length::mm($high - $low), $page->values()->resolution($key)),
        );
    }

    /** Whether none was measured, so that there is nothing to draw. */
    public function isEmpty(): bool
    {
        return array_filter($this->tips, static fn (array $tip): bool => $tip['state'] !== 'missing') === [];
    }

    /** @return array<int, float> mm by place */
    private static function heights(AssessedJob $page, string $key): array
    {
        $filled = array_keys($page->current->filled($key));
        $values = array_map(static fn (Length $l): float => $l->value, $page->values()->all(Length::class, $key));

        return count($filled) === count($values) && $filled !== [] ? array_combine($filled, $values) : [];
    }

    private static function text(AssessedJob $page, float $height, string $key): string
    {
        $unit = $page->sheet->units->unit(Length::dimension());
        $step = $unit->fromBase($page->values()->resolution($key));

        return $page->display->number($unit->fromBase($height), $step > 0.0 ? max(0, (int) round(-log10($step))) : 0);
    }
}
