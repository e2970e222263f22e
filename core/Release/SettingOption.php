<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/** One way to set or change the release, with what it makes of everything else. */
final readonly class SettingOption
{
    public const NOW = 'now';

    public const SHIM = 'shim';

    public const STOP = 'stop';

    public const ROD = 'rod';

    public const MASTER = 'master';

    public const SLAVE = 'slave';

    /**
     * Bores that cylinders are usually made with, sixteenths of an inch from 5/8 to 1 1/8, in mm. From memory [M].
     */
    private const USUAL_BORES = [15.87, 17.46, 19.05, 20.64, 22.22, 23.81, 25.4, 28.57];

    /**
     * @param  string  $kind  what is changed
     * @param  Length|null  $to  its new value: thickness of the shims, free play, place of the stop, bore
     * @param  Force|null  $force  at the pad; nothing while the release load is not known
     * @param  bool  $isPresent  it is so now
     */
    private function __construct(
        public string $kind,
        public ?Length $to,
        public ReleaseChain $chain,
        public ?Force $force,
        public ?Pressure $pressure,
        public bool $isPresent = false,
    ) {
    }

    /** As it is now, without shims that are still to go in; nothing where the chain is not known. */
    public static function now(JobSheet $sheet): ?self
    {
        $chain = ChainOfSheet::chain($sheet);
        if (! $chain instanceof ReleaseChain) {
            return null;
        }
        $shims = self::shims($sheet);

        return self::make(
            self::NOW, null, $shims === null ? $chain : $chain->with(clearance: $chain->clearance->plus($shims)), $sheet, true,
        );
    }

    /** What is to go under the bearing; nothing where nothing is, or the clearance of the chain is not the measured one. */
    private static function shims(JobSheet $sheet): ?Length
    {
        $shims = $sheet->values->has('release.clearance') ? null : ClearanceJudgement::shims($sheet);

        return $shims === null || $shims->value <= 0.0 ? null : $shims;
    }

    /**
     * What can be done to come to what is wanted: the shims first, which the others rest on, then the stop and the rod, each by itself.
     *
     * @return list<self>
     */
    public static function of(JobSheet $sheet): array
    {
        $chain = ChainOfSheet::chain($sheet);
        if (! $chain instanceof ReleaseChain) {
            return [];
        }
        $wanted = WantedRelease::of($sheet, $chain);
        $shims = self::shims($sheet);
        $options = $shims === null ? [] : [self::make(self::SHIM, $shims, $chain, $sheet)];
        $stop = $wanted->stop();
        if ($stop !== null) {
            $options[] = self::make(self::STOP, $stop, $chain->with(pedalTravel: $stop), $sheet);
        }
        $play = $wanted->freePlay();
        if ($play !== null && $play->value >= 0.0) {
            $options[] = self::make(self::ROD, $play, $chain->with(freePlay: $play), $sheet);
        }

        return $options;
    }

    /** The stop alone; nothing where the chain is not known. */
    public static function stopOf(JobSheet $sheet): ?self
    {
        foreach (self::of($sheet) as $option) {
            if ($option->kind === self::STOP) {
                return $option;
            }
        }

        return null;
    }

    /**
     * The usual bores beside each other, the present one marked; of the master or of the slave. None without hydraulics.
     *
     * @return list<self>
     */
    public static function bores(JobSheet $sheet, string $kind): array
    {
        $chain = ChainAtWork::of($sheet)->chain;
        $master = $sheet->values->one(Length::class, 'release.master_bore');
        $slave = ChainOfSheet::slave($sheet->values);
        $own = self::own($sheet, $kind);
        if ($chain === null || $master === null || $slave === null || $own === null) {
            return [];
        }
        $options = [];
        foreach ([$own->value, ...array_filter(self::USUAL_BORES, static fn (float $b): bool => abs($b - $own->value) > 0.1)] as $bore) {
            $between = $kind === self::MASTER
                ? Transmission::hydraulic(Length::mm($bore), $slave, $chain->transmission->loss())
                : Transmission::hydraulic($master, SlaveCylinder::round(Length::mm($bore)), $chain->transmission->loss());
            $options[] = self::make($kind, Length::mm($bore), $chain->with(transmission: $between), $sheet, $bore === $own->value);
        }
        usort($options, static fn (self $a, self $b): int => $a->to?->value <=> $b->to?->value);

        return $options;
    }

    /** @return list<string> the cylinders of which the usual bores can be held against their own */
    public static function cylinders(JobSheet $sheet): array
    {
        $isKnown = ChainAtWork::of($sheet)->chain !== null && ChainOfSheet::slave($sheet->values) !== null
            && $sheet->values->has('release.master_bore');

        return $isKnown ? array_values(array_filter(
            [self::MASTER, self::SLAVE], static fn (string $kind): bool => self::own($sheet, $kind) !== null,
        )) : [];
    }

    private static function own(JobSheet $sheet, string $kind): ?Length
    {
        return $sheet->values->one(Length::class, $kind === self::MASTER ? 'release.master_bore' : 'release.slave_bore');
    }

    private static function make(string $kind, ?Length $to, ReleaseChain $chain, JobSheet $sheet, bool $isPresent = false): self
    {
        $load = $sheet->values->one(Force::class, 'kit.release_load');
        $efficiency = $sheet->values->one(Ratio::class, 'release.efficiency') ?? Ratio::of(ReleaseChain::EFFICIENCY);

        return new self(
            $kind, $to, $chain, $load === null ? null : $chain->pedalForce($load, $efficiency),
            $load === null ? null : $chain->linePressure($load), $isPresent,
        );
    }
}
