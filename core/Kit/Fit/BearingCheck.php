<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Quantity\Length;
use Spindle\Vehicle\Actuation;

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

    public function needs(FitCase $case): array
    {
        return [
            'kit.finger_shape',
            ...(self::brings($case) ? ['kit.bearing_face'] : []),
            ...(self::slidesOnASleeve($case) ? ['kit.bearing_bore'] : []),
        ];
    }

    public function judge(FitCase $case): FitAnswer
    {
        $kind = self::kind($case);
        $isConcentric = $case->sheet->actuation() === Actuation::Concentric;
        $bore = $case->kitLength('kit.bearing_bore');
        $sleeve = $case->vehicleLength('match.sleeve_outer');
        $brings = self::brings($case);
        // A new bearing has its own face, whatever the old one had.
        $face = $brings ? $case->kit->word('kit.bearing_face') : $case->vehicle->word('match.bearing_face');
        $fingers = $case->kit->word('kit.finger_shape');

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

    /** What its supplier says it is, else what the box holds. */
    private static function kind(FitCase $case): ?string
    {
        return $case->kit->word('kit.bearing_kind') ?? match (true) {
            Contents::holds($case->kit, KitPart::ConcentricSlave) => 'concentric',
            Contents::holds($case->kit, KitPart::Bearing) => 'fork',
            default => null,
        };
    }

    private static function brings(FitCase $case): bool
    {
        return self::kind($case) !== null || $case->kit->hasAny('kit.bearing_bore', 'kit.bearing_face');
    }

    /** A bearing for a fork does, and one of which nobody says the kind wherever no concentric one works. */
    private static function slidesOnASleeve(FitCase $case): bool
    {
        $actuation = $case->sheet->actuation();

        return self::brings($case) && match (self::kind($case)) {
            'concentric' => false,
            'fork' => true,
            default => $actuation !== null && $actuation !== Actuation::Concentric,
        };
    }

    private static function slides(Length $bore, Length $sleeve): bool
    {
        return $bore->value >= $sleeve->value && $bore->value <= $sleeve->value + self::MOST_PLAY;
    }
}
