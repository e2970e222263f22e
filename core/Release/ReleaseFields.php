<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Set: the bearing, the chain from pedal to plate, the truck's three clearances. */
final class ReleaseFields
{
    /** A rod is not turned further in one step, whatever was typed. From memory [M]. */
    private const MOST_TURNS = 30.0;

    /** A ring is not turned further in one round. From memory [M]. */
    private const MOST_NOTCHES = 60.0;

    /** Steps that are offered; there may be more. */
    private const STEPS = 4;

    /** @return list<Field> */
    public static function all(): array
    {
        $set = Station::Set;
        $mm = Dimension::Length;
        $rule = Instrument::SteelRule;
        $depth = Instrument::DepthGauge;
        $makers = Nature::makers(Whose::Actuation)->ofModel();
        $has = Nature::makers(Whose::Actuation);
        $build = Nature::chosen(Whose::Actuation)->lasting();
        $wanted = Nature::chosen(Whose::Job);
        $open = Nature::measured(Whose::Actuation, Place::OpenedHousing, 2)->reading();
        $pedal = Nature::measured(Whose::Actuation, Place::Cab);
        $under = Nature::measured(Whose::Actuation, Place::UnderVehicle);
        $ring = Nature::measured(Whose::Actuation, Place::UnderVehicle)->reading();

        return [
            Make::lengths('release.depth_to_fingers', $set, 'A: housing face to finger tips', 500, 3)->takenWith($depth)
                ->how('three places around, averaged')->is($open->drawn(Drawing::Housing, 'A')->set('release.clearance')),
            Make::lengths('release.bearing_height', $set, 'B: gearbox face to bearing face', 500, 1)->takenWith($depth)
                ->how('bearing pushed fully home')
                ->is($open->drawn(Drawing::Housing, 'B')->set('release.clearance')),
            Make::quantity('release.clearance_target', $set, 'Clearance wanted', Range::of($mm, 0.1, 60))
                ->how(sprintf("the maker's figure; %.1f mm without one", BearingClearance::TARGET))->is($makers->target()),
            (new Field(
                'release.shim_stock',
                Kind::Quantities,
                $set,
                'Shims in stock',
                $mm,
                Make::quantity('', $set, '', Range::of($mm, 0.05, 20))->range,
                3,
                Instrument::Calliper,
                how: '0.8, 1.6 and 2.3 mm when left out',
            ))->is(Nature::measured(Whose::Job, Place::Bench)),
            Make::fromZero('release.clearance', $set, 'Bearing clearance', $mm, 60)->takenWith($depth)
                ->how('only where A and B are not measured')->is($under->onlyOpen()->drawn(Drawing::Chain, 'clearance')
                ->set('release.depth_to_fingers', 'release.bearing_height')),
            Make::lengths('release.shims_fitted', $set, 'Shims that went in', 20, 3)->takenWith(Instrument::Calliper)
                ->how('each with its thickness; 0 for none')
                ->is(Nature::measured(Whose::Actuation, Place::OpenedHousing, 2)->step('shims')),
            Make::flag('release.light_contact', $set, 'Bearing runs in constant light contact')->is($build),
            Make::fromZero('release.slave_stroke_left', $set, 'Slave: stroke it can still be pushed back', $mm, 100)->takenWith($rule)
                ->how('push the piston fully home and measure how far it went;'
                    .' of a booster what its indicator shows')->is($under->minutes(2)),
            Make::flag('release.rod_adjustable', $set, 'Slave rod adjustable')->is($build),
            Make::flag('release.self_adjusting', $set, 'Cable adjusts itself')->is($build),

            Make::fromZero('release.free_play', $set, 'Free play at the pad', $mm, 150)->takenWith($rule)
                ->how('by hand, until something moves')
                ->is($pedal->proof()->drawn(Drawing::Chain, 'free play')->set('release.turns_made')),
            Make::fromZero('release.free_play_target', $set, 'Free play wanted', $mm, 150)
                ->how('the middle of the accepted band when left out')->is($makers->target()),
            (new Field('release.turns_made', Kind::Quantities, $set, 'Turns made, step by step', Dimension::Ratio,
                Range::between(Ratio::of(-self::MOST_TURNS), Ratio::of(self::MOST_TURNS)), self::STEPS,
                how: 'two at a time; + takes free play away: a longer rod, a tighter cable'))
                ->is($under->step('rod')),
            Make::lengths('release.play_after', $set, 'Free play after each step', 150, self::STEPS)->takenWith($rule)
                ->how('measured before the next')
                ->is($pedal->leaves('release.free_play')),
            Make::quantity('release.pedal_travel', $set, 'Pedal travel to floor or stop', Range::of($mm, 10, 400))->takenWith($rule)
                ->is($pedal->drawn(Drawing::Chain, 'pedal travel')->set()),
            Make::ratio('release.pedal_ratio', $set, 'Pedal ratio', 0.2, 50)->is($makers->drawn(Drawing::Chain, 'pedal ratio')),
            Make::quantity('release.rod_pitch', $set, 'Thread pitch of the rod', Range::of($mm, 0.2, 5))->is($makers),
            Make::words(Adjuster::AT, Kind::Word, $set, 'Adjuster sits', Adjuster::places())->is($build->ofModel()),
            Make::words(Adjuster::LONGER, Kind::Word, $set, 'Adjuster made longer', Adjuster::ways())
                ->how('try half a turn and feel the play')->is($build->ofModel()),
            Make::quantity('release.master_bore', $set, 'Master bore', Range::of($mm, 5, 80))
                ->is($makers->drawn(Drawing::Chain, 'master bore')),
            Make::quantity('release.slave_bore', $set, 'Slave bore', Range::of($mm, 5, 150))
                ->is($makers->drawn(Drawing::Chain, 'slave bore')),
            Make::quantity('release.slave_outer', $set, 'Annular slave, outer diameter', Range::of($mm, 5, 200))
                ->is($makers->drawn(Drawing::Chain, 'ring, outside')),
            Make::quantity('release.slave_inner', $set, 'Annular slave, inner diameter', Range::of($mm, 5, 200))
                ->is($makers->drawn(Drawing::Chain, 'ring, inside')),
            Make::share('release.stroke_loss', $set, 'Stroke lost to hoses and air', 0, 0.9)
                ->is($under->drawn(Drawing::Chain, 'stroke lost')),
            Make::fromZero('release.booster_stroke', $set, 'Booster: stroke of its rod, pedal down', $mm, 150)->takenWith($rule)
                ->how('from rest, with air in the tank')->is($under->minutes(2)),
            Make::ratio('release.linkage_ratio', $set, 'Linkage ratio', 0.02, 50)->how('cable or rods, instead of the bores')
                ->is($has->drawn(Drawing::Chain, 'linkage ratio')),
            Make::ratio('release.fork_ratio', $set, 'Fork ratio', 0.1, 20)->how('outer end over bearing end; 1 for a concentric bearing')
                ->is($makers->drawn(Drawing::Chain, 'fork ratio')),
            Make::ratio('release.finger_ratio', $set, 'Finger ratio', 0.5, 20)->how('finger travel over plate lift')
                ->is(Nature::makers(Whose::OldClutch)->onlyOpen()->ofModel()->drawn(Drawing::Chain, 'finger ratio')),
            Make::fromZero('release.cover_loss', $set, "Lift lost to the cover's flexing", $mm, 5)
                ->is($under->drawn(Drawing::Chain, 'lost in the cover')),
            Make::fromZero('release.cushion', $set, 'Cushion of one disc', $mm, 5)->how('lift over which the cushion springs still hold')
                ->is(Nature::makers(Whose::OldClutch)->onlyOpen()->anew()->drawn(Drawing::Chain, 'cushion, a disc')),
            Make::quantity('release.efficiency', $set, 'Efficiency', Range::of(Dimension::Ratio, 0.1, 1))->in('%')
                ->how('85 % when left out')
                ->is($wanted),

            Make::fromZero('release.take_up_height', $set, 'Take-up as found, from the floor', $mm, 400)->takenWith($rule)
                ->how('before anything is set; afterwards it is measured at Prove')->is($pedal->foundOnly()),
            Make::ratio(TwoStages::RATIO, $set, 'Take-off stage: lever ratio', 0.5, 20)->how('lever travel over lift of its plate')
                ->is(Nature::makers(Whose::OldClutch)->onlyOpen()->ofModel()),
            Make::fromZero(TwoStages::BEGINS, $set, 'Take-off stage begins: travel at the bearing', $mm, 100)->takenWith($rule)
                ->how('from touching until its levers are met; that to the first release when left out')->is($under->minutes(2)),
            Make::fromZero(TwoStages::CUSHION, $set, 'Take-off stage: cushion of its disc', $mm, 5)
                ->how('0 for a rigid disc')->is(Nature::makers(Whose::OldClutch)->onlyOpen()->anew()),
            Make::fromZero(TwoStages::LOSS, $set, 'Take-off stage: lift lost to flexing', $mm, 5)->is($under),
            Make::quantity('release.pedal_force_measured', $set, 'Pedal force, measured at the pad', Range::of(Dimension::Force, 1, 2000))
                ->how('the greatest on the way down')->is($pedal->minutes(2)->set()),

            Make::share('release.take_up_wanted', $set, 'Take-up wanted, above the floor', 0.05, 0.95)->how("the driver's wish")
                ->is($wanted),
            Make::quantity('release.air_gap_wanted', $set, 'Air gap wanted, each face', Range::of($mm, 0.1, 5))->how('0.5 mm when left out')
                ->is($wanted),
            Make::lengths('release.air_gap_measured', $set, 'Air gap measured, pedal down', 20, 4)->takenWith(Instrument::FeelerGauge)
                ->how('two feelers opposite each other, through the inspection hole; by disc and side below')
                ->is($under->minutes(4)->proof()
                    ->set('release.free_play', 'release.turns_made', 'release.pedal_travel', 'release.clearance', 'release.shims_fitted')),
            ...array_map(static fn (string $key): Field => Make::lengths($key, $set, MeasuredGap::label($key), 20, 3)
                ->takenWith(Instrument::FeelerGauge)->how('place by place, pedal down; the other side at the same places')
                ->is($under->minutes(2)->proof()->set('release.free_play', 'release.turns_made', 'release.pedal_travel',
                    'release.clearance', 'release.shims_fitted')), MeasuredGap::sides()),
            Make::fromZero('release.pad_moved', $set, 'Pad moved', $mm, 400)->takenWith($rule)->how('after the free play is taken up')
                ->is($pedal),
            Make::fromZero('release.fork_end_moved', $set, 'End of the fork moved', $mm, 200)->takenWith($rule)
                ->how('by the same press of the pedal')
                ->is($under),
            Make::fromZero('release.rod_moved', $set, 'Pushrod moved', $mm, 200)->takenWith($rule)->how('by the same press of the pedal')
                ->is($under),
            Make::fromZero('release.bearing_moved', $set, 'Bearing moved', $mm, 100)->takenWith($depth)
                ->how('by the same press of the pedal')
                ->is($under),
            Make::fromZero('release.plate_moved', $set, 'Pressure plate lifted', $mm, 20)->takenWith(Instrument::DialIndicator)
                ->how('by the same press of the pedal')->is($under),
            Make::quantity('release.master_stroke_max', $set, 'Stroke the master has', Range::of($mm, 1, 200))->is($has),
            Make::quantity('release.slave_stroke_max', $set, 'Stroke the slave has', Range::of($mm, 1, 200))->is($has),
            Make::flag('release.firm_again', $set, 'Pedal turns firm again before the floor')
                ->is($pedal->set('release.pedal_travel')),

            Make::words(
                'truck.brake', Kind::Word, $set, 'Clutch brake',
                ['good' => 'Good', 'worn' => 'Worn through', 'missing' => 'Missing', 'bad' => 'Bad'],
            )
                ->how('first of all: it is the reference')->is($ring->standing('good')),
            Make::fromZero('truck.bearing_gap', $set, 'Bearing to clutch brake, pedal up', $mm, 100)->takenWith($rule)
                ->is($ring->drawn(Drawing::Ring, 'bearing to brake')->untrueAfter('truck.notches_made')),
            (new Field('truck.notches_made', Kind::Quantities, $set, 'Ring: notches turned', Dimension::Ratio,
                Range::between(Ratio::of(-self::MOST_NOTCHES), Ratio::of(self::MOST_NOTCHES)), self::STEPS,
                how: 'round by round; + is clockwise, seen from the inspection hole'))->is($ring->step('ring')),
            (new Field('truck.linkage_turns', Kind::Quantities, $set, 'Outer rod: turns made', Dimension::Ratio,
                Range::between(Ratio::of(-self::MOST_TURNS), Ratio::of(self::MOST_TURNS)), self::STEPS,
                how: 'round by round; + lengthens it'))->is($ring->step('linkage')),
            Make::fromZero('truck.fork_play', $set, 'Fork to bearing pads', $mm, 50)->takenWith($rule)
                ->is($ring->drawn(Drawing::Ring, 'fork to pads')->untrueAfter('truck.notches_made', 'truck.linkage_turns')),
            Make::fromZero('truck.free_pedal', $set, 'Free pedal', $mm, 300)->takenWith($rule)
                ->is(Nature::measured(Whose::Actuation, Place::Cab)->reading()->drawn(Drawing::Ring, 'free pedal')
                    ->untrueAfter('truck.notches_made', 'truck.linkage_turns')),
            Make::fromZero('truck.brake_squeeze', $set, 'Pedal left when the brake meets', $mm, 300)->takenWith($rule)
                ->how('from the floor')
                ->is(Nature::measured(Whose::Actuation, Place::Cab)->reading()->proof()->drawn(Drawing::Ring, 'squeeze')),
        ];
    }
}
