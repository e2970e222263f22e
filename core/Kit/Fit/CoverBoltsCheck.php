<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Length;

/** The holes and dowels of the cover meet those of the flywheel. */
final readonly class CoverBoltsCheck implements FitCheck
{
    /** How far the bolt circles of cover and flywheel may differ, mm. Default from memory [M]. */
    public const TOLERANCE = 0.3;

    public function id(): string
    {
        return 'kit.cover_bolts';
    }

    public function label(): string
    {
        return 'Cover bolts';
    }

    public function ofVehicle(): array
    {
        return ['match.bolt_count', 'match.bolt_circle', 'match.bolt_size', 'match.dowels'];
    }

    public function ofKit(): array
    {
        return ['kit.bolt_count', 'kit.bolt_circle', 'kit.bolt_size', 'kit.dowels'];
    }

    public function needs(FitCase $case): array
    {
        return $case->bringsFlywheel ? [] : ['kit.bolt_count', 'kit.bolt_circle'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        if ($case->bringsFlywheel) {
            return FitAnswer::notApplicable(FitSentences::notMade('flywheel_comes_along'));
        }
        $circles = $case->vehicle->all(Length::class, 'match.bolt_circle');
        $circle = $case->kitLength('kit.bolt_circle');
        [$holes, $bolts] = [$case->vehicle->count('match.bolt_count'), $case->kit->count('kit.bolt_count')];
        [$theirSize, $size] = [self::size($case->vehicle->word('match.bolt_size')), self::size($case->kit->word('kit.bolt_size'))];
        [$theirDowels, $dowels] = [$case->vehicle->count('match.dowels'), $case->kit->count('kit.dowels')];
        $meets = $circle === null || $circles === [] || array_filter(
            $circles, static fn (Length $c): bool => abs($c->value - $circle->value) <= self::TOLERANCE + 1e-9,
        ) !== [];

        return match (true) {
            $holes !== null && $bolts !== null
                && $holes !== $bolts => FitAnswer::out(FitSentences::boltsDiffer($bolts, $holes)),
            ! $meets => FitAnswer::out(
                FitSentences::boltCirclesDiffer($circle ?? $circles[0], $circles),
            ),
            $size !== '' && $theirSize !== ''
                && $size !== $theirSize => FitAnswer::out(FitSentences::boltSizesDiffer($size, $theirSize)),
            $theirDowels !== null && $dowels !== null && $theirDowels !== $dowels => FitAnswer::out(
                FitSentences::dowelsDiffer($dowels, $theirDowels),
            ),
            $circles === [] || $holes === null => FitAnswer::ask(
                FitSentences::ask('flywheel_bolts'), ...$case->vehicle->missing('match.bolt_count',
                    'match.bolt_circle'),
            ),
            $circle === null || $bolts === null => FitAnswer::ask(
                FitSentences::ask('cover_bolts'), ...$case->kit->missing('kit.bolt_count', 'kit.bolt_circle'),
            ),
            default => FitAnswer::within(
                FitSentences::coverBolts($bolts, $circle, $theirDowels === null ? null : $dowels),
            ),
        };
    }

    /** "m8 x 1.25" and "M8" are one size as long as nobody says two pitches. */
    private static function size(?string $written): string
    {
        return preg_match('/m\s*(\d{1,2})/i', $written ?? '', $m) === 1 ? "M{$m[1]}" : strtoupper(trim($written ?? ''));
    }
}
