<?php

declare(strict_types=1);

namespace App\Practice;

use App\Changes\SheetImport;
use App\Models\Job;
use App\Models\Kit;
use App\Models\PracticeJob;
use App\Models\Supplier;
use App\Models\User;
use App\Shelf\ShelfKit;
use App\Store\InTurn;
use Spindle\Practice\Hidden;
use Spindle\Practice\KitsAtHand;
use Spindle\Practice\Papers;
use Spindle\Practice\Tell;
use Spindle\Sheet\SheetError;
use Spindle\Triage\Signs;
use Spindle\Vehicle\VehicleClass;

/** Brings a practice vehicle to somebody's practice ground, with what is known of it and the kits there are for it. */
final class BeginPractice
{
    /** @throws SheetError */
    public static function with(Hidden $hidden, ?VehicleClass $class, Tell $tell, User $by): Job
    {
        return GroundFile::within($by, static fn (): Job => InTurn::do(static function () use ($hidden, $class, $tell, $by): Job {
            $seed = $hidden->seed->number;
            $before = PracticeJob::query()->where('seed', $seed)->count();
            $told = array_map(static fn (string $sign): string => Signs::all()[$sign], $hidden->complaint());
            $plate = $hidden->seed->code().($before === 0 ? '' : ' no. '.($before + 1));
            $job = (new SheetImport($by))->importOwn(Papers::of($hidden, $plate, $told));
            PracticeJob::query()->create([
                'clutch_job_id' => $job->id, 'user_id' => $by->id, 'seed' => $seed, 'level' => $hidden->level,
                'class' => $class->value ?? '', 'tell' => $tell, 'began_at' => now(),
            ]);
            self::kits($hidden);

            return $job;
        }));
    }

    private static function kits(Hidden $hidden): void
    {
        $supplier = Supplier::named('Practice shelf');
        foreach (KitsAtHand::for($hidden) as $kit) {
            if (is_scalar($kit['number'] ?? null) && Kit::query()->where('number', (string) $kit['number'])->exists()) {
                continue;
            }
            $written = array_map(static fn (mixed $v): string => match (true) {
                is_array($v) => implode(';', array_filter($v, is_string(...))),
                is_bool($v) => $v ? 'yes' : 'no',
                is_scalar($v) => (string) $v,
                default => '',
            }, $kit);
            $put = ShelfKit::put($supplier, $written);
            $put instanceof Kit || throw new \LogicException($written['number'].': '.json_encode($put));
        }
    }
}
