<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Torque;

/** The groups of bolts that are tightened to a plan. */
enum BoltGroup: string
{
    case Flywheel = 'flywheel';
    case Cover = 'cover';
    case Housing = 'housing';
    case Slave = 'slave';

    public function label(): string
    {
        return match ($this) {
            self::Flywheel => 'Flywheel',
            self::Cover => 'Cover',
            self::Housing => 'Gearbox housing',
            self::Slave => 'Hydraulic bearing or slave',
        };
    }

    /** Between which torques such bolts usually lie in a car: to recognise a slipped digit, not to use. From memory [M]. */
    public function usual(): ?UsualTorque
    {
        return match ($this) {
            self::Flywheel => new UsualTorque(Torque::of(50.0), Torque::of(110.0)),
            self::Cover => new UsualTorque(Torque::of(19.0), Torque::of(35.0)),
            self::Slave => new UsualTorque(Torque::of(8.0), Torque::of(12.0)),
            self::Housing => null,
        };
    }

    public function key(string $name): string
    {
        return "fastening.{$this->value}.{$name}";
    }

    /** The field that the ticks of a round are kept in. */
    public function round(TighteningStage $stage): string
    {
        return $this->key("done_{$stage->value}");
    }

    /** @return list<string> the fields of all its rounds, in their order */
    public function rounds(): array
    {
        return array_map($this->round(...), TighteningStage::cases());
    }

    /** Whose round a field keeps the ticks of; nothing where it keeps none. */
    public static function ofRound(string $key): ?self
    {
        $group = self::tryFrom(explode('.', $key)[1] ?? '');

        return $group !== null && in_array($key, $group->rounds(), true) ? $group : null;
    }
}
