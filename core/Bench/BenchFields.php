<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Quantity\Dimension;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Bench: new against old, trial, orientation, and whether the parts are accepted. */
final class BenchFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $bench = Station::Bench;
        $old = Nature::measured(Whose::OldClutch, Place::Bench)->reading()->drawn(Drawing::Pairs, 'old');
        $new = Nature::measured(Whose::FittedClutch, Place::Bench)->reading()->drawn(Drawing::Pairs, 'new');
        $tried = Nature::measured(Whose::FittedClutch, Place::Bench)->reading();
        $fields = [];
        foreach (Pair::cases() as $pair) {
            foreach ([$pair->old() => ['old', $old], $pair->new() => ['new', $new]] as $key => [$which, $nature]) {
                $fields[] = Make::fromZero($key, $bench, "{$pair->label()}, {$which}", Dimension::Length, 900)
                    ->takenWith($pair->instrument())
                    ->is($which === 'new' ? $nature->insteadOf($pair->ofKit()) : $nature->sameAs($pair->elsewhere()));
            }
        }

        return [
            ...$fields,
            Make::count('bench.splines_old', $bench, 'Splines, old', 60)->is($old->sameAs('vehicle.spline_count')),
            Make::count('bench.splines_new', $bench, 'Splines, new', 60)->is($new->insteadOf('kit.spline_count')),
            Make::count('bench.bolts_old', $bench, 'Cover bolts, old', 24)->is($old->sameAs('match.bolt_count')),
            Make::count('bench.bolts_new', $bench, 'Cover bolts, new', 24)->is($new->insteadOf('kit.bolt_count')),
            Make::flag('bench.slides', $bench, 'Disc slides on the real shaft')->how('freely over the whole spline, no rock')->is($tried),
            Make::words('bench.clears', Kind::Word, $bench, 'Disc on the bare flywheel', [
                'clear' => 'Clear of crank bolts and pilot', 'stands' => 'Stands on the crank bolts',
            ])->is($tried),
            Make::flag('bench.tool', $bench, 'Alignment tool fits pilot and hub')->is($tried),
            Make::flag('bench.sits', $bench, 'Cover sits on all dowels')->how('and every bolt hole is in line')->is($tried),
            Make::words('bench.orientation', Kind::Word, $bench, 'Towards the flywheel goes', [
                'short' => 'The flat side, shorter hub', 'long' => 'The damper side, longer hub', 'marked' => 'The side its maker marked',
            ])->is($tried),
            Make::words('bench.orientation_by', Kind::Word, $bench, 'Known by', [
                'old_disc' => 'The old disc', 'marked' => "The maker's mark", 'trial' => 'Trial on the crank bolts',
                'rule' => 'The usual rule',
            ])->is(Nature::chosen(Whose::Job)->reading()),
            Make::words('bench.release_test', Kind::Word, $bench, 'Release with the pedal, no gearbox', [
                'turns' => 'The disc turns by hand', 'drags' => 'The disc drags', 'not_done' => 'Not done',
            ])->how('housing and bearing on, a spare shaft in the hub; worth it on any changed combination')->is($tried->minutes(10)),
            Make::words('bench.damage', Kind::Words, $bench, 'Out of the box', [
                'none' => 'Looked, nothing wrong', 'bent_strap' => 'Drive strap bent: it was dropped',
                'dropped' => 'Cover dented or out of round',
                'cracked' => 'Cracked', 'wrong_part' => 'Not the part that was ordered', 'missing_piece' => 'Something of it is missing',
            ])->is($tried),
            Make::words('bench.accepted', Kind::Word, $bench, 'The parts are', [
                'accepted' => 'Accepted', 'sent_back' => 'Sent back',
            ])->is(Nature::chosen(Whose::Job)->reading()->conclusion()),
            Make::text('bench.reason', $bench, 'Reason, for the supplier')->is(Nature::chosen(Whose::Job)->reading()->mayName()),
        ];
    }
}
