<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

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
                FitSentences::bearingOfOtherKind($isConcentric),
            ),
            $fingers !== null && $face !== null && ($fingers === 'flat') !== ($face === 'rounded') => FitAnswer::out(
                FitSentences::bearingFaceWrong($face, $fingers),
            ),
            $bore !== null && $sleeve !== null && ! self::slides($bore, $sleeve) => FitAnswer::out(
                FitSentences::bearingDoesNotSlide($bore, $sleeve),
            ),
            ! $brings && $fingers === null => FitAnswer::notApplicable(FitSentences::notMade('no_bearing')),
            $fingers !== null && $face === null => FitAnswer::ask(
                FitSentences::ask('bearing_face'), $brings ? 'kit.bearing_face'
                    : 'match.bearing_face',
            ),
            $fingers === null => FitAnswer::ask(FitSentences::ask('finger_shape'), 'kit.finger_shape'),
            $kind !== 'concentric' && $brings && $bore === null => FitAnswer::ask(FitSentences::ask('bearing_bore'),
                'kit.bearing_bore'),
            $kind !== 'concentric' && $bore !== null && $sleeve === null => FitAnswer::ask(FitSentences::ask('sleeve'),
                'match.sleeve_outer'),
            default => FitAnswer::within(FitSentences::bearing($face, $fingers)),
        };
    }

    private static function slides(Length $bore, Length $sleeve): bool
    {
        return $bore->value >= $sleeve->value && $bore->value <= $sleeve->value + self::MOST_PLAY;
    }
}
