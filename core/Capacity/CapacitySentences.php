<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Demand\DutyFigures;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Duration;
use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Force;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;

/** What is said of what a kit carries, and of the heat of a start. */
final class CapacitySentences implements Sentences
{
    /** "214 N·m (158 lbf·ft) ± 14 %": load and friction scatter from part to part. */
    private static function scattered(Torque $carried, Display $d): string
    {
        return $d->both($carried, 1.0).' ± '.$d->percent(TorqueCapacity::scatter());
    }

    public static function noKit(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'No kit chosen.');
    }

    public static function carriedUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'What the kit carries cannot be worked out');
    }

    public static function carriedNotJudged(Torque $carried): Said
    {
        return Said::as(__METHOD__, compact('carried'), static fn (Display $d): string => 'The kit carries '.self::scattered($carried, $d)
            .' run in; engine torque and duty are needed to judge it.');
    }

    /** Where the limit of the margin comes from. */
    public static function fromTheReserve(DutyFigures $wanted): Said
    {
        return Said::as(__METHOD__, compact('wanted'), static fn (Display $d): string => 'near from here up to the reserve of '
            .$d->number($wanted->reserve->value, 2).'; harsh above '.$d->number($wanted->harshAbove->value, 1));
    }

    public static function margin(MarginCase $case, Torque $carried, Ratio $margin, DutyFigures $wanted, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('case', 'carried', 'margin', 'wanted', 'limit'), static fn (
            Display $d,
        ): string => match (true) {
            $case->isClaimOnly => "By the maker's claim alone the kit carries ",
            $case->isByClaim => "By the maker's claim, which this shop goes by where it is believable, it carries ",
            default => 'Run in it carries ',
        }.($case->isClaimOnly || $case->isByClaim ? $d->both($carried, 1.0) : self::scattered($carried, $d)).', '
            .($case->isEngineFloor ? 'at most ' : '').$d->number($margin->value, 2).' times the engine; wanted '
            .($limit->source === LimitSource::Practice ? $d->number($wanted->reserve->value, 2) : $limit->wording($d))
            .match (true) {
                $case->verdict === Verdict::Out && $margin->value < 1.0 => ': too weak, it would slip.',
                $case->verdict === Verdict::Out => ': short of the reserve.',
                $margin->value < $wanted->reserve->value && $case->verdict === Verdict::Near => ': a little short.',
                $case->isEngineFloor => ': of the engine only the power is known, and its peak torque is higher; enter it.',
                $case->isHarsh => ': more than the job needs, with a heavier pedal and harsher take-up.',
                $case->isClaimOnly => ': ask for clamp load and lining to test the claim.',
                default => '.',
            });
    }

    public static function lessIsLetThrough(Torque $typed, Torque $most): Said
    {
        return Said::as(__METHOD__, compact('typed', 'most'), static fn (Display $d): string => 'The start is said to let '
            .$d->both($typed, 1.0).' through; engine and hot clutch together give '.$d->both($most, 1.0).', and that is counted.');
    }

    public static function twoLoads(Torque $typed, Torque $byRoad): Said
    {
        return Said::as(__METHOD__, compact('typed', 'byRoad'), static fn (Display $d): string => 'A load of '.$d->both($typed, 1.0)
            .' is entered, and the grade with the masses comes to '.$d->both($byRoad, 1.0).': the greater is counted. Look at both.');
    }

    public static function floorUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Torque when worn or hot cannot be worked out');
    }

    public static function floorNotJudged(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Engine torque is needed to judge the worn and the hot clutch.');
    }

    public static function floor(FloorCase $case, Torque $worn, Torque $hot, Ratio $margin): Said
    {
        return Said::as(__METHOD__, compact('case', 'worn', 'hot', 'margin'), static fn (Display $d): string => 'Worn it carries '
            .self::scattered($worn, $d).', hot '.self::scattered($hot, $d).': '.$d->number($margin->value, 2).' times the engine at worst'
            .($case->isEngineFloor && $case->verdict === Verdict::Near ? '; of the engine only the power is known' : '')
            .($case->verdict !== Verdict::Out ? '.' : ($margin->value < 1.0 ? '; it would slip on its last day or after a hard climb.'
                : '; hardly more than the engine gives, on its last day or after a hard climb.'))
            .($case->assumption === '' ? '' : " Clamp load {$case->assumption}".($case->assumptionDecides
                ? '; what it really is decides: enter the clamp load at the wear limit.' : '.')));
    }

    public static function claim(Torque $claimed, Ratio $implied, Ratio $nominal, ClaimedRating $rating): Said
    {
        return Said::as(__METHOD__, compact('claimed', 'implied', 'nominal', 'rating'), static fn (Display $d): string => 'The claimed '
            .$d->both($claimed, 1.0).' needs a friction coefficient of '.$d->number($implied->value, 2).'; the lining gives '
            .$d->number($nominal->value, 2).': '.match ($rating) {
                ClaimedRating::Believable => 'the claim is believable',
                ClaimedRating::Optimistic => 'the claim is optimistic; go by the computed figure',
                ClaimedRating::NotBelievable => 'the claim is not believable for this lining; rate it by what its data work out to',
                ClaimedRating::Modest => 'the maker rated it modestly',
                ClaimedRating::DoubtfullyLow => 'the maker was very cautious, or a datum is wrong; check clamp load and diameters',
            }.'.');
    }

    public static function claimOfEngine(Torque $claimed, Ratio $times, bool $makesSense): Said
    {
        return Said::as(__METHOD__, compact('claimed', 'times', 'makesSense'), static fn (Display $d): string => 'The rating of '
            .$d->both($claimed, 1.0).', as the engine it is sold for: run in it carries '.$d->number($times->value, 2).' times that'
            .($makesSense ? '.' : ', which is no such rating. Rate it by what its data work out to.'));
    }

    /** @param  non-empty-list<Said>  $doubts */
    public static function doubts(array $doubts): Said
    {
        return Said::as(__METHOD__, compact('doubts'), static fn (Display $d): string => implode(
            ' ', array_map(static fn (Said $one): string => $one->in($d), $doubts),
        ));
    }

    public static function frictionOfNoMaterial(Ratio $stated, Ratio $most): Said
    {
        return Said::as(__METHOD__, compact('stated', 'most'), static fn (Display $d): string => 'A friction coefficient of '
            .$d->number($stated->value, 2).' is stated without the lining it is of: no more than '.$d->number($most->value, 2)
            .' is counted. Ask of what it is.');
    }

    public static function hotAboveCold(Ratio $hot, Ratio $cold): Said
    {
        return Said::as(__METHOD__, compact('hot', 'cold'), static fn (Display $d): string => 'No lining grips better hot, '
            .$d->number($hot->value, 2).', than cold, '.$d->number($cold->value, 2).': the lower is counted for both.');
    }

    public static function wornAboveNew(Force $worn, Force $new): Said
    {
        return Said::as(__METHOD__, compact('worn', 'new'), static fn (Display $d): string => 'The clamp load at the wear limit, '
            .$d->quantity($worn, 10.0).', is said to be more than new, '.$d->quantity($new, 10.0).': the lower is counted.');
    }

    public static function wornAgainstSpring(Force $given, Force $bySpring): Said
    {
        return Said::as(__METHOD__, compact('given', 'bySpring'), static fn (Display $d): string => 'The clamp load at the wear limit is '
            .'given as '.$d->quantity($given, 10.0).', and the data of its spring come to '.$d->quantity($bySpring, 10.0)
            .': the lower is counted. Ask which is right.');
    }

    public static function frictionDoubted(Ratio $stated, bool $isHot, Material $material, MaterialFigures $figures): Said
    {
        return Said::as(__METHOD__, compact('stated', 'isHot', 'material', 'figures'), static fn (Display $d): string => 'The kit states '
            .'a friction coefficient of '.$d->number($stated->value, 2).($isHot ? ' when hot' : '').', more than '
            .''.lcfirst($material->label())
            .' can give; '.$d->number($figures->mu->value, 2).' is counted, '.$d->number($figures->muHot->value, 2).' when hot.');
    }

    /** How far a stated coefficient counts. */
    public static function frictionCounts(): Said
    {
        return Said::as(__METHOD__, [], static fn (Display $d): string => 'a stated coefficient counts up to '
            .$d->percent(ClaimedRating::CLOSE)." above the material's own");
    }

    /** @param  string  $fault  what the formula of the spring said */
    public static function springContradicts(string $fault): Said
    {
        return Said::as(__METHOD__, compact('fault'), static fn (): string => "The figures of the kit's spring contradict each other: "
            ."{$fault}. Until they are put right the clamp load at the wear limit does not come from them.");
    }

    public static function pressure(Pressure $pressure, Material $material, bool $isOut): Said
    {
        return Said::as(__METHOD__, compact('pressure', 'material', 'isOut'), static fn (Display $d): string => 'Lining pressure '
            .$d->both($pressure, 1.0).' on '.lcfirst($material->label()).($isOut ? ': more than this lining stands.' : '.'));
    }

    /** How the pressure comes about, and what it does not do. */
    public static function pressureComesFrom(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'pressure = {clamp load|kit.clamp_load} ÷ area of one face{=}. Area '
            .'decides pressure, heat and wear; it does not by itself raise torque.');
    }

    public static function takeOffUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'What the take-off disc carries cannot be worked out');
    }

    public static function takeOffNotJudged(Torque $carried): Said
    {
        return Said::as(__METHOD__, compact('carried'), static fn (Display $d): string => 'The take-off disc carries '
            .self::scattered($carried, $d).' run in; it cannot be judged');
    }

    public static function takeOff(Torque $carried, Ratio $margin, Ratio $reserve, Verdict $verdict): Said
    {
        return Said::as(__METHOD__, compact('carried', 'margin', 'reserve', 'verdict'), static fn (Display $d): string => 'Run in the '
            .'take-off disc carries '.self::scattered($carried, $d).', '.$d->number($margin->value, 2)
            .' times what the take-off asks; wanted '
            .$d->number($reserve->value, 2).match ($verdict) {
                Verdict::Out => ': too weak, it would slip under an implement.',
                Verdict::Near => ': a little short.',
                default => '.',
            });
    }

    public static function takeOffPressure(Pressure $pressure, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('pressure', 'limit'), static fn (Display $d): string => 'Pressure on the take-off lining '
            ."{$d->both($pressure, 1.0)}, {$limit->wording($d)}.");
    }

    public static function takeOffHeat(EnergyPerArea $heat, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('heat', 'limit'), static fn (Display $d): string => 'Engaging the take-off puts '
            .$d->number($heat->value, 0)." J/cm² into its lining, {$limit->wording($d)}.");
    }

    public static function weightsAreForRacing(Duty $duty): Said
    {
        return Said::as(__METHOD__, compact('duty'), static fn (): string => 'A cover with weights that need tuning: competition only, '
            .'not for '
            .lcfirst($duty->label()).'.');
    }

    public static function smallRigidIsForRacing(Duty $duty): Said
    {
        return Said::as(__METHOD__, compact('duty'), static fn (): string => 'A small unit of rigid discs: competition only, not for '
            .lcfirst($duty->label()).'.');
    }

    public static function character(Material $material, Duty $duty): Said
    {
        return Said::as(__METHOD__, compact('material', 'duty'), static fn (): string => "{$material->label()} in ".lcfirst($duty->label())
            .": {$material->character()}; it {$material->onTheFlywheel()}.");
    }

    public static function heatUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The heat of a start cannot be worked out');
    }

    public static function doesNotMoveOff(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The clutch carries no more than the load at the start: the vehicle does '
            .'not move off and the clutch burns.');
    }

    public static function heatNeedsLining(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Heat for each area needs the lining of a kit.');
    }

    public static function heatNeedsMaterial(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'What the lining stands needs its material.');
    }

    /** @param  Duration|null  $hold  until held on the hill it takes its limit; nothing where that never comes */
    public static function heat(Duration $slip, EnergyPerArea $heat, ?Duration $hold, bool $groundDecides): Said
    {
        return Said::as(__METHOD__, compact('slip', 'heat', 'hold', 'groundDecides'), static fn (Display $d): string => 'A start takes '
            .$d->number($slip->as('s'), 1).' s and puts '.$d->number($heat->value, 0).' J/cm² into the lining'
            .($hold === null ? '.' : '; held on this hill with the clutch it takes its limit in '.$d->number($hold->as('s'), 0).' s.')
            .($groundDecides ? ' A road is assumed; soft ground would decide otherwise: enter which.' : ''));
    }
}
