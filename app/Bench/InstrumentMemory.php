<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Reading;
use Illuminate\Support\Facades\Auth;
use Spindle\JobSheet\Dictionary;
use Spindle\Limit\Instrument;

/** Which instrument somebody took last where another is usual: chosen once, it is offered from then on. */
final class InstrumentMemory
{
    /** So many readings back are remembered. */
    private const REMEMBERED = 200;

    /** @var array<string, Instrument>|null by the usual instrument */
    private ?array $last = null;

    public function inPlaceOf(Instrument $usual): Instrument
    {
        return ($this->last ??= $this->remember())[$usual->value] ?? $usual;
    }

    /** @return array<string, Instrument> */
    private function remember(): array
    {
        $last = [];
        $rows = Reading::query()->where('user_id', Auth::id())->whereNotNull('instrument')->orderByDesc('id')->limit(self::REMEMBERED)->get(['field', 'instrument']);
        foreach ($rows as $row) {
            $usual = Dictionary::find($row->field)->instrument ?? null;
            $taken = Instrument::tryFrom($row->instrument ?? '');
            if ($usual !== null && $taken !== null) {
                $last[$usual->value] ??= $taken;
            }
        }

        return $last;
    }
}
