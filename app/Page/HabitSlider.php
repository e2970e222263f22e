<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Capacity\Habit;
use Spindle\Capacity\HabitFields;
use Spindle\Quantity\Duration;

/** One habit to be moved by hand: revs in rpm, holding in seconds a day, starts a year, a trailer in kg. */
final readonly class HabitSlider
{
    private function __construct(
        public string $name,
        public string $label,
        public float $least,
        public float $most,
        public float $step,
        public float $value,
    ) {
    }

    /** @return list<self> */
    public static function all(Driving $driving): array
    {
        return array_map(static function (Habit $habit) use ($driving): self {
            [$unit, $least, $most, $step] = self::scale($habit);
            $most = $habit === Habit::Trailer ? $driving->mostTrailer() : $most;

            return new self(
                $habit->value, $habit->label().($unit === '' ? '' : ", {$unit}"), $least, $most, $step,
                round(self::fromBase($habit, $driving->shown[$habit->value]) / $step) * $step,
            );
        }, Habit::cases());
    }

    /**
     * @param  array<array-key, mixed>  $given  as the form sends it
     * @return array<string, float> in base units; what is no number, or out of reach, is left out
     */
    public static function read(array $given): array
    {
        $read = [];
        foreach (Habit::cases() as $habit) {
            $value = $given[$habit->value] ?? null;
            [, $least, $most] = self::scale($habit);
            if (is_string($value) && is_numeric($value) && $value >= $least && $value <= $most) {
                $read[$habit->value] = $habit === Habit::Held ? Duration::seconds((float) $value)->value : (float) $value;
            }
        }

        return $read;
    }

    /** As it is typed into the field that keeps it. */
    public static function typed(Habit $habit, float $base): string
    {
        return rtrim(number_format(self::fromBase($habit, $base), 0, '.', '').' '.self::scale($habit)[0]);
    }

    /** @return array{string, float, float, float} unit, least, most, step */
    private static function scale(Habit $habit): array
    {
        return match ($habit) {
            Habit::Revs => ['rpm', 600.0, HabitFields::MOST_REVS, 100.0],
            Habit::Held => ['s', 0.0, HabitFields::MOST_HELD, 5.0],
            Habit::HardStarts => ['', 0.0, HabitFields::MOST_HARD, 10.0],
            Habit::Trailer => ['kg', 0.0, HabitFields::MOST_TRAILER, 100.0],
        };
    }

    private static function fromBase(Habit $habit, float $base): float
    {
        return $habit === Habit::Held ? Duration::of($base)->as('s') : $base;
    }
}
