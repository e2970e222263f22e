<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;

/**
 * The release of a sheet as it works and as it could be set: where every member stands from the pedal at rest to the floor, and the same
 * for each thing that can be done. Worked out once for all that is drawn and said of it.
 */
final readonly class ChainAtWork
{
    /** So many positions of the pedal beside the first. */
    public const STEPS = 40;

    /**
     * @param  ReleaseChain|null  $chain  nothing where it is not known
     * @param  list<string>  $missing  the readings it cannot be worked out without
     * @param  list<ChainPosition>  $positions
     * @param  list<SettingOption>  $options  as it is now, and what can be done; nothing where the chain is not known
     * @param  array<string, list<ChainPosition>>  $then  by what is done, where the members would stand at the same positions of the pedal
     * @param  Length|null  $most  how far the cover lets the bearing go
     */
    private function __construct(
        public ?ReleaseChain $chain,
        public array $missing,
        public array $positions,
        public array $options,
        public array $then,
        public ?Length $most,
    ) {
    }

    public static function of(JobSheet $sheet): self
    {
        /** @var \WeakMap<JobSheet, self>|null $known */
        static $known = null;
        $known = $known instanceof \WeakMap ? $known : new \WeakMap;
        $work = $known[$sheet] ?? null;

        return $work instanceof self ? $work : $known[$sheet] = self::make($sheet);
    }

    private static function make(JobSheet $sheet): self
    {
        $chain = ChainOfSheet::chain($sheet);
        $most = $sheet->values->one(Length::class, 'kit.release_travel_max');
        if (! $chain instanceof ReleaseChain) {
            return new self(null, $chain, [], [], [], $most);
        }
        $positions = $chain->positions(self::STEPS, $most);
        $now = SettingOption::now($sheet);
        $options = SettingOption::of($sheet);
        $then = [];
        foreach ($options as $option) {
            if (! self::isNoStop($option, $chain)) {
                $then[$option->kind] = self::follow($option->chain, $positions);
            }
        }

        return new self($chain, [], $positions, $now === null ? [] : [$now, ...$options], $then, $most);
    }

    /** The stop that gives what is wanted; nothing where it would lie beneath the floor, which is no setting. */
    public function stop(): ?SettingOption
    {
        foreach ($this->options as $option) {
            if ($option->kind === SettingOption::STOP) {
                return $this->chain === null || self::isNoStop($option, $this->chain) ? null : $option;
            }
        }

        return null;
    }

    /** Whether the bearing would go further than the cover lets it; false where that is not known. */
    public function isTooFar(SettingOption $option): bool
    {
        return $this->most !== null && $option->chain->bearingTravel()->value > $this->most->value;
    }

    private static function isNoStop(SettingOption $option, ReleaseChain $chain): bool
    {
        return $option->kind === SettingOption::STOP && $option->chain->pedalTravel->value >= $chain->pedalTravel->value;
    }

    /**
     * It stops where its own pedal does.
     *
     * @param  list<ChainPosition>  $positions
     * @return list<ChainPosition>
     */
    private static function follow(ReleaseChain $chain, array $positions): array
    {
        return array_map(
            static fn (ChainPosition $p): ChainPosition => $chain->at(Length::mm(min($p->pad->value, $chain->pedalTravel->value))),
            $positions,
        );
    }
}
