<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\FigureUnits;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Vehicle\IdentificationNumber;
use Spindle\Vehicle\VehicleClass;

/** What must be known of the vehicle before any limit can apply. */
final readonly class VehiclePart implements Part
{
    public function subject(): Subject
    {
        return new Subject('vehicle.identity', 'The vehicle');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        foreach (['vehicle.class', 'vehicle.actuation', 'vehicle.flywheel'] as $key) {
            $field = Dictionary::get($key);
            $word = $sheet->values->word($key);
            $results->finding($word === null
                ? Finding::unmeasured($key, "{$field->label} not entered; it decides which checks and limits apply.", $key)
                : Finding::of($key, Verdict::Within, "{$field->label}: ".lcfirst($field->options[$word]).'.')->from($key));
        }
        $number = IdentificationNumber::of($sheet->values->word('vehicle.number') ?? '');
        // Tractors carry serial numbers of their maker's own kind.
        if ($number->characters !== '' && $sheet->vehicleClass() !== VehicleClass::Tractor) {
            $remark = $number->remark();
            $said = $remark === '' ? 'Identification number: the check digit fits.' : "Identification number: {$remark}. It is kept as written.";
            $results->finding($number->hasStandardForm() && ! $number->ruleApplies() && $remark !== ''
                ? Finding::notApplicable('vehicle.number', $said)
                : Finding::of('vehicle.number', $remark === '' ? Verdict::Within : Verdict::Near, $said)->from('vehicle.number')->by('check digit modulo 11 (49 CFR 565, ISO 3779)'));
        }
        foreach ($sheet->givenLimits() as $limit) {
            if (FigureUnits::isOnlyShown($limit->name)) {
                $results->finding(Finding::of("limits.{$limit->name}", Verdict::Near, "A limit is given for “{$limit->name}”, which is worked out and not judged; it is not used."));
            }
        }
        foreach ($sheet->unknownLimits as $name) {
            $results->finding(Finding::of("limits.{$name}", Verdict::Near, "A limit is given for “{$name}”, which no check uses; look at its name."));
        }
    }
}
