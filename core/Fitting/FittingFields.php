<?php

declare(strict_types=1);

namespace Spindle\Fitting;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Fit: the steps, what is measured on the way, and the housing swept by a dial. */
final class FittingFields
{
    private const WHY = '_why';

    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Fit;
        $dial = Instrument::DialIndicator;
        $done = Nature::chosen(Whose::Job)->reading()->at(Place::Flywheel);
        $fitted = Nature::measured(Whose::FittedClutch, Place::Flywheel, 2)->reading();
        $housing = Nature::measured(Whose::Vehicle, Place::OpenedHousing, 8)->drawn(Drawing::Housing, 'housing');
        $steps = [];
        foreach (FittingStep::cases() as $step) {
            $steps[] = Make::choice(self::key($step), $at, $step->label(), StepState::cases())->is($done);
            $steps[] = Make::text(self::why($step), $at, "{$step->label()}: why skipped")->is($done->mayName());
        }

        return [
            ...$steps,
            Make::fromZero('fit.clips_in', $at, 'Clips, caging bolts and blocks that came in', Dimension::Ratio, 24)->is($fitted),
            Make::fromZero('fit.clips_out', $at, 'Taken out and counted', Dimension::Ratio, 24)->is($fitted),
            Make::lengths('fit.pin_clearance', $at, 'Clearance at the drive pins', 5, 6)->takenWith(Instrument::FeelerGauge)
                ->how('on the same side of every pin')->is($fitted),
            Make::lengths('fit.finger_heights', $at, 'Finger heights, bolted down', 200, 4)->takenWith(Instrument::DepthGauge)
                ->is($fitted->drawn(Drawing::Cover, 'fingers')),
            Make::words('fit.bearing_slides', Kind::Word, $at, 'Bearing on its sleeve',
                ['free' => 'Slides free by hand, all the way', 'sticks' => 'Sticks or scrapes'])->is($fitted),
            Make::lengths('housing.bore_dial', $at, 'Bore of the housing', 20, 8)->takenWith($dial)->how('from twelve, clockwise')
                ->is($housing),
            Make::lengths('housing.face_dial', $at, 'Face of the housing', 20, 8)->takenWith($dial)->how('from twelve, clockwise')
                ->is($housing),
        ];
    }

    public static function key(FittingStep $step): string
    {
        return "fit.{$step->value}";
    }

    /** The step that a field says of; nothing where it says of none. */
    public static function stepOf(string $key): ?FittingStep
    {
        return str_starts_with($key, 'fit.') ? FittingStep::tryFrom(substr($key, strlen('fit.'))) : null;
    }

    /** @return list<string> the steps of which nobody has said anything yet, in order */
    public static function open(JobSheet $sheet): array
    {
        return array_values(array_filter(
            array_map(self::key(...), FittingStep::of($sheet)), static fn (string $key): bool => ! $sheet->values->has($key),
        ));
    }

    public static function why(FittingStep $step): string
    {
        return self::key($step).self::WHY;
    }

    /** The step that a field says of why it was skipped; nothing where it says that of none. */
    public static function stepOfWhy(string $key): ?FittingStep
    {
        return str_ends_with($key, self::WHY) ? self::stepOf(substr($key, 0, -strlen(self::WHY))) : null;
    }
}
