<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Changes\WriteStanding;
use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use App\Models\Vehicle;
use App\Sheets\StatedElsewhere;
use App\Store\InTurn;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Unit;
use Spindle\Quantity\Units;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Privacy;
use Spindle\Sheet\Schema;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Whose;

/**
 * Takes out of a vehicle's record whose it is: plate and number, photos, and everything in free words, which may name anybody. What
 * was measured, chosen, judged and fitted stays, signed work too, and so does a trace that this was done. Backups of before still
 * hold it until they are replaced.
 */
final readonly class EraseIdentity
{
    public const ERASED = '(erased)';

    private const OPENED = ['readings', 'notes', 'waivers', 'photos', 'signed_sheets', 'order_steps', 'kit_choices', 'activity_log'];

    /** Shorter words are taken out where they stand, but not looked for in sentences: "ok" names nobody. */
    private const SHORTEST_LOOKED_FOR = 5;

    public function __construct(private User $by)
    {
    }

    /** @return int of how many jobs */
    public function of(Vehicle $vehicle, string $reason): int
    {
        $files = [];
        $jobs = InTurn::do(function () use ($vehicle, $reason, &$files): int {
            /** @var list<int> $ids */
            $ids = array_values(Job::query()->where('vehicle_id', $vehicle->id)->orderBy('id')->pluck('id')->all());
            $files = DB::table('photos')->whereIn('clutch_job_id', $ids)->where('file', '<>', '')->pluck('file')->all();
            $words = self::wordsOf($vehicle, $ids);
            WrittenOnce::opened(self::OPENED, static function () use ($ids, $words, $vehicle): void {
                array_map(self::job(...), $ids);
                self::takeOut($words, $ids, $vehicle);
            });
            // Worked out anew below, whatever stood there.
            DB::table('clutch_jobs')->whereIn('id', $ids)->update(['promised_on' => null]);
            DB::table('job_facts')->whereIn('clutch_job_id', $ids)->delete();
            DB::table('job_standings')->whereIn('clutch_job_id', $ids)->delete();
            $vehicle->update(['plate' => '', 'number' => '']);
            AuditLog::note(LogTopic::Erasure, sprintf('Erased whose vehicle %d, %s, is, on %d jobs: %s', $vehicle->id, $vehicle->name,
                count($ids), $reason), $vehicle, $this->by);
            foreach ($ids as $id) {
                self::stands((int) $id);
            }

            return count($ids);
        });
        // After the rows: a kill between leaves a file that the check of the shop finds, never a row without its file.
        Storage::disk('local')->delete(array_filter(
            $files, static fn (mixed $file): bool => preg_match(Photo::NAMED, (string) $file) === 1,
        ));
        Cache::flush();

        return $jobs;
    }

    /** @return list<string> the fields that say whose a vehicle is */
    private static function identity(): array
    {
        return Subjects::dictionary()->having(
            static fn (Nature $n): bool => $n->privacy === Privacy::Identity && $n->whose === Whose::Vehicle,
        );
    }

    /**
     * What tells whose vehicle it is, as it was ever written on its jobs, and free words that are long enough to be looked for.
     *
     * @param  list<int>  $ids
     * @return list<string> the longest first, so that a part of one is not taken before the whole
     */
    private static function wordsOf(Vehicle $vehicle, array $ids): array
    {
        $identity = DB::table('readings')->whereIn('clutch_job_id', $ids)->whereIn('field', self::identity())
            ->pluck('typed')->push($vehicle->plate, $vehicle->number)->filter(Vehicle::isFound(...));
        $free = DB::table('readings')->whereIn('clutch_job_id', $ids)->whereIn('field', self::fields(Privacy::MayName))->pluck('typed')
            ->filter(static fn (string $w): bool => mb_strlen($w) >= self::SHORTEST_LOOKED_FOR && $w !== self::ERASED);
        $words = $identity->merge($identity->map(Vehicle::fold(...)))->merge($identity->map(
            static fn (string $w): string => mb_strtoupper(Vehicle::fold($w)),
        ))->merge($free)->map(strval(...))->unique()->all();
        usort($words, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return $words;
    }

    /**
     * @param  list<string>  $words
     * @param  list<int>  $ids
     */
    private static function takeOut(array $words, array $ids, Vehicle $vehicle): void
    {
        foreach (WhereWordsStand::SENTENCES as $table => $columns) {
            self::replace($table, DB::table($table)->whereIn('clutch_job_id', $ids), $columns, $words);
        }
        self::replace('kit_choices', DB::table('kit_choices')->whereIn('clutch_job_id', $ids), ['data'], $words);
        self::replace('activity_log', DB::table('activity_log')->where(static fn (Builder $of) => $of
            ->where(static fn (Builder $q) => $q->where('subject_type', Job::class)->whereIn('subject_id', $ids))
            ->orWhere(static fn (Builder $q) => $q->where('subject_type', Vehicle::class)->where('subject_id', $vehicle->id))),
            ['description', 'properties'], $words);
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>  $words
     */
    private static function replace(string $table, Builder $rows, array $columns, array $words): void
    {
        foreach ($rows->get(['id', ...$columns]) as $row) {
            $changed = [];
            foreach ($columns as $column) {
                $text = (string) $row->{$column};
                $changed[$column] = str_replace([...$words, ...array_map(self::escaped(...), $words)], self::ERASED, $text);
            }
            if ($changed !== array_map(strval(...), array_diff_key((array) $row, ['id' => 1]))) {
                DB::table($table)->where('id', $row->id)->update($changed);
            }
        }
    }

    /** As it stands within JSON. */
    private static function escaped(string $word): string
    {
        return substr((string) json_encode($word), 1, -1);
    }

    /** @return list<string> */
    private static function units(): array
    {
        return array_values(array_unique(array_map(static fn (Unit $u): string => $u->symbol, Units::all())));
    }

    /** @return list<string> fields of a job's entries that the dictionary knows */
    private static function knownFields(int $id): array
    {
        return array_values(array_filter(
            DB::table('readings')->where('clutch_job_id', $id)->distinct()->pluck('field')->all(),
            static fn (mixed $field): bool => Subjects::dictionary()->entry((string) $field) !== null,
        ));
    }

    private static function stands(int $id): void
    {
        // What it came to before holds sentences of before.
        DB::table('job_assessments')->where('clutch_job_id', $id)->delete();
        try {
            WriteStanding::of(AssessedJob::of(Job::whole($id)));
        } catch (JobCannotBeShown $e) {
            WriteStanding::broken($id, $e->getMessage());
        }
    }

    private static function job(int $id): void
    {
        DB::table('readings')->where('clutch_job_id', $id)->whereIn('field', self::fields(Privacy::Identity))->update(['typed' => '']);
        DB::table('readings')->where('clutch_job_id', $id)->whereIn('field', self::fields(Privacy::MayName))->where('typed', '<>', '')
            ->update(['typed' => self::ERASED]);
        // A unit nobody knows, and a field that nobody knows any more, were written by a file.
        DB::table('readings')->where('clutch_job_id', $id)->whereNotNull('unit')->whereNotIn('unit', self::units())
            ->update(['unit' => null]);
        DB::table('readings')->where('clutch_job_id', $id)->where('typed', '<>', '')
            ->whereNotIn('field', self::knownFields($id))->update(['typed' => self::ERASED]);
        foreach (WhereWordsStand::FREE as $table => $columns) {
            foreach ($columns as $column) {
                DB::table($table)->where('clutch_job_id', $id)->where($column, '<>', '')->update([$column => self::ERASED]);
            }
        }
        foreach (DB::table('kit_choices')->where('clutch_job_id', $id)->whereNotNull('data')->get(['id', 'data']) as $row) {
            $kit = json_decode((string) $row->data, false);
            DB::table('kit_choices')->where('id', $row->id)->update(['data' => json_encode(
                KnownOnly::of($kit, Schema::ofSheet(Subjects::dictionary())['properties']['kit']),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            )]);
        }
        DB::table('photos')->where('clutch_job_id', $id)->delete();
        $base = DB::table('clutch_jobs')->where('id', $id)->value('base_sheet');
        if (is_string($base)) {
            DB::table('clutch_jobs')->where('id', $id)->update(['base_sheet' => self::file($base)]);
        }
        $signed = DB::table('signed_sheets')->where('clutch_job_id', $id)->first();
        if ($signed !== null) {
            $json = self::file($signed->json);
            DB::table('signed_sheets')->where('id', $signed->id)->update([
                'json' => $json,
                'sha256' => hash('sha256', $json),
                'sha256_as_signed' => $signed->sha256_as_signed === '' ? $signed->sha256 : $signed->sha256_as_signed,
                'erased_at' => now(),
            ]);
        }
    }

    /** One that is no job sheet any more cannot be looked through, and goes as a whole. */
    private static function file(string $json): string
    {
        try {
            return self::document(Document::ofJson($json))->toJson();
        } catch (SheetError) {
            return '{}';
        }
    }

    /** A file without whose it is; what a stranger's held in words that are not known here may be anything, and goes. */
    public static function document(Document $document): Document
    {
        $words = [];
        $changes = [[['photos'], null]];
        foreach (Subjects::dictionary()->all() as $field) {
            $value = $document->get($field->path());
            if (is_string($value) && (self::isIdentity($field->key) || self::isFree($field))) {
                $words[] = $value;
                $changes[] = [$field->path(), self::isIdentity($field->key) ? null : self::ERASED];
            }
        }
        $root = json_decode($document->withAll($changes)->toJson(), false);
        $schema = Schema::ofSheet(Subjects::dictionary());
        $schema['properties']['assessment'] = ['type' => 'object'];
        // What nobody took over is not part of the work, and holds what somebody elsewhere wrote.
        unset($schema['properties'][StatedElsewhere::SECTION]);
        /** @var \stdClass $root */
        $root = KnownOnly::of($root, $schema);
        if (isset($root->calendar->closed)) {
            $root->calendar->closed = (object) array_map(static fn (): string => '', get_object_vars($root->calendar->closed));
        }
        foreach ([...$root->notes ?? [], ...$root->log ?? [], ...array_values(get_object_vars($root->waivers ?? new \stdClass))] as $row) {
            $words = [...$words, ...self::eraseRow($row)];
        }

        return Document::ofJson((string) json_encode(
            self::without($root, array_values(array_filter($words, static fn (string $w): bool => mb_strlen($w) >= self::SHORTEST_LOOKED_FOR
                && $w !== self::ERASED))),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        ));
    }

    /** @return list<string> the words that were in it */
    private static function eraseRow(\stdClass $row): array
    {
        $words = [];
        foreach (['text', 'reason'] as $name) {
            if (isset($row->{$name})) {
                $words[] = (string) $row->{$name};
                $row->{$name} = self::ERASED;
            }
        }
        if (isset($row->field, $row->typed) && $row->typed !== '') {
            $field = Subjects::dictionary()->entry((string) $row->field);
            if (self::isIdentity((string) $row->field) || $field === null || self::isFree($field)) {
                $words[] = (string) $row->typed;
                $row->typed = self::isIdentity((string) $row->field) ? '' : self::ERASED;
            }
        }

        return $words;
    }

    /**
     * The same with the words taken out of every sentence they stand in.
     *
     * @param  list<string>  $words
     */
    private static function without(mixed $part, array $words): mixed
    {
        return match (true) {
            is_string($part) => str_replace($words, self::ERASED, $part),
            is_array($part) => array_map(static fn (mixed $p): mixed => self::without($p, $words), $part),
            $part instanceof \stdClass => (object) array_map(
                static fn (mixed $p): mixed => self::without($p, $words), get_object_vars($part),
            ),
            default => $part,
        };
    }

    /** Taken out altogether; other words are replaced, so that a reason that has to be there still is. */
    private static function isIdentity(string $key): bool
    {
        return Subjects::dictionary()->find($key)?->nature()->privacy === Privacy::Identity;
    }

    private static function isFree(Field $field): bool
    {
        return $field->nature()->privacy === Privacy::MayName;
    }

    /** @return list<string> */
    private static function fields(Privacy $privacy): array
    {
        return Subjects::dictionary()->having(static fn (Nature $n): bool => $n->privacy === $privacy);
    }
}
