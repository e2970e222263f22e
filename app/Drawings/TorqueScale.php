<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\ShelfRow;
use Spindle\Assessment\Assessment;
use Spindle\Capacity\TorqueCapacity;
use Spindle\Quantity\Torque;

/** Torques drawn on one scale: what the engine gives, what is wanted, and what a clutch carries in each state. */
final readonly class TorqueScale
{
    private const STATES = ['capacity.new' => 'New', 'capacity.run_in' => 'Run in', 'capacity.worn' => 'Worn', 'capacity.hot' => 'Hot'];

    /**
     * @param  list<array{string, float, string, float, float, float}>  $bars  label, end, text, top, and between what it may end
     */
    private function __construct(
        public array $bars,
        public ?float $engine,
        public ?float $required,
        public ?float $harsh,
        public ?float $claimed,
        public string $engineText,
        public string $requiredText,
        public string $harshText,
    ) {
    }

    private const LEFT = 110.0;

    private const WIDTH = 440.0;

    public static function of(AssessedJob $page, ShelfRow $kit): self
    {
        $assessment = $kit->assessment;
        $engine = self::torque($page->assessment, 'demand.engine_torque');
        $required = self::torque($page->assessment, 'demand.required_torque');
        $harsh = self::torque($page->assessment, 'demand.harsh_torque');
        $states = array_filter(
            array_map(
                static fn (string $name): ?Torque => self::torque($assessment, $name),
                array_combine(array_keys(self::STATES), array_keys(self::STATES)),
            ),
        );
        $claimed = $kit->values->one(Torque::class, 'kit.claimed_torque');
        $most = max(
            1.0,
            ...array_map(static fn (?Torque $t): float => $t->value ?? 0.0, [
                $engine,
                $required,
                $harsh,
                $claimed,
                ...array_map(static fn (Torque $t): Torque => TorqueCapacity::range($t)[1], array_values($states)),
            ]),
        );
        $x = static fn (?Torque $t): ?float => $t === null ? null : self::LEFT + ($t->value / $most) * self::WIDTH;
        $text = static fn (?Torque $t): string => $t === null ? '' : $page->display->quantity($t, 1.0);
        $bars = [];
        foreach ($states as $name => $torque) {
            [$least, $greatest] = array_map(static fn (Torque $end): float => $x($end) ?? self::LEFT, TorqueCapacity::range($torque));
            $bars[] = [self::STATES[$name], $x($torque) ?? self::LEFT, $text($torque), 56.0 + 40.0 * count($bars), $least, $greatest];
        }

        return new self($bars, $x($engine), $x($required), $x($harsh), $x($claimed), $text($engine), $text($required), $text($harsh));
    }

    private static function torque(Assessment $assessment, string $name): ?Torque
    {
        $value = $assessment->figure($name);

        return is_float($value) ? Torque::Nm($value) : null;
    }
}
