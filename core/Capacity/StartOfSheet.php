<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\DemandJudgement;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** One start from rest as a sheet describes it; what the clutch lets through comes with a kit. */
final readonly class StartOfSheet
{
    public const NEEDED = ['launch.vehicle_mass', 'launch.rolling_radius', 'launch.ratio', 'launch.engine_speed'];

    /** From these the load follows where it is not entered. */
    private const ROAD = ['launch.grade', 'launch.ground', 'launch.trailer_mass'];

    /** A typed torque this much over what there is, as a share, is that torque rounded. From memory [M]. */
    private const ALIKE = 1.01;

    private function __construct(
        private Mass $all,
        private Length $rollingRadius,
        private Ratio $ratio,
        public Speed $engineSpeed,
        public Torque $load,
        public ?Torque $loadByRoad,
        public ?Torque $typedLoad,
        private ?Torque $stated,
        private ?Torque $engine,
    ) {
    }

    public static function isBegun(FieldValues $values): bool
    {
        return $values->hasAny('launch.plate_mass', 'launch.clutch_torque', 'launch.load_torque', ...self::NEEDED, ...self::ROAD);
    }

    /** @return list<string> what it cannot be worked out without */
    public static function missing(FieldValues $values): array
    {
        $load = match (true) {
            $values->hasAny('launch.load_torque', 'launch.grade') => [],
            $values->hasAny(...self::ROAD) => ['launch.grade'],
            default => ['launch.load_torque'],
        };

        return [...$values->missing(...self::NEEDED), ...$load];
    }

    /** @param  string|null  $ground  instead of what the sheet says */
    public static function of(JobSheet $sheet, ?string $ground = null): ?self
    {
        $values = $sheet->values;
        $mass = $values->one(Mass::class, 'launch.vehicle_mass');
        $radius = $values->one(Length::class, 'launch.rolling_radius');
        $ratio = $values->one(Ratio::class, 'launch.ratio');
        $speed = $values->one(Speed::class, 'launch.engine_speed');
        if ($mass === null || $radius === null || $ratio === null || $speed === null) {
            return null;
        }
        $trailer = $values->one(Mass::class, 'launch.trailer_mass');
        $all = $trailer === null ? $mass : $mass->plus($trailer);
        $grade = $values->one(Ratio::class, 'launch.grade');
        $typed = $values->one(Torque::class, 'launch.load_torque');
        $byRoad = $grade === null ? null : RoadLoad::torque(
            $all, $grade, $ground ?? $values->word('launch.ground') ?? 'road', $radius, $ratio,
        );
        $loads = array_values(array_filter([$typed, $byRoad], static fn (?Torque $t): bool => $t !== null));

        return $loads === [] ? null : new self(
            $all, $radius, $ratio, $speed, Torque::greatest($loads), $typed === null ? null : $byRoad, $typed,
            $values->one(Torque::class, 'launch.clutch_torque'),
            DemandJudgement::engine($values)?->peak,
        );
    }

    /** Whether the kind of ground is assumed and not entered. */
    public static function assumesRoad(FieldValues $values): bool
    {
        return ! $values->hasAny('launch.load_torque', 'launch.ground') && $values->has('launch.grade');
    }

    /** What can be let through at most: what the engine gives and the hot clutch carries; nothing where neither is known. */
    public function mostWith(?KitClutch $clutch): ?Torque
    {
        $hot = $clutch?->hotAt($this->engineSpeed);

        return $this->engine === null || $hot === null ? $this->engine : Torque::least([$this->engine, $hot]);
    }

    /** What is typed as let through, where that is more than there is. */
    public function typedTooMuch(?KitClutch $clutch): ?Torque
    {
        $most = $this->mostWith($clutch);

        return $this->stated !== null && $most !== null && $this->stated->value > $most->value * self::ALIKE ? $this->stated : null;
    }

    /**
     * The start with a kit: the driver lets through the engine's torque, and no more than the hot clutch carries at that speed; the
     * engine's alone while no kit is known. Nothing where neither is.
     *
     * @throws CapacityError when the ratio is zero
     */
    public function with(?KitClutch $clutch): ?Launch
    {
        $through = $this->mostWith($clutch);
        // What is typed is what the driver lets through, and that is never more than there is.
        $through = $this->stated === null || $through === null ? $this->stated ?? $through : Torque::least([$this->stated, $through]);

        return $through === null ? null : Launch::of(
            Launch::inertiaAtClutch($this->all, $this->rollingRadius, $this->ratio), $this->engineSpeed, $through, $this->load,
        );
    }
}
