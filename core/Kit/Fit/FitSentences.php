<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Speed;

/** What is said of whether a kit fits. */
final class FitSentences implements Sentences
{
    /** What has to be found out, by what it is about. */
    private const ASKED = [
        'class' => 'Class of the vehicle not entered.',
        'classes' => 'The kit does not say which class of vehicle it is for.',
        'tractor_stages' => 'Single or two-stage clutch: not entered.',
        'stages' => 'The kit does not say whether it is single or two-stage.',
        'truck_discs' => 'One disc or two: not entered.',
        'discs' => 'The kit does not say how many discs it has.',
        'actuation' => 'Actuation not entered: push or pull cannot be checked.',
        'old_release' => 'Look whether the bearing pushes or pulls the old cover.',
        'release' => 'The kit does not say whether it is pushed or pulled.',
        'shaft_splines' => 'Count the splines on the shaft.',
        'hub_splines' => 'Count the splines in the hub.',
        'shaft_over_splines' => 'Measure the shaft over its splines.',
        'hub_over_splines' => 'The spline diameter of the hub is not known.',
        'face_of_kit_flywheel' => 'The kit brings a flywheel and does not say how large its friction face is.',
        'face' => 'Measure the friction face of the flywheel.',
        'lining_outer' => 'The outer diameter of the lining is not known.',
        'face_inner' => 'Measure the inner edge of the friction face.',
        'lining_inner' => 'The inner diameter of the lining is not known.',
        'flywheel_bolts' => 'Count the cover bolts and measure the circle they stand on.',
        'cover_bolts' => 'The kit does not say on what circle its cover is bolted.',
        'room_to_crank_bolts' => 'Measure from the friction face down to the crank-bolt heads or the pilot.',
        'hub_flywheel' => 'How far the hub stands out on the flywheel side is not known.',
        'hub_gearbox' => 'How far the hub reaches towards the fingers is not known.',
        'finger_travel' => 'How far the fingers travel is not known.',
        'damper' => 'The kit does not say whether the hub is sprung.',
        'kind_of_kit_flywheel' => 'The kit does not say what kind of flywheel it brings.',
        'kind_of_flywheel' => 'Kind of flywheel not entered.',
        'ring_and_bolts' => 'Count the teeth of the ring gear and the crank bolts, and measure their circle.',
        'kit_flywheel' => 'The kit does not describe the flywheel it brings.',
        'bearing_face' => 'Look at the face of the release bearing that goes in: flat or rounded.',
        'finger_shape' => 'The kit does not say whether its fingers are flat or curved.',
        'bearing_bore' => 'The bore of the bearing is not known.',
        'sleeve' => 'Measure the guide sleeve.',
        'finger_height' => 'The finger height of the kit is not known.',
        'old_stack' => 'Measure the old clutch from the flywheel face to the finger tips.',
        'shaft_tip' => 'Measure the tip of the shaft.',
        'pilot_seat' => 'Measure the seat of the pilot.',
        'pilot_bore' => 'The bore of the pilot is not known.',
        'engine_speed' => 'How fast the engine can turn is not entered.',
        'burst_speed' => 'The burst speed of the kit is not known.',
        'steel_and_containment' => 'So fast, a steel flywheel in a containment housing is wanted: say what is there.',
        'cover_outer' => 'How wide the cover is, is not known.',
        'for_flywheel' => 'The kit does not say whether it is made for a flat or a pot flywheel.',
        'take_off_speed' => 'The kit names the speed of its take-off; that of the tractor is not entered.',
        'balance' => 'Look how the engine is balanced: the old flywheel with or without its counterweight.',
        'kit_balance' => 'The engine is balanced by its flywheel; the kit does not say how its flywheel is.',
        'housing_room' => 'Measure what the housing takes, at its narrowest.',
    ];

    /** Why a check is not made. */
    private const NOT_MADE = [
        'one_stage' => 'One stage in this class of vehicle.',
        'flywheel_comes_along' => 'The kit brings the flywheel its cover is bolted to.',
        'flat_as_usual' => 'A flat flywheel, as is usual for one disc.',
        'no_listing' => 'Its supplier does not say what it is listed for.',
        'nothing_to_look_up' => 'Neither model nor a number of the old part is entered.',
        'no_flywheel' => 'The kit brings no flywheel.',
        'no_pilot' => 'The kit brings no pilot bearing.',
        'pilot_left_out' => 'No pilot bearing here; leave that of the kit out.',
    ];

    public static function ask(string $about): Said
    {
        return Said::as(__METHOD__, compact('about'), static fn (): string => self::ASKED[$about]);
    }

    public static function notMade(string $why): Said
    {
        return Said::as(__METHOD__, compact('why'), static fn (): string => self::NOT_MADE[$why]);
    }

    public static function vehicleClass(bool $isRight): Said
    {
        return Said::as(__METHOD__, compact('isRight'), static fn (): string => $isRight ? 'Made for this class.'
            : 'Made for another class of vehicle.');
    }

