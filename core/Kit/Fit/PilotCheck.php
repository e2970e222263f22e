<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Vehicle\PilotSeat;

/** The pilot in the kit goes into the crankshaft and takes the tip of the shaft. */
final readonly class PilotCheck implements FitCheck
{
    /** Play above which a pilot is out, mm; and how far a press fit may differ from its seat. From memory [M]. */
    private const MOST_PLAY = 0.25;

    private const PRESS = 0.1;

    public function id(): string
    {
        return 'kit.pilot';
    }

    public function label(): string
    {
        return 'Pilot';
    }

    public function ofVehicle(): array
    {
        return ['shaft.tip_diameter', 'match.pilot_seat'];
    }

    public function ofKit(): array
    {
        return ['kit.pilot_bore', 'kit.pilot_outer'];
    }

    private static function brings(FitCase $case): bool
    {
        return $case->kit->hasAny('kit.pilot_bore', 'kit.pilot_outer') || Contents::holds($case->kit, KitPart::Pilot);
    }

    public function needs(FitCase $case): array
    {
        return self::brings($case) && $case->sheet->pilot() !== null && $case->sheet->pilot() !== PilotSeat::None
            ? ['kit.pilot_bore'] : [];
    }

    public function judge(FitCase $case): FitAnswer
    {
        [$bore, $outer] = [$case->kitLength('kit.pilot_bore'), $case->kitLength('kit.pilot_outer')];
        [$tip, $seat] = [$case->vehicleLength('shaft.tip_diameter'), $case->vehicleLength('match.pilot_seat')];
        if (! self::brings($case)) {
            return FitAnswer::notApplicable(FitSentences::notMade('no_pilot'));
        }

        return match (true) {
            $case->sheet->pilot() === PilotSeat::None => FitAnswer::notApplicable(FitSentences::notMade('pilot_left_out')),
            $bore !== null && $tip !== null && $bore->value < $tip->value => FitAnswer::out(
                FitSentences::pilotTooSmall($bore, $tip),
            ),
            $bore !== null && $tip !== null && $bore->value - $tip->value > self::MOST_PLAY => FitAnswer::out(
                FitSentences::pilotTooLarge($bore, $tip),
            ),
            $outer !== null && $seat !== null && abs($outer->value - $seat->value) > self::PRESS => FitAnswer::out(
                FitSentences::pilotBesideItsSeat($outer, $seat),
            ),
            $bore !== null && $tip === null => FitAnswer::ask(FitSentences::ask('shaft_tip'), 'shaft.tip_diameter'),
            $outer !== null && $seat === null => FitAnswer::ask(FitSentences::ask('pilot_seat'), 'match.pilot_seat'),
            $bore === null => FitAnswer::ask(FitSentences::ask('pilot_bore'), 'kit.pilot_bore'),
            default => FitAnswer::within(FitSentences::pilot($outer !== null)),
        };
    }
}
