<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** The release bearing slides on the sleeve and meets the fingers with the right face. */
final readonly class BearingCheck implements FitCheck
{
    /** More play than this on its sleeve lets a bearing cock, mm. From memory [M]. */
    private const MOST_PLAY = 0.5;

    public function id(): string
    {
        return 'kit.bearing';
    }

    public function label(): string
    {
        return 'Release bearing';
    }

    public function ofVehicle(): array
    {
        return ['match.sleeve_outer', 'match.bearing_face'];
    }

    public function ofKit(): array
    {
        return ['kit.bearing_bore', 'kit.bearing_face', 'kit.finger_shape', 'kit.bearing_kind'];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $kind = $case->kit->word('kit.bearing_kind');
        $isConcentric = $case->sheet->actuation()?->value === 'concentric';
        $bore = $case->kitLength('kit.bearing_bore');
        $sleeve = $case->vehicleLength('match.sleeve_outer');
        $face = $case->kit->word('kit.bearing_face') ?? $case->vehicle->word('match.bearing_face');
        $fingers = $case->kit->word('kit.finger_shape');
        $brings = $kind !== null || $bore !== null || $case->kit->has('kit.bearing_face');

        return match (true) {
            $kind !== null && $case->sheet->actuation() !== null && ($kind === 'concentric') !== $isConcentric => FitAnswer::out(
                $isConcentric ? 'A bearing for a fork; this vehicle has a concentric slave.'
                    : 'A concentric slave; this vehicle has a fork.',
            ),
            $fingers !== null && $face !== null && ($fingers === 'flat') !== ($face === 'rounded') => FitAnswer::out(
                "A {$face} bearing on {$fingers} fingers: flat fingers want a rounded bearing, curved fingers a flat one.",
            ),
            $bore !== null && $sleeve !== null && ! self::slides($bore, $sleeve) => FitAnswer::out(
                static fn (Display $d): string => 'Bore of the bearing '.$d->quantity($bore, 0.1).', guide sleeve '.$d->quantity($sleeve,
                    0.1)
                    .($bore->value < $sleeve->value ? ': it does not go on.' : ': it would cock.'),
            ),
            ! $brings && $fingers === null => FitAnswer::notApplicable('The kit says nothing of a bearing or of its fingers.'),
            $fingers !== null && $face === null => FitAnswer::ask(
                'Look at the face of the release bearing that goes in: flat or rounded.', $brings ? 'kit.bearing_face'
                    : 'match.bearing_face',
            ),
            $fingers === null => FitAnswer::ask('The kit does not say whether its fingers are flat or curved.', 'kit.finger_shape'),
            $kind !== 'concentric' && $brings && $bore === null => FitAnswer::ask('The bore of the bearing is not known.',
                'kit.bearing_bore'),
            $kind !== 'concentric' && $bore !== null && $sleeve === null => FitAnswer::ask('Measure the guide sleeve.',
                'match.sleeve_outer'),
            default => FitAnswer::within('The bearing slides on the sleeve, and a '.$face.' face meets '.$fingers.' fingers.'),
        };
    }

    private static function slides(Length $bore, Length $sleeve): bool
    {
        return $bore->value >= $sleeve->value && $bore->value <= $sleeve->value + self::MOST_PLAY;
    }
}
