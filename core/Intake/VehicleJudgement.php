<?php

declare(strict_types=1);

namespace Spindle\Intake;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\IdentificationNumber;
use Spindle\Vehicle\VehicleClass;

/** What must be known of the vehicle before any limit can apply. */
final readonly class VehicleJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('vehicle.identity', 'The vehicle');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        foreach (['vehicle.class', 'vehicle.actuation', 'vehicle.flywheel'] as $key) {
            $field = $sheet->dictionary->get($key);
            $word = $sheet->values->word($key);
            $results->finding(
                $word === null
                    ? Finding::unmeasured($key, "{$field->label} not entered; it decides which checks and limits apply.", $key)
                    : Finding::of($key, Verdict::Within, "{$field->label}: ".lcfirst($field->options[$word]).'.')->from($key),
            );
        }
        $number = IdentificationNumber::of($sheet->values->word('vehicle.number') ?? '');
        // Tractors carry serial numbers of their maker's own kind.
        if ($number->characters !== '' && $sheet->vehicleClass() !== VehicleClass::Tractor) {
            $remark = $number->remark();
            $said =
                $remark === ''
                    ? 'Identification number: the check digit fits.'
                    : "Identification number: {$remark}. It is kept as written.";
            $results->finding(
                $number->hasStandardForm() && ! $number->ruleApplies() && $remark !== ''
                    ? Finding::notApplicable('vehicle.number', $said)
                    : Finding::of('vehicle.number', $remark === '' ? Verdict::Within : Verdict::Near, $said)
                        ->from('vehicle.number')
                        ->by('check digit modulo 11 (49 CFR 565, ISO 3779)'),
            );
        }
    }
}
