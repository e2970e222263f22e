<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Quantity\Display;
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

    public function judge(FitCase $case): FitAnswer
    {
        [$bore, $outer] = [$case->kitLength('kit.pilot_bore'), $case->kitLength('kit.pilot_outer')];
        [$tip, $seat] = [$case->vehicleLength('shaft.tip_diameter'), $case->vehicleLength('match.pilot_seat')];
        if ($bore === null && $outer === null) {
            return FitAnswer::notApplicable('The kit brings no pilot bearing.');
        }

        return match (true) {
            $case->sheet->pilot() === PilotSeat::None => FitAnswer::notApplicable('No pilot bearing here; leave that of the kit out.'),
            $bore !== null && $tip !== null && $bore->value < $tip->value => FitAnswer::out(
                static fn (Display $d): string => 'Pilot bore '.$d->quantity($bore, 0.01).', tip of the shaft '.$d->quantity($tip, 0.01)
                    .': it does not go in.',
            ),
            $bore !== null && $tip !== null && $bore->value - $tip->value > self::MOST_PLAY => FitAnswer::out(
                static fn (Display $d): string => 'Pilot bore '.$d->quantity($bore, 0.01).', tip of the shaft '.$d->quantity($tip, 0.01)
                    .': it would rattle.',
            ),
            $outer !== null && $seat !== null && abs($outer->value - $seat->value) > self::PRESS => FitAnswer::out(
                static fn (Display $d): string => 'Pilot '.$d->quantity($outer, 0.01).' over, its seat '.$d->quantity($seat, 0.01).'.',
            ),
            $bore !== null && $tip === null => FitAnswer::ask('Measure the tip of the shaft.', 'shaft.tip_diameter'),
            $outer !== null && $seat === null => FitAnswer::ask('Measure the seat of the pilot.', 'match.pilot_seat'),
            $bore === null => FitAnswer::ask('The bore of the pilot is not known.', 'kit.pilot_bore'),
            default => FitAnswer::within('The pilot goes on the tip of the shaft'.($outer === null ? '.' : ' and into its seat.')),
        };
    }
}