    public static function twoStagesHaveTwoDiscs(int $discs): Said
    {
        return Said::as(__METHOD__, compact('discs'), static fn (): string => "Two stages have two discs, the kit has {$discs}.");
    }

    public static function stages(bool $isTwo, bool $isRight): Said
    {
        return Said::as(__METHOD__, compact('isTwo', 'isRight'), static fn (): string => match (true) {
            $isRight => $isTwo ? 'Two-stage: travel and take-off.' : 'Single-stage.',
            $isTwo => 'A two-stage clutch; this tractor has one stage.',
            default => 'A single clutch; this tractor works its take-off through a second stage.',
        });
    }

    /** @param  string  $by  number or model; empty where it is listed for others only */
    public static function listed(string $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (): string => match ($by) {
            'number' => 'Its supplier lists the number read off the old part.',
            'model' => 'Its supplier lists this model.',
            default => 'Its supplier lists it for other vehicles or numbers; what was measured decides.',
        });
    }

    public static function flywheelShape(string $made, string $there): Said
    {
        return Said::as(__METHOD__, compact('made', 'there'), static fn (): string => $made === $there
            ? "Made for a {$there} flywheel." : "Made for a {$made} flywheel; a {$there} one is here.");
    }

    public static function takeOffSpeeds(Speed $kit, Speed $tractor): Said
    {
        return Said::as(__METHOD__, compact('kit', 'tractor'), static fn (Display $d): string => 'Made for a take-off of '
            ."{$d->quantity($kit, 1.0)}; this tractor’s turns at {$d->quantity($tractor, 1.0)}.");
    }

    public static function discs(int $discs, int $wanted): Said
    {
        return Said::as(__METHOD__, compact('discs', 'wanted'), static fn (): string => $discs === $wanted
            ? ($discs === 1 ? 'One disc.' : "{$discs} discs.")
            : "{$discs} ".($discs === 1 ? 'disc' : 'discs')." in the kit, {$wanted} in this truck.");
    }

    public static function discsWithoutTheirFlywheel(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Two discs want a flywheel made for them, and none is in the box.');
    }

    public static function stagesOfTractor(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A two-stage clutch of a tractor.');
    }

    /** @param  string  $kit  push or pull */
    public static function release(string $kit, string $wanted): Said
    {
        return Said::as(__METHOD__, compact('kit', 'wanted'), static fn (): string => $kit === $wanted ? ucfirst($kit).'-type release.'
            : "A {$kit}-type cover; this vehicle needs {$wanted}.");
    }

    public static function boltsDiffer(int $bolts, int $holes): Said
    {
        return Said::as(__METHOD__, compact('bolts', 'holes'), static fn (): string => "{$bolts} cover bolts, {$holes} holes in the "
            .'flywheel.');
    }

    /** @param  list<Length>  $flywheel  circles of holes in the flywheel */
    public static function boltCirclesDiffer(Length $cover, array $flywheel): Said
    {
        return Said::as(__METHOD__, compact('cover', 'flywheel'), static fn (Display $d): string => 'Holes on a circle of '
            .$d->quantity($cover, 0.1).'; those of the flywheel on '
            .implode(' and ', array_map(static fn (Length $c): string => $d->quantity($c, 0.1), $flywheel)).'.');
    }

    public static function boltSizesDiffer(string $kit, string $flywheel): Said
    {
        return Said::as(__METHOD__, compact('kit', 'flywheel'), static fn (): string => "Bolts {$kit} in the kit, {$flywheel} in the "
            .'flywheel.');
    }

    public static function dowelsDiffer(int $cover, int $flywheel): Said
    {
        return Said::as(__METHOD__, compact('cover', 'flywheel'), static fn (): string => "{$cover} dowel holes in the cover, "
            ."{$flywheel} dowels in the flywheel.");
    }

    /** @param  int|null  $dowels  nothing where nobody knows them of both */
    public static function coverBolts(int $bolts, Length $circle, ?int $dowels): Said
    {
        return Said::as(__METHOD__, compact('bolts', 'circle', 'dowels'), static fn (Display $d): string => "{$bolts} bolts on "
            .$d->quantity($circle, 0.1).($dowels === null ? '; look at the dowels.' : ", {$dowels} dowels."));
    }

    public static function ringTeethDiffer(int $kit, int $old): Said
    {
        return Said::as(__METHOD__, compact('kit', 'old'), static fn (): string => "Ring gear of {$kit} teeth, {$old} on the old one: "
            .'the starter does not mesh.');
    }

    public static function ringPitchDiffers(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The teeth of the ring gear are of another pitch than the old ones.');
    }

    public static function crankBoltsDiffer(int $kit, int $old): Said
    {
        return Said::as(__METHOD__, compact('kit', 'old'), static fn (): string => "{$kit} crank bolts for {$old}.");
    }

    public static function crankCirclesDiffer(Length $kit, Length $crank): Said
    {
        return Said::as(__METHOD__, compact('kit', 'crank'), static fn (Display $d): string => 'Crank bolts on a circle of '
            ."{$d->quantity($kit, 0.1)}, the crankshaft has {$d->quantity($crank, 0.1)}.");
    }

    /** @param  string  $engine  internal or external */
    public static function balanceDiffers(string $kit, string $engine): Said
    {
        return Said::as(__METHOD__, compact('kit', 'engine'), static fn (): string => "A flywheel for {$kit} balance; this engine is "
            .'balanced '
            .($engine === 'internal' ? 'internally.' : 'externally.'));
    }

    public static function flywheel(?int $teeth, ?int $bolts): Said
    {
        return Said::as(__METHOD__, compact('teeth', 'bolts'), static fn (): string => "Ring gear of {$teeth} teeth, {$bolts} crank "
            .'bolts on the same circle.');
    }

    public static function bearingOfOtherKind(bool $isConcentric): Said
    {
        return Said::as(__METHOD__, compact('isConcentric'), static fn (): string => $isConcentric
            ? 'A bearing for a fork; this vehicle has a concentric slave.' : 'A concentric slave; this vehicle has a fork.');
    }

    /** @param  string  $face  flat or rounded */
    public static function bearingFaceWrong(string $face, string $fingers): Said
    {
        return Said::as(__METHOD__, compact('face', 'fingers'), static fn (): string => "A {$face} bearing on {$fingers} fingers: flat "
            .'fingers want a rounded bearing, curved fingers a flat one.');
    }

    public static function bearingDoesNotSlide(Length $bore, Length $sleeve): Said
    {
        return Said::as(__METHOD__, compact('bore', 'sleeve'), static fn (Display $d): string => 'Bore of the bearing '
            .$d->quantity($bore, 0.1).', guide sleeve '.$d->quantity($sleeve, 0.1)
            .($bore->value < $sleeve->value ? ': it does not go on.' : ': it would cock.'));
    }

    public static function bearing(?string $face, ?string $fingers): Said
    {
        return Said::as(__METHOD__, compact('face', 'fingers'), static fn (): string => "The bearing slides on the sleeve, and a {$face} "
            ."face meets {$fingers} fingers.");
    }

    public static function fingersAsBefore(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The fingers stand where the old ones stood.');
    }

    /** @param  Length  $shift  towards the gearbox */
    public static function fingersElsewhere(Length $shift): Said
    {
        return Said::as(__METHOD__, compact('shift'), static fn (Display $d): string => 'The fingers stand '
            .$d->quantity(Length::mm(abs($shift->value)), 0.1).($shift->value > 0 ? ' nearer the gearbox' : ' nearer the engine')
            .' than the old ones: the bearing clearance '.($shift->value > 0 ? 'shrinks' : 'grows')
            .' by as much. Measure it before the gearbox closes.');
    }

    public static function pilotTooSmall(Length $bore, Length $tip): Said
    {
        return Said::as(__METHOD__, compact('bore', 'tip'), static fn (Display $d): string => self::pilotOn($bore, $tip, $d)
            .': it does not go in.');
    }

    public static function pilotTooLarge(Length $bore, Length $tip): Said
    {
        return Said::as(__METHOD__, compact('bore', 'tip'), static fn (Display $d): string => self::pilotOn($bore, $tip, $d)
            .': it would rattle.');
    }

    private static function pilotOn(Length $bore, Length $tip, Display $d): string
    {
        return "Pilot bore {$d->quantity($bore, 0.01)}, tip of the shaft {$d->quantity($tip, 0.01)}";
    }

    public static function pilotBesideItsSeat(Length $outer, Length $seat): Said
    {
        return Said::as(__METHOD__, compact('outer', 'seat'), static fn (Display $d): string => "Pilot {$d->quantity($outer, 0.01)} "
            ."over, its seat {$d->quantity($seat, 0.01)}.");
    }

    public static function pilot(bool $isSeatKnown): Said
    {
        return Said::as(__METHOD__, compact('isSeatKnown'), static fn (): string => 'The pilot goes on the tip of the shaft'
            .($isSeatKnown ? ' and into its seat.' : '.'));
    }

    /** @param  bool  $isIron  a flywheel of cast iron that is not safe so fast */
    public static function burstSpeed(Speed $burst, Speed $engine, bool $isIron): Said
    {
        return Said::as(__METHOD__, compact('burst', 'engine', 'isIron'), static fn (Display $d): string => 'Bursts from '
            .$d->quantity($burst, 10.0).', '.$d->number($burst->value / $engine->value, 2).' times what the engine turns; wanted '
            .$d->number(SpeedCheck::IN_HAND, 1).($isIron
                ? '. At this speed a cast-iron flywheel is not safe: a steel one and a containment bell housing.' : '.'));
    }

    public static function inTheHousing(bool $isCover, Length $widest, Length $room): Said
    {
        return Said::as(__METHOD__, compact('isCover', 'widest', 'room'), static fn (
            Display $d,
        ): string => ($isCover ? 'Cover ' : 'Flywheel ')
            ."{$d->quantity($widest, 1.0)} in a housing of {$d->quantity($room, 1.0)}.");
    }
}
