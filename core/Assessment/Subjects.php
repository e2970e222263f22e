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
use Spindle\Planning\PlanningSubject;
use Spindle\Proving\ProvingSubject;
use Spindle\Record\RecordSubject;
use Spindle\Release\ReleaseSubject;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Field;
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
            new RecordSubject(),
        ];
    }

    /** @var (\Closure(): list<list<Field>>)|null */
    private static ?\Closure $ready = null;

    /** What all of them have written down; made once. */
    public static function dictionary(): Dictionary
    {
        return self::$dictionary ??= self::written(self::$ready === null ? [] : (self::$ready)(), ...self::all())->build();
    }

    /**
     * Whoever answers many short requests makes the fields once and says here how they are had faster.
     *
     * @param  (\Closure(): list<list<Field>>)|null  $ready  the lists of `written`, or nothing: they are written down anew
     */
    public static function haveReady(?\Closure $ready): void
    {
        [self::$ready, self::$dictionary] = [$ready, null];
    }

    public static function describe(Subject ...$subjects): Dictionary
    {
        return self::written([], ...$subjects)->build();
    }

    /** @param  list<list<Field>>  $ready */
    public static function written(array $ready, Subject ...$subjects): DictionaryBuilder
    {
        $builder = new DictionaryBuilder($ready);
        foreach ($subjects as $subject) {
            $subject->describe($builder);
        }

        return $builder;
    }
}
