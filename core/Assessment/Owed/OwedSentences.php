<?php

declare(strict_types=1);

namespace Spindle\Assessment\Owed;

use Spindle\Assessment\StripPart;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;

/** What is said of what a job owes before it is signed. */
final class OwedSentences implements Sentences
{
    /** By the name of the debt. */
    private const OWED = [
        'vehicle.owed_name' => 'Which vehicle it is, is not written down.',
        'vehicle.owed_complaint' => 'What the customer says is not written down; the work is proved against it.',
        'vehicle.owed_meter' => 'The meter is not read: wear, the next check and the record count from it.',
        'vehicle.owed_build' => 'How the clutch is built is not said: it decides which parts there are.',
        'vehicle.owed_discs' => 'One disc or two is not said; of a truck it is asked and never assumed.',
        'vehicle.owed_assistance' => 'Whether air helps the foot is not said: behind a booster the bores say neither travel nor force.',
        'vehicle.owed_adjusting' => 'Adjusted by hand or by itself is not said: a self-adjusting clutch is never turned.',
        'vehicle.owed_stages' => 'One stage or two is not said: each stage has its own disc and its own setting.',
        'vehicle.owed_take_off' => "The rated speed of the take-off is not known: it ties the take-off's power to the engine.",
        'triage.owed_signs' => 'No sign and no test from outside is written down; the outcome rests on them.',
        'triage.owed_kind' => 'What the job comes to is not said; it decides what the job has to show.',
        'demand.owed_speed' => 'The speed limit of the engine is not known: what turns with it has to stand it.',
        'why.owed_causes' => 'Why the old clutch failed is not concluded; a new one meets the same end.',
        'pilot.owed_play' => 'Play of the shaft in the pilot not measured; a worn one grabs and whines under the new clutch.',
        'intermediate.owed_readings' => 'The plate between the discs goes back; its clearance on the pins and its flatness are not '
            .'measured.',
        'cover.owed_kind' => 'Fingers or levers is not said: a lever set has parts of its own.',
        'kit.owed_choice' => 'Which kit goes in is not chosen, nor that the old disc goes back.',
        'bench.owed_trial' => 'New against old: the alignment tool and the cover on its dowels are not tried.',
        'bench.owed_box' => 'Whether the parts came whole is not said; a strap bent in the box slips or drags for ever.',
        'bench.owed_sizes' => 'New against old is not measured: outer diameter, hub on both sides, height of the fingers.',
        'fit.owed_order' => 'The order of fitting is not kept: no step of it is entered.',
        'fastening.owed_cover' => "The bolts of the cover are not entered: how many, and the maker's torque.",
        'fastening.owed_gap' => 'Whether the cover came down square is not said: the gap around it, and the alignment tool that still '
            .'slides.',
        'fastening.owed_flywheel' => "The flywheel comes off; its bolts are not entered: how many, and the maker's torque.",
        'fastening.owed_slave' => "The bolts of the concentric slave are not entered: how many, and the maker's torque.",
        'release.owed_gap' => 'Whether the clutch lets go is neither measured nor worked out: the air gap, or the chain from the pedal.',
        'release.owed_in_hand' => 'How far the slave can still be pushed back is not measured: worn linings bottom it.',
        'release.owed_set' => 'What was set is not measured: the free play at the pad.',
        'truck.owed_linkage' => 'Brake, bearing gap, fork play and free pedal are read together, and after any setting anew.',
        'truck.owed_squeeze' => 'Where in the pedal the clutch brake meets is not measured: touched on every change it wears out.',
        'two_stage.owed_setting' => 'Of the two stages not everything is measured: lever heights, the whole travel and that to the first '
            .'release, the air gap of either disc.',
        'hydraulics.owed_fluid' => 'The circuit was opened: which fluid went in, and which one the maker names, is not said.',
        'hydraulics.owed_bleeding' => 'The circuit was opened: how it was bled, and how far, is not said.',
        'hydraulics.owed_proof' => 'The circuit was opened: it owes its proof, the pedal against a blocked slave or firm and without '
            .'bubbles twice running.',
        'prove.tests' => 'Nothing is proved: the tests are to be done, or to say why nothing was tried.',
        'prove.owed_release' => 'That it lets go is not proved: first and reverse selected, or the air gap measured.',
        'prove.owed_hold' => 'That it holds is not proved: a slip test passed, or a margin that is worked out.',
        'prove.owed_leaks' => 'That the hydraulics stay dry is not proved: looked at after ten presses and a run.',
        'prove.owed_take_up' => 'Where it takes up is not measured: from the floor, and of how much travel.',
        'prove.owed_recheck' => 'When it is looked at again is not said.',
    ];

    public static function owed(string $debt): Said
    {
        return Said::as(__METHOD__, compact('debt'), static fn (): string => self::OWED[$debt]);
    }

    public static function notLookedAt(StripPart $part): Said
    {
        return Said::as(__METHOD__, compact('part'), static fn (): string => match ($part) {
            StripPart::Intermediate => 'Intermediate plate',
            StripPart::Bearing => 'Release bearing',
            StripPart::Fork => 'Fork and pivot',
            StripPart::Shaft => 'Shaft and splines',
            default => ucfirst($part->name()),
        }.': not looked at, or what was seen is not written down.');
    }
}
