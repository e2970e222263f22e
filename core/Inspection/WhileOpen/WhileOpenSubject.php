<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** Parts that are only reachable now: replace them while it is open? */
final readonly class WhileOpenSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Strip, 'open');
        $dictionary->fieldsUnless(self::whyNotAsked(...), WhileOpenFields::all(...));
        $dictionary->section(LabourRate::NAME, LabourRate::section());
        $dictionary->judgements(new WhileOpenJudgement);
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        // A part's price, state and chance stand under "open.", its name up to the last underscore.
        $isPart = str_starts_with($key, 'open.') && str_contains($key, '_');
        $part = $isPart ? substr($key, 5, (int) strrpos($key, '_') - 5) : '';
        $actuation = $sheet->actuation();

        $isTractor = $sheet->vehicleClass() === VehicleClass::Tractor;
        $isForks = in_array($part, ['fork', 'sleeve'], true);

        return match (true) {
            $part === 'pilot' && $sheet->pilot() === PilotSeat::None => 'this engine has no pilot',
            $part === 'shaft_seal' && $isTractor => 'the shaft goes back to the gearbox; there is no seal to leak',
            $isForks && $actuation === Actuation::Concentric => 'a concentric bearing has neither fork nor sleeve',
            $part === 'slave' && $actuation !== null && ! $actuation->isHydraulic() => 'the actuation has no slave cylinder',
            default => '',
        };
    }
}
