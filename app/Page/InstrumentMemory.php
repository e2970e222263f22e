<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Length;
use Spindle\Quantity\UnitSystem;

/** Which instrument somebody took last where another is usual: chosen once, it is offered from then on. */
final class InstrumentMemory
{
    /** So many readings back are remembered. */
    private const REMEMBERED = 200;

    /** @var array<string, Instrument>|null by the usual instrument */
    private ?array $last = null;

    /** @var array<string, string>|null */
    private ?array $choices = null;

    /**
     * The finest step worth showing of an uncertainty, mm: its own first digit, and no coarser than a hundredth of a millimetre or a
     * tenth of a thou.
     */
    public static function step(Length $uncertainty, UnitSystem $units): float
    {
        $digit = $uncertainty->value > 0.0 ? 10 ** floor(log10($uncertainty->value)) : 1.0;

        return $units === UnitSystem::Metric ? min(0.01, $digit) : min(0.002, $digit / 5);
    }

    /** Looks it up, so that a page can be drawn without asking. */
    public function recall(): void
    {
        $this->last ??= $this->remember();
    }

    public function inPlaceOf(Instrument $usual): Instrument
    {
        return ($this->last ??= $this->remember())[$usual->value] ?? $usual;
    }

    /** @return array<string, string> word => name with its uncertainty, of all that measure a length */
    public function choices(AssessedJob $job): array
    {
        return $this->choices ??= array_filter(array_combine(
            array_column(Instrument::cases(), 'value'),
            array_map(static function (Instrument $instrument) use ($job): string {
                $by = $job->sheet->trustIn($instrument);

                return $by instanceof Length ? $instrument->label().' ± '.$job->display->quantity($by, self::step($by, $job->units())) : '';
            }, Instrument::cases()),
        ), static fn (string $said): bool => $said !== '');
    }

    /** @return array<string, Instrument> */
    private function remember(): array
    {
        $last = [];
        $rows = DB::select(
            'select field, instrument, max(id) as last from (select id, field, instrument from readings where user_id = ? and instrument '
            .'is not null order by id desc limit '.self::REMEMBERED.') group by field, instrument order by last desc',
            [Auth::id()],
        );
        foreach ($rows as $row) {
            $usual = Subjects::dictionary()->find($row->field)->instrument ?? null;
            $taken = Instrument::tryFrom($row->instrument);
            if ($usual !== null && $taken !== null) {
                $last[$usual->value] ??= $taken;
            }
        }

        return $last;
    }
}
