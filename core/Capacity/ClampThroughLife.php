<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Stiffness;
use Spindle\Sheet\FieldValues;

/** The clamp load from new to the wear limit, as far as a kit's data allow to draw it. */
final readonly class ClampThroughLife
{
    private const STEPS = 24;

    /**
     * @param  list<array{Length, Force}>  $points  wear and clamp load
     * @param  string  $origin  what the curve rests on
     */
    private function __construct(public array $points, public string $origin)
    {
    }

    /** Nothing where neither spring data nor a worn clamp load are known, or they contradict each other. */
    public static function of(FieldValues $kit): ?self
    {
        $new = $kit->one(Force::class, 'kit.clamp_load');
        $wear = $kit->one(Length::class, 'kit.wear_travel') ?? $kit->one(Length::class, 'kit.usable_per_side')?->times(2);
        if ($new === null || $wear === null) {
            return null;
        }
        try {
            $at = self::law($kit, $new, $wear);
            if ($at === null) {
                return null;
            }
            $points = [];
            for ($i = 0; $i <= self::STEPS; $i++) {
                $w = $wear->times($i / self::STEPS);
                $points[] = [$w, $at[0]($w)];
            }

            return new self($points, $at[1]);
        } catch (CapacityError) {
            return null;
        }
    }

    /** @return array{\Closure(Length): Force, string}|null */
    private static function law(FieldValues $kit, Force $new, Length $wear): ?array
    {
        $kind = SpringKind::tryFrom($kit->word('kit.spring') ?? '');
        $rate = $kit->one(Stiffness::class, 'kit.spring_rate');
        $worn = $kit->one(Force::class, 'kit.clamp_load_worn');
        $spring = $kind === SpringKind::Diaphragm ? KitClutch::springOf($kit) : null;

        return match (true) {
            $kind === SpringKind::SelfAdjusting => [static fn (Length $w): Force => $new, 'held by the self-adjusting cover'],
            $kind === SpringKind::Coil && $rate !== null => [
                static fn (Length $w): Force => ClampLoad::ofCoils($new, $rate, $w)->worn, 'by the rate of the coil springs',
            ],
            $spring !== null => [
                static fn (Length $w): Force => $w->value <= 0.0 ? $new : ClampLoad::ofDiaphragm($new, $spring[0], $spring[1], $w)->worn,
                'disc spring (Almen & László 1936)',
            ],
            $worn !== null && $kind === SpringKind::Coil => [
                static fn (Length $w): Force => Force::N($new->value + ($worn->value - $new->value) * $w->value / $wear->value),
                'a straight line from new to worn, as coil springs give',
            ],
            default => null,
        };
    }
}
