<?php

declare(strict_types=1);

namespace Spindle\Intake;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
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

    public function assess(JobSheet $sheet, Results $results): void
    {
        foreach (['vehicle.class', 'vehicle.actuation', 'vehicle.flywheel'] as $key) {
            $field = $sheet->dictionary->get($key);
            $word = $sheet->values->word($key);
            $results->finding(
                $word === null
                    ? Finding::unmeasured($key, IntakeSentences::notEntered($field->label), $key)
                    : Finding::of($key, Verdict::Within, IntakeSentences::entered($field->label, $field->options[$word]))->from($key),
            );
        }
        $number = IdentificationNumber::of($sheet->values->word('vehicle.number') ?? '');
        // Tractors carry serial numbers of their maker's own kind.
        if ($number->characters !== '' && $sheet->vehicleClass() !== VehicleClass::Tractor) {
            $remark = $number->remark();
            $said = $remark === '' ? IntakeSentences::numberFits() : IntakeSentences::numberOdd($remark);
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
