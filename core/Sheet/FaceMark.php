<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\Length;
use Spindle\Quantity\QuantityError;
use Spindle\Quantity\Units;

/**
 * Something seen on a friction face, at its clock position and distance from the centre. Twelve stands at the dowel or the
 * mark the technician calls the top. Written as "heat_spot 4:30 105 mm".
 */
final readonly class FaceMark
{
    private const KINDS = [
        'heat_spot' => 'heat spot',
        'crack' => 'crack',
        'open_crack' => 'crack open to an edge or bolt hole',
        'scoring' => 'scoring',
    ];

    /** The condition a mark stands for where conditions decide. */
    private const CONDITIONS = ['heat_spot' => 'heat_spots', 'crack' => 'cracks', 'open_crack' => 'open_crack', 'scoring' => 'scoring'];

    private const MINUTES_A_TURN = 720;

    /** The largest radius of any clutch face, mm; beyond it a digit slipped. */
    private const GREATEST_RADIUS = 300.0;

    /** @param  int  $minutes  from 0 at twelve to 719, clockwise */
    private function __construct(public string $kind, public int $minutes, public Length $radius)
    {
    }

    /** @return array<string, string> word => how it is said */
    public static function kinds(): array
    {
        return self::KINDS;
    }

    /**
     * A mark as written, radius in millimetres where no unit stands.
     *
     * @throws MarkError saying which of the three parts cannot be
     */
    public static function read(string $written): self
    {
        if (preg_match('/^\s*(\w+)\s+(\d{1,2})(?::(\d{2}))?\s+(\S.*)$/u', $written, $m) !== 1) {
            throw MarkError::notInThreeParts();
        }
        [, $kind, $hour, $minute, $radius] = $m;
        if (! isset(self::KINDS[$kind])) {
            throw MarkError::unknownKind($kind, ...array_keys(self::KINDS));
        }
        if ((int) $hour < 1 || (int) $hour > 12 || (int) $minute > 59) {
            throw MarkError::noClockPosition($hour.($minute === '' ? '' : ":{$minute}"));
        }
        try {
            $length = EntryReader::read($radius, Dimension::Length, Units::named('mm'))->quantity;
        } catch (QuantityError $e) {
            throw MarkError::radius($e);
        }
        if ($length->value <= 0.0 || $length->value > self::GREATEST_RADIUS) {
            throw MarkError::radiusOutOfRange();
        }

        return new self($kind, ((int) $hour % 12 * 60 + (int) $minute) % self::MINUTES_A_TURN, Length::mm($length->value));
    }

    public function label(): string
    {
        return self::KINDS[$this->kind];
    }

    public function condition(): string
    {
        return self::CONDITIONS[$this->kind];
    }

    /** As a clock says it: "4:30", "12". */
    public function clock(): string
    {
        $hour = intdiv($this->minutes, 60);
        $minute = $this->minutes % 60;

        return ($hour === 0 ? 12 : $hour).($minute === 0 ? '' : sprintf(':%02d', $minute));
    }

    /** Clockwise from twelve, radians. */
    public function angle(): float
    {
        return 2 * M_PI * $this->minutes / self::MINUTES_A_TURN;
    }
}
