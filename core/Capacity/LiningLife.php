<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Quantity\Energy;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/**
 * How long a lining would last in its duty: the volume that may be worn off over what each start wears. L = V ÷ (k · E · n), V in mm³,
 * k in mm³ for each MJ of heat, E the heat of the usual start in MJ, n starts a kilometre, or an hour of field work.
 *
 * Wear in proportion to the heat of slipping: Archard's law for constant friction. Both k and n are from memory, and only to be leaned on
 * while no wear of the shop's own speaks (ShopWear); drivers, hills and loads decide.
 */
final readonly class LiningLife
{
    private const WEAR = [
        'organic' => 9.0, 'organic_wire' => 7.0, 'aramid' => 5.0, 'aramid_segmented' => 6.0, 'sintered_bronze' => 12.0,
        'sintered_iron' => 15.0,
    ];

    private const STARTS = [
        'town' => 2.0, 'delivery' => 3.0, 'towing' => 0.6, 'haulage' => 0.15, 'offroad' => 0.5, 'field' => 15.0, 'sport' => 0.5,
        'competition' => 5.0,
    ];

    /**
     * @param  float  $life  in km, or in h of field work
     * @param  array{float, float}  $range  between what it lies in eight of ten cases
     * @param  int  $jobs  of the shop that speak of this lining in this duty
     */
    private function __construct(public float $life, public array $range, public bool $isByHours, public int $jobs)
    {
    }

    /** @return self|list<string> what it cannot be worked out without */
    public static function of(JobSheet $sheet, FieldValues $kit): self|array
    {
        try {
            $clutch = KitClutch::of($kit, $sheet);
        } catch (CapacityError) {
            // A ring that is none has no life; which of its figures is wrong only its supplier knows.
            return ['kit.lining_outer', 'kit.lining_inner'];
        }
        $duty = Duty::tryFrom($sheet->values->word('duty') ?? '');
        $depth = $kit->one(Length::class, 'kit.usable_per_side');
        $start = StartOfSheet::of($sheet)?->with($clutch);
        if ($clutch->lining === null || $clutch->faces === null || $clutch->material === null || $duty === null || $depth === null
            || $start === null || ! $start->movesOff() || $start->energy()->value <= 0.0) {
            return array_values(array_unique([
                ...$kit->missing('kit.lining_outer', 'kit.lining_inner', 'kit.material', 'kit.usable_per_side'),
                ...$sheet->values->missing('duty'), ...StartOfSheet::missing($sheet->values),
                ...($clutch->faces === null ? ['kit.discs'] : []),
            ]));
        }

        return self::worked($clutch, $depth, $duty, $start, ShopWear::of($sheet)) ?? [];
    }

    /**
     * The same for a start that was worked out before; nothing where the clutch does not say enough, or no start comes about.
     *
     * @param  Length  $depth  of lining that may be worn off, a side
     */
    public static function worked(KitClutch $clutch, Length $depth, Duty $duty, Launch $start, ShopWear $shop): ?self
    {
        return $start->movesOff() ? self::ofHeat(
            $clutch, $depth, $duty, Energy::J($start->energy()->value * self::STARTS[$duty->value]), $shop,
        ) : null;
    }

    /** @param  Energy  $heat  of one km, of field work of one h */
    public static function ofHeat(KitClutch $clutch, Length $depth, Duty $duty, Energy $heat, ShopWear $shop): ?self
    {
        if ($clutch->lining === null || $clutch->faces === null || $clutch->material === null || $heat->value <= 0.0) {
            return null;
        }
        $volume = $clutch->faces->count * $clutch->lining->area()->value * $depth->value;
        [$k, $least, $most] = $shop->wear($clutch->material, $duty, self::WEAR[$clutch->material->value]);
        $life = static fn (float $k): float => self::after($volume, $k, $heat, 1.0);

        return new self($life($k), [$life($most), $life($least)], $duty === Duty::Field, $shop->jobs($clutch->material, $duty));
    }

    /** k of a lining from memory, in mm³ for each MJ. */
    public static function builtIn(Material $material): float
    {
        return self::WEAR[$material->value];
    }

    /** How often a vehicle starts in a duty, for each km; of field work for each hour. */
    public static function starts(Duty $duty): float
    {
        return self::STARTS[$duty->value];
    }

    /**
     * @param  float  $volume  that may be worn off, in mm³
     * @param  float  $k  in mm³ for each MJ
     * @param  float  $starts  for each km, or hour
     * @return float in km, or in h
     */
    public static function after(float $volume, float $k, Energy $ofOneStart, float $starts): float
    {
        return $volume / ($k * $ofOneStart->value / 1e6 * $starts);
    }

    /**
     * The other way round: what a lining wore that lasted so far.
     *
     * @param  float  $volume  that is gone, in mm³
     * @param  float  $gone  in km, or in h of field work
     * @return float k, in mm³ for each MJ
     */
    public static function wearOf(float $volume, Energy $ofOneStart, Duty $duty, float $gone): float
    {
        return $volume / ($ofOneStart->value / 1e6 * self::STARTS[$duty->value] * $gone);
    }

    /**
     * What parts and labour come to for 10 000 km, or 100 h of field work.
     *
     * @param  float  $money  of parts and labour together, in any one currency
     */
    public function costToDrive(float $money): float
    {
        return $money / $this->life * ($this->isByHours ? 100 : 10_000);
    }

    /** @return array{float, float} the same with the longest life and with the shortest */
    public function costRange(float $money): array
    {
        return [$this->costToDrive($money) * $this->life / $this->range[1], $this->costToDrive($money) * $this->life / $this->range[0]];
    }

    /** How much longer it lasts than another in the same duty, as a share: the doubt of the duty is the same for both. */
    public function longerThan(self $other): float
    {
        return $this->life / $other->life - 1;
    }
}
