<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Vehicle\VehicleClass;

/** What is said of what the engine asks. */
final class DemandSentences implements Sentences
{
    public static function dutyNotChosen(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Duty not chosen; it decides the reserve.');
    }

    public static function powerWithoutSpeed(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Power without the speed it is made at gives no torque: enter the speed.');
    }

    public static function torqueUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Engine torque not known: enter peak torque, a curve, or power with its '
            .'speed.');
    }

    /**
     * @param  bool  $isFloor  the engine gives at least this: only its power is known
     * @param  WantedReserve|null  $wanted  nothing where no duty is chosen
     */
    public static function engine(Torque $peak, bool $isFloor, ?WantedReserve $wanted): Said
    {
        return Said::as(__METHOD__, compact('peak', 'isFloor', 'wanted'), static fn (Display $d): string => 'Engine gives '
            .($isFloor ? 'at least ' : '').$d->both($peak, 1.0).' at the crank'
            .($wanted === null ? '.' : '; with reserve '.$d->number($wanted->figures->reserve->value, 2)
                .($wanted->isOfThisJob ? ' of this job' : ' for '.lcfirst($wanted->duty->label())).' the clutch must carry '
                .($isFloor ? 'at least ' : '').$d->both($peak->times($wanted->figures->reserve->value), 1.0).'.')
            .($isFloor ? self::askForThePeak($peak, $d) : ''));
    }

    /** What the peak may be where only power is known, and what would settle it. */
    private static function askForThePeak(Torque $atPower, Display $d): string
    {
        [$least, $petrol, $diesel] = array_map(
            static fn (float $rise): string => $d->quantity($atPower->times($rise), 1.0), EngineOutput::RISE_TO_PEAK,
        );

        return " That is the torque at the speed of peak power; the peak comes earlier and is higher: about {$least} to {$petrol} with "
            ."petrol, up to {$diesel} with a turbocharged diesel. Enter the peak torque or the curve.";
    }

    public static function reserveWithoutReason(Ratio $reserve, Duty $duty, Ratio $usual): Said
    {
        return Said::as(__METHOD__, compact('reserve', 'duty', 'usual'), static fn (Display $d): string => self::reserveOf(
            $reserve, $duty, $usual, $d,
        ).' Say why.');
    }

    public static function reserve(Ratio $reserve, Duty $duty, Ratio $usual, string $reason): Said
    {
        return Said::as(__METHOD__, compact('reserve', 'duty', 'usual', 'reason'), static fn (Display $d): string => self::reserveOf(
            $reserve, $duty, $usual, $d,
        )." {$reason}");
    }

    private static function reserveOf(Ratio $reserve, Duty $duty, Ratio $usual, Display $d): string
    {
        return "Reserve {$d->number($reserve->value, 2)} on this job; ".lcfirst($duty->label())." has {$d->number($usual->value, 2)}.";
    }

    public static function modified(Torque $now, Torque $before): Said
    {
        return Said::as(__METHOD__, compact('now', 'before'), static function (Display $d) use ($now, $before): string {
            $rise = $now->ratioTo($before)->value - 1;

            return "Modified: {$d->both($now, 1.0)} now, {$d->both($before, 1.0)} before, ".($rise < 0 ? '−' : '+')
                .$d->percent(abs($rise)).'. What it gives now counts.';
        });
    }

    /**
     * @param  list<array{GivenOutput, Torque, GivenOutput, Torque}>  $differing  what gives more, and what it gives more than
     * @param  Ratio|null  $loss  entered for a figure taken at the crank
     */
    public static function contradiction(array $differing, ?Ratio $loss): Said
    {
        return Said::as(__METHOD__, compact('differing', 'loss'), static function (Display $d) use ($differing, $loss): string {
            $said = array_map(static fn (array $one): string => ucfirst(self::given($one[0]))." gives {$d->both($one[1], 1.0)}, "
                .self::given($one[2])." {$d->both($one[3], 1.0)}", $differing);

            return implode('. ', [
                ...$said,
                ...$said === [] ? [] : ['They cannot all be true; the greater counts until one is corrected'],
                ...$loss === null ? [] : ["A driveline loss of {$d->percent($loss->value, $loss->value < 0.01 ? 1 : 0)} is entered for a "
                .'figure said to be taken at the crank; it counts until one of them is corrected'],
            ]).'.';
        });
    }

    private static function given(GivenOutput $way): string
    {
        return match ($way) {
            GivenOutput::Peak => 'the peak torque entered',
            GivenOutput::Curve => 'the curve',
            GivenOutput::Power => 'power at its speed',
        };
    }

    public static function unusualSpeedLimit(Speed $limit, VehicleClass $class): Said
    {
        return Said::as(__METHOD__, compact('limit', 'class'), static fn (Display $d): string => 'An engine that ends at '
            ."{$d->quantity($limit, 1.0)} is unusual in a {$class->value}. A digit or a unit slipped? The burst speed is judged by it.");
    }

    public static function takeOffUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The torque of the power take-off cannot be worked out');
    }

    public static function takeOff(Torque $torque): Said
    {
        return Said::as(__METHOD__, compact('torque'), static fn (Display $d): string => 'The power take-off asks '
            ."{$d->both($torque, 1.0)} of its own disc; the travel disc carries the engine. The two do not add up.");
    }

    public static function unusualTakeOffSpeed(Speed $speed): Said
    {
        return Said::as(__METHOD__, compact('speed'), static fn (Display $d): string => 'No take-off is rated at '
            ."{$d->quantity($speed, 1.0)}; 540, 1000 and 1300 are. A digit slipped?");
    }

    public static function takeOffBeyondTheEngine(Speed $engine, Speed $limit): Said
    {
        return Said::as(__METHOD__, compact('engine', 'limit'), static fn (Display $d): string => 'The take-off is said to have its '
            ."rated power at {$d->quantity($engine, 1.0)}, where the engine ends at {$d->quantity($limit, 1.0)}.");
    }

    /** @param  Ratio  $share  of what the engine gives */
    public static function unusualTakeOffShare(Ratio $share): Said
    {
        return Said::as(__METHOD__, compact('share'), static fn (Display $d): string => 'The take-off would ask '
            ."{$d->percent($share->value)} of what the engine gives".($share->value > 1.0 ? ', more than there is.' : ', which is little '
            .'for it.')
            .' Its power, or the speed it has it at, is not as entered.');
    }
}
