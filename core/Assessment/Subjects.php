<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Bench\BenchSubject;
use Spindle\Capacity\CapacitySubject;
use Spindle\Demand\DemandSubject;
use Spindle\Fastening\FasteningSubject;
use Spindle\Fitting\FittingSubject;
use Spindle\Hydraulics\HydraulicsSubject;
use Spindle\Inspection\Bearing\BearingSubject;
use Spindle\Inspection\Cover\CoverSubject;
use Spindle\Inspection\Disc\DiscSubject;
use Spindle\Inspection\Flywheel\FlywheelSubject;
use Spindle\Inspection\Shaft\ShaftSubject;
use Spindle\Inspection\TruckSet\TruckSetSubject;
use Spindle\Inspection\TwoStageSet\TwoStageSetSubject;
use Spindle\Inspection\WhileOpen\WhileOpenSubject;
use Spindle\Intake\IntakeSubject;
use Spindle\Kit\KitSubject;
use Spindle\Offer\OfferSubject;
use Spindle\Planning\PlanningSubject;
use Spindle\Proving\ProvingSubject;
use Spindle\Record\RecordSubject;
use Spindle\Release\ReleaseSubject;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\KeptFields;
use Spindle\Sheet\Subject;
use Spindle\Triage\TriageSubject;

/** The subjects of the trade that the program knows. Their order is that of the work and decides nothing. */
final class Subjects
{
    private static ?Dictionary $dictionary = null;

    /** @return list<Subject> */
    public static function all(): array
    {
        return [
            new IntakeSubject(),
            new TriageSubject(),
            new DemandSubject(),
            new DiscSubject(),
            new CoverSubject(),
            new FlywheelSubject(),
            new BearingSubject(),
            new ShaftSubject(),
            new TruckSetSubject(),
            new TwoStageSetSubject(),
            new WhileOpenSubject(),
            new CapacitySubject(),
            new KitSubject(),
            new BenchSubject(),
            new ReleaseSubject(),
            new HydraulicsSubject(),
            new FasteningSubject(),
            new FittingSubject(),
            new ProvingSubject(),
            new PlanningSubject(),
            new OfferSubject(),
            new RecordSubject(),
        ];
    }

    private static ?KeptFields $kept = null;

    /** What all of them have written down; made once. */
    public static function dictionary(): Dictionary
    {
        return self::$dictionary ??= self::written(self::$kept, ...self::all())->build();
    }

    /**
     * Whoever answers many short requests has the fields written down once and says here where they are kept.
     *
     * @param  KeptFields|null  $kept  as `written` gives them, or nothing: they are written down anew
     */
    public static function haveReady(?KeptFields $kept): void
    {
        [self::$kept, self::$dictionary] = [$kept, null];
    }

    public static function describe(Subject ...$subjects): Dictionary
    {
        return self::written(null, ...$subjects)->build();
    }

    public static function written(?KeptFields $kept, Subject ...$subjects): DictionaryBuilder
    {
        $builder = new DictionaryBuilder($kept);
        foreach ($subjects as $subject) {
            $subject->describe($builder);
        }

        return $builder;
    }
}
