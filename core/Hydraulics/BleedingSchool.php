<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Quantity\Duration;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;

/** The ways in which a clutch is bled. Workshops swear by one or another; each is here as a list of steps. Common practice, no source. */
enum BleedingSchool: string
{
    case Helper = 'helper';
    case Reverse = 'reverse';
    case Prefilled = 'prefilled';
    case Gravity = 'gravity';
    case Vacuum = 'vacuum';
    case Pressure = 'pressure';

    public function label(): string
    {
        return match ($this) {
            self::Helper => 'Helper at the pedal',
            self::Reverse => 'Reverse, slave end first',
            self::Prefilled => 'Concentric slave filled in the hand',
            self::Gravity => 'Gravity',
            self::Vacuum => 'Vacuum',
            self::Pressure => 'Pressure',
        };
    }

    public function suits(): string
    {
        return match ($this) {
            self::Helper => 'Most fork slaves and concentric slaves.',
            self::Reverse => 'Stubborn systems with a small master, or a bleeder below a high point.',
            self::Prefilled => 'A new concentric slave, before the gearbox goes in.',
            self::Gravity => 'Where there is time and the line falls all the way.',
            self::Vacuum => 'Alone; the vacuum can draw air past the bleeder\'s threads, results vary.',
            self::Pressure => 'Alone, with a cap that fits the reservoir.',
        };
    }

    /** How long it takes, in minutes, as a rule. From memory [M]; of the reverse way common practice. */
    public function takes(): Duration
    {
        return Duration::seconds(60.0 * match ($this) {
            self::Helper, self::Vacuum, self::Pressure => 15,
            self::Reverse => 25,
            self::Prefilled => 20,
            self::Gravity => 40,
        });
    }

    /** What is pressed or held by a second person, or on what one is alone. */
    public function isForTwo(): bool
    {
        return in_array($this, [self::Helper, self::Reverse, self::Prefilled], true);
    }

    /** @return list<BleedStep> in order, the proof last */
    public function steps(): array
    {
        $full = BleedStep::of('helper', 'Keep the reservoir full; let it run low and air comes in from the top.', airGetsIn: true);
        $prove = $this === self::Reverse
            ? BleedStep::of('both', 'Block the slave with a clamp and press: hard as a wall, or bleed again.')
            : BleedStep::of('both', 'A firm pedal and no bubbles twice running; else again.');

        return match ($this) {
            self::Helper => [
                $full,
                BleedStep::of('helper', 'Press slowly, nearly to the end, and hold.'),
                BleedStep::of('you', 'Open the bleeder, let it run, close it.', 'rounds', 6),
                BleedStep::of('helper', 'Only now lift the pedal: lifted with the bleeder open it draws air.', airGetsIn: true),
                $prove,
            ],
            self::Reverse => [
                BleedStep::of('you', 'Take the slave off the gearbox and hold its piston. Nobody touches the pedal from now on.'),
                BleedStep::of('you', 'Clear the outlet of the master, so that bubbles find their way up.'),
                $full,
                BleedStep::of('you', 'Open the bleeder, push the piston home, close the bleeder, let the piston come back slowly.',
                    'strokes', 4),
                BleedStep::of('you', 'Back on the gearbox, the bleeder closed; then the pedal may be pressed.', airGetsIn: true),
                $prove,
            ],
            self::Prefilled => [
                BleedStep::of('you', 'Fill the new slave through its port and work it in the hand until no air comes; plug it.',
                    'strokes', 6),
                BleedStep::of('you', 'Fit it full, and connect the line full: every thread opened lets a bubble in.', airGetsIn: true),
                $full,
                BleedStep::of('helper', 'Press slowly, nearly to the end, and hold.'),
                BleedStep::of('you', 'Open the bleeder, let it run, close it.', 'rounds', 3),
                $prove,
            ],
            self::Gravity => [
                BleedStep::of('you', 'Reservoir full, hose on the bleeder into a jar with fluid over its end.', airGetsIn: true),
                BleedStep::of('you', 'Open the bleeder and wait until it runs without bubbles; keep the reservoir full.'),
                BleedStep::of('you', 'Close it, then work the pedal slowly.', 'strokes', 10),
                $prove,
            ],
            self::Vacuum => [
                BleedStep::of('you', 'Grease the threads of the bleeder: the vacuum draws air past them.', airGetsIn: true),
                BleedStep::of('you', 'Draw until no large bubbles come; keep the reservoir full.'),
                BleedStep::of('you', 'Close the bleeder under vacuum.'),
                $prove,
            ],
            self::Pressure => [
                BleedStep::of('you', 'Cap on the reservoir, little pressure, never more than the maker says.'),
                BleedStep::of('you', 'Open the bleeder until it runs clear, close it, release the pressure before the cap.',
                    airGetsIn: true),
                $prove,
            ],
        };
    }

    /** What is usually done on such a vehicle, where the shop has not said. */
    public static function usual(JobSheet $sheet): self
    {
        return $sheet->actuation() === Actuation::Concentric ? self::Prefilled : self::Helper;
    }
}
