<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;

/** The gap between a bearing on the gearbox nose and the fingers, from two depth measurements. Common practice, no source. */
final readonly class BearingClearance
{
    /** 0.150 in. Common practice, no source. */
    public const TARGET = 3.81;

    /** @param  non-empty-list<Length>  $toFingers */
    private function __construct(private array $toFingers, private Length $bearingHeight, private float $shims = 0.0)
    {
    }

    /**
     * @param  non-empty-list<Length>  $toFingers  A, housing face to finger tips, several places
     * @param  non-empty-list<Length>  $bearingHeight  B, gearbox face to the bearing's contact face, pushed home
     */
    public static function ofDepths(array $toFingers, array $bearingHeight): self
    {
        return new self($toFingers, Length::mean($bearingHeight));
    }

    /** The same with shims under the bearing, each of which moves it towards the fingers by its own thickness. */
    public function with(Length ...$shims): self
    {
        return new self(
            $this->toFingers, $this->bearingHeight, array_sum(array_map(static fn (Length $s): float => $s->value, $shims)),
        );
    }

    /** Mean A − mean B, less the shims that went in since. */
    public function clearance(): Length
    {
        return $this->bare()->minus(Length::mm($this->shims));
    }

    /** Mean A − mean B. */
    public function bare(): Length
    {
        return Length::mean($this->toFingers)->minus($this->bearingHeight);
    }

    /** Greatest − smallest A; a wide spread is not one number and asks for measuring again. */
    public function spread(): Length
    {
        return Length::spread($this->toFingers);
    }
}
