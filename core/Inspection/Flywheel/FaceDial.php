<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Inspection\InspectionError;
use Spindle\Quantity\Length;

/**
 * Dial readings around a face, taken apart into the tilt of the whole face and the wave that is left.
 *
 * The plane that fits best by least squares is r = a + b·cos θ + c·sin θ, θ clockwise from twelve; the tilt as a dial sees it
 * over a turn is 2·√(b² + c²). Source: ordinary least squares, normal equations, any textbook of numerical methods. A tilted
 * face points at dirt or a burr under the flywheel, a wave at heat: common practice, no source.
 */
final readonly class FaceDial
{
    /** The places asked for, an eighth of a turn apart. */
    public const CLOCK = ['12:00', '1:30', '3:00', '4:30', '6:00', '7:30', '9:00', '10:30'];

    /** Three readings always lie in one plane; a wave shows only from the fourth on. */
    private const LEAST_READINGS = 4;

    private const MINUTES_A_TURN = 720;

    /** @param  non-empty-array<string, Length>  $readings  by clock position */
    private function __construct(private array $readings, private ?float $mean, private float $cosine, private float $sine)
    {
    }

    /**
     * @param  array<string, Length>  $readings  by clock position, such as "4:30"
     *
     * @throws InspectionError without any reading
     */
    public static function of(array $readings): self
    {
        if ($readings === []) {
            throw InspectionError::faceNotRead();
        }
        $fit = count($readings) < self::LEAST_READINGS ? null : self::fit($readings);

        return new self($readings, $fit[0] ?? null, $fit[1] ?? 0.0, $fit[2] ?? 0.0);
    }

    /**
     * Readings evenly spaced over a turn, the first at twelve.
     *
     * @param  non-empty-list<Length>  $readings
     *
     * @throws InspectionError never, since there is one
     */
    public static function evenly(array $readings): self
    {
        $byClock = [];
        foreach ($readings as $i => $reading) {
            $minutes = self::MINUTES_A_TURN * $i / count($readings);
            $byClock[sprintf('%d:%.9F', intdiv((int) $minutes, 60), fmod($minutes, 60))] = $reading;
        }

        return self::of($byClock);
    }

    /** Where it is highest by the fit, in hours on the clock, above 0 up to 12. */
    public function highHours(): float
    {
        $turn = atan2($this->sine, $this->cosine) / (2 * M_PI);

        return 12 * ($turn <= 0.0 ? $turn + 1 : $turn);
    }

    /** What the dial shows over a turn: the greatest less the smallest. */
    public function runout(): Length
    {
        return Length::spread(array_values($this->readings));
    }

    /** Whether the readings suffice to tell tilt from wave. */
    public function isFitted(): bool
    {
        return $this->mean !== null;
    }

    /** The share of the runout that a tilted, flat face would show. */
    public function tilt(): Length
    {
        return Length::mm(2 * hypot($this->cosine, $this->sine));
    }

    /** What is left when the tilt is taken off: the greatest less the smallest deviation. */
    public function wave(): Length
    {
        return Length::spread(array_values($this->deviations()));
    }

    /** @return non-empty-array<string, Length> what is left of each reading when the plane is taken off */
    public function deviations(): array
    {
        $mean = $this->mean ?? 0.0;
        $left = [];
        foreach ($this->readings as $clock => $reading) {
            $angle = self::angle($clock);
            $left[$clock] = Length::mm($reading->value - $mean - $this->cosine * cos($angle) - $this->sine * sin($angle));
        }

        return $left;
    }

    /** @return non-empty-array<string, Length> each reading less the mean of the fitted plane, tilt still in it */
    public function fromMean(): array
    {
        return array_map(fn (Length $reading): Length => Length::mm($reading->value - ($this->mean ?? 0.0)), $this->readings);
    }

    /** Tilt and wave told apart; nothing where the readings do not suffice. */
    public function parts(): ?TiltAndWave
    {
        return $this->isFitted() ? new TiltAndWave($this->tilt(), $this->highSide(), $this->wave()) : null;
    }

    /** Where the face stands highest, to the next half hour: "4:30". */
    public function highSide(): string
    {
        $turn = atan2($this->sine, $this->cosine) / (2 * M_PI);
        $halfHours = (int) round(($turn < 0 ? $turn + 1 : $turn) * 24) % 24;
        $hour = intdiv($halfHours, 2);

        return ($hour === 0 ? 12 : $hour).($halfHours % 2 === 1 ? ':30' : '');
    }

    /** Clockwise from twelve, radians. */
    public static function angle(string $clock): float
    {
        [$hour, $minute] = explode(':', $clock.':0');

        return 2 * M_PI * ((int) $hour % 12 * 60 + (float) $minute) / self::MINUTES_A_TURN;
    }

    /**
     * The normal equations of the plane, solved by Cramer's rule.
     *
     * @param  array<string, Length>  $readings
     * @return array{float, float, float}|null mean, cosine and sine part; nothing where the places lie too close together
     */
    private static function fit(array $readings): ?array
    {
        $sums = array_fill_keys(['n', 'c', 's', 'cc', 'ss', 'cs', 'r', 'rc', 'rs'], 0.0);
        foreach ($readings as $clock => $reading) {
            [$c, $s, $r] = [cos(self::angle($clock)), sin(self::angle($clock)), $reading->value];
            foreach (
                [
                    'n' => 1.0,
                    'c' => $c,
                    's' => $s,
                    'cc' => $c * $c,
                    'ss' => $s * $s,
                    'cs' => $c * $s,
                    'r' => $r,
                    'rc' => $r * $c,
                    'rs' => $r * $s,
                ] as $name => $term
            ) {
                $sums[$name] += $term;
            }
        }
        ['n' => $n, 'c' => $c, 's' => $s, 'cc' => $cc, 'ss' => $ss, 'cs' => $cs, 'r' => $r, 'rc' => $rc, 'rs' => $rs] = $sums;
        $det = self::determinant([$n, $c, $s], [$c, $cc, $cs], [$s, $cs, $ss]);
        if (abs($det) < 1e-9) {
            return null;
        }

        return [
            self::determinant([$r, $c, $s], [$rc, $cc, $cs], [$rs, $cs, $ss]) / $det,
            self::determinant([$n, $r, $s], [$c, $rc, $cs], [$s, $rs, $ss]) / $det,
            self::determinant([$n, $c, $r], [$c, $cc, $rc], [$s, $cs, $rs]) / $det,
        ];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @param  array{float, float, float}  $c
     */
    private static function determinant(array $a, array $b, array $c): float
    {
        return $a[0] * ($b[1] * $c[2] - $b[2] * $c[1]) - $a[1] * ($b[0] * $c[2] - $b[2] * $c[0]) + $a[2] * ($b[0] * $c[1] - $b[1] * $c[0]);
    }
}
