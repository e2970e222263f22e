<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** The figures of a kit that its capacity follows from: rings, linings, springs, and what its maker claims. */
final class ClutchFields
{
    /** One kit is told from another by these. */
    private const TELLING = ['kit.name', 'kit.lining_outer', 'kit.clamp_load'];

    /** @return list<Field> */
    public static function all(): array
    {
        return [...self::ofOldClutch(), ...self::ofKit()];
    }

    /** @return list<Field> what the old lining is: how it wore tells how the next one will */
    private static function ofOldClutch(): array
    {
        $old = Nature::makers(Whose::OldClutch)->reading();
        $mm = Dimension::Length;

        return [
            Make::choice('disc.material', Station::Strip, 'Old lining is', Material::cases())->is($old->asKit('material')),
            Make::quantity('disc.lining_outer', Station::Strip, 'Old lining, outer diameter', Range::of($mm, 80, 600))
                ->takenWith(Instrument::Calliper)->is($old->asKit('lining_outer')),
            Make::quantity('disc.lining_inner', Station::Strip, 'Old lining, inner diameter', Range::of($mm, 40, 600))
                ->takenWith(Instrument::Calliper)->is($old->asKit('lining_inner')),
        ];
    }

    /** @return list<Field> */
    private static function ofKit(): array
    {
        $kit = Station::Kit;
        $mm = Dimension::Length;
        $maker = Nature::makers(Whose::FittedClutch)->anew();

        return array_map(static fn (Field $f): Field => $f->is(in_array($f->key, self::TELLING, true) ? $maker->tellsTheKit()
            : $maker), [
                Make::text('kit.name', $kit, 'Kit'),
                Make::count('kit.discs', $kit, 'Discs', 6),
                Make::quantity('kit.lining_outer', $kit, 'Lining, outer diameter', Range::of($mm, 80, 600)),
                Make::quantity('kit.lining_inner', $kit, 'Lining, inner diameter', Range::of($mm, 40, 600)),
                Make::choice('kit.material', $kit, 'Material', Material::cases()),
                Make::quantity('kit.mu', $kit, 'Friction coefficient', Range::of(Dimension::Ratio, 0.05, 1.2)),
                Make::quantity('kit.mu_hot', $kit, 'Friction coefficient, hot', Range::of(Dimension::Ratio, 0.05, 1.2)),
                Make::quantity('kit.coverage', $kit, 'Share of the ring the pads cover', Range::of(Dimension::Ratio, 0.05, 1))->in('%'),
                Make::count('kit.pads', $kit, 'Pads a face', 24),
                Make::quantity('kit.usable_per_side', $kit, 'Groove depth, new, a side', Range::of($mm, 0.1, 15)),
                Make::quantity('kit.clamp_load', $kit, 'Clamp load, new', Range::of(Dimension::Force, 100, 200_000)),
                Make::quantity('kit.clamp_load_worn', $kit, 'Clamp load at the wear limit', Range::of(Dimension::Force, 100, 200_000)),
                Make::choice('kit.spring', $kit, 'Springs', SpringKind::cases()),
                Make::quantity('kit.spring_rate', $kit, 'Spring rate, all springs', Range::of(Dimension::Stiffness, 1, 50_000)),
                Make::quantity('kit.wear_travel', $kit, 'Lining wear at the wear limit', Range::of($mm, 0.1, 30)),
                Make::quantity('kit.diaphragm_outer', $kit, 'Diaphragm, outer diameter', Range::of($mm, 50, 600)),
                Make::quantity('kit.diaphragm_inner', $kit, 'Diaphragm, diameter at the slot roots', Range::of($mm, 20, 600)),
                Make::quantity('kit.diaphragm_thickness', $kit, 'Diaphragm, thickness', Range::of($mm, 0.5, 20)),
                Make::quantity('kit.diaphragm_height', $kit, 'Diaphragm, free cone height', Range::of($mm, 0.5, 60)),
                Make::quantity('kit.diaphragm_set', $kit, 'Diaphragm, deflection when new', Range::of($mm, 0.1, 60))
                    ->how('where it presses the plate'),
                Make::quantity('kit.diaphragm_plate', $kit, 'Diaphragm, diameter where it presses the plate', Range::of($mm, 50, 600)),
                Make::quantity('kit.diaphragm_pivot', $kit, 'Diaphragm, diameter of its pivot ring', Range::of($mm, 20, 600)),
                Make::quantity('kit.claimed_torque', $kit, 'Claimed torque rating', Range::of(Dimension::Torque, 5, 10_000)),
                Make::words('kit.claimed_as', Kind::Word, $kit, 'The rating means', [
                    'slip' => 'The torque at which it slips', 'engine' => 'The engine it is sold for',
                ]),
                Make::words('kit.damper', Kind::Word, $kit, 'Hub', ['sprung' => 'Sprung', 'rigid' => 'Rigid']),
                Make::quantity('kit.assist_load', $kit, 'Clamp load that weights add', Range::of(Dimension::Force, 1, 200_000))
                    ->how('at the speed beside it'),
                Make::quantity('kit.assist_speed', $kit, 'Speed at which they add it', Range::of(Dimension::Speed, 50, 20_000)),
                Make::quantity('kit.lining_outer2', $kit, 'Take-off lining, outer diameter', Range::of(Dimension::Length, 80, 600)),
                Make::quantity('kit.lining_inner2', $kit, 'Take-off lining, inner diameter', Range::of(Dimension::Length, 40, 600)),
                Make::choice('kit.material2', $kit, 'Take-off lining, material', Material::cases()),
                Make::quantity('kit.mu2', $kit, 'Take-off lining, friction coefficient', Range::of(Dimension::Ratio, 0.05, 1.2)),
                Make::quantity('kit.clamp_load2', $kit, 'Clamp load on the take-off disc', Range::of(Dimension::Force, 100, 200_000)),
            ]);
    }
}
