<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Brings every database that is out to one shape: some ran migrations of before that were changed afterwards. And holds what is written
 * once by triggers that also see a row put in the place of another.
 */
return new class extends Migration
{
    /** Written once, by table: its columns, those that a foreign key may still empty, and what a row is known by beside its id. */
    private const WRITTEN_ONCE = [
        'readings' => [
            ['id', 'clutch_job_id', 'seq', 'field', 'position', 'kind', 'typed', 'value', 'unit', 'is_number', 'instrument', 'supersedes',
                'by_name', 'at', 'stated'],
            ['user_id'], ['clutch_job_id', 'seq'],
        ],
        'kit_choices' => [['id', 'clutch_job_id', 'data', 'by_name', 'at', 'stated'], ['kit_id'], []],
        'waivers' => [
            ['id', 'clutch_job_id', 'finding', 'reason', 'withdrawn', 'by_name', 'at', 'stated', 'reach', 'asked', 'seconded_by', 'found',
                'version'],
            ['user_id', 'seconded_id'], [],
        ],
        'notes' => [['id', 'clutch_job_id', 'station', 'text', 'by_name', 'at', 'stated', 'after_signing'], [], []],
        'photos' => [
            ['id', 'clutch_job_id', 'station', 'caption', 'file', 'width', 'height', 'by_name', 'at', 'part', 'sha256'], [], ['file'],
        ],
        'signed_sheets' => [
            ['id', 'clutch_job_id', 'json', 'sha256', 'elsewhere', 'by_name', 'at', 'sha256_as_signed', 'erased_at'], [],
            ['clutch_job_id'],
        ],
        'order_steps' => [
            ['id', 'clutch_job_id', 'part', 'number', 'supplier', 'quantity', 'arrived', 'price', 'currency', 'state', 'due_on',
                'reference', 'said', 'by_name', 'at'],
            [], [],
        ],
        'shop_limits' => [['id', 'name', 'classes', 'least', 'greatest', 'by_name', 'at'], [], []],
        'shop_figures' => [['id', 'section', 'name', 'value', 'by_name', 'at'], [], []],
        'model_figures' => [['id', 'model', 'written', 'field', 'value', 'by_name', 'at', 'checked_by'], [], []],
        'activity_log' => [
            ['id', 'log_name', 'description', 'subject_type', 'subject_id', 'event', 'causer_type', 'causer_id', 'properties', 'batch_uuid',
                'created_at', 'updated_at'],
            [], [],
        ],
    ];

    /** Sections of a job sheet that are the shop's to decide. */
    private const DECIDED_HERE = ['limits', 'uncertainties', 'causes', 'materials', 'duties', 'rating', 'ranking', 'bleeding', 'calendar',
        'signing'];

    public function up(): void
    {
        $this->mend();
        $this->setApart();
        foreach (DB::select("select name from sqlite_master where type = 'trigger'") as $trigger) {
            DB::statement("drop trigger \"{$trigger->name}\"");
        }
        if (! Schema::hasColumn('waivers', 'found')) {
            Schema::table('waivers', function (Blueprint $table): void {
                // By account, since a name can change hands; what was found when it was given, and after how many entries of the job.
                $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
                $table->foreignId('seconded_id')->nullable()->constrained('users')->nullOnDelete();
                $table->text('found')->default('');
                $table->unsignedInteger('version')->default(0);
            });
        }
        foreach (self::WRITTEN_ONCE as $table => [$fixed, $emptied, $key]) {
            $this->hold($table, $fixed, $emptied, $key);
        }
    }

    /** What a version that was out lacks because a migration was changed after it had run there. */
    private function mend(): void
    {
        if (! Schema::hasColumn('kit_imports', 'file')) {
            Schema::table('kit_imports', fn (Blueprint $table) => $table->string('file')->default(''));
            // Where their text lay is not known any more; they can be taken in again.
            DB::table('kit_imports')->whereIn('state', ['mapping', 'reading', 'read'])->update(['state' => 'dropped']);
        }
        if (! Schema::hasIndex('kit_choices', ['kit_id'])) {
            Schema::table('kit_choices', fn (Blueprint $table) => $table->index('kit_id'));
        }
        if (! Schema::hasColumn('job_standings', 'facts')) {
            Schema::table('job_standings', fn (Blueprint $table) => $table->string('facts')->default(''));
        }
        if (! Schema::hasColumn('signed_sheets', 'sha256_as_signed')) {
            Schema::table('signed_sheets', fn (Blueprint $table) => $table->string('sha256_as_signed', 64)->default(''));
        }
        if (! Schema::hasColumn('signed_sheets', 'erased_at')) {
            Schema::table('signed_sheets', fn (Blueprint $table) => $table->dateTime('erased_at')->nullable());
        }
    }

    /** What files brought to judge open jobs by counts for nothing until the lead takes it over, also what was taken in before. */
    private function setApart(): void
    {
        $jobs = DB::table('clutch_jobs')->whereNotNull('taken_in_at')->whereNotNull('base_sheet')
            ->whereNotExists(static fn ($q) => $q->from('signed_sheets')->whereColumn('signed_sheets.clutch_job_id', 'clutch_jobs.id'))
            ->whereExists(static fn ($q) => $q->from('readings')->whereColumn('readings.clutch_job_id', 'clutch_jobs.id')
                ->where('stated', true));
        foreach ($jobs->get(['id', 'base_sheet']) as $job) {
            $sheet = json_decode((string) $job->base_sheet);
            if (! $sheet instanceof stdClass) {
                continue;
            }
            $elsewhere = $sheet->elsewhere ?? new stdClass;
            foreach (self::DECIDED_HERE as $section) {
                if (isset($sheet->{$section}) && $elsewhere instanceof stdClass) {
                    $elsewhere->{$section} = $sheet->{$section};
                    unset($sheet->{$section});
                    $sheet->elsewhere = $elsewhere;
                }
            }
            DB::table('clutch_jobs')->where('id', $job->id)->update(['base_sheet' => json_encode(
                $sheet, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            )]);
        }
    }

    /**
     * @param  list<string>  $fixed
     * @param  list<string>  $emptied
     * @param  list<string>  $key
     */
    private function hold(string $table, array $fixed, array $emptied, array $key): void
    {
        $refuse = static fn (string $what): string => "begin select raise(abort, 'rows of {$table} are never {$what}'); end";
        DB::statement("create trigger {$table}_never_changed before update of \"".implode('", "', $fixed)."\" on {$table} "
            .$refuse('changed'));
        foreach ($emptied as $column) {
            DB::statement("create trigger {$table}_{$column}_only_emptied before update of {$column} on {$table} "
                ."when new.{$column} is not null {$refuse('changed')}");
        }
        // The log may forget what is older than three years.
        $when = $table === 'activity_log' ? " when old.created_at >= datetime('now', '-1095 days')" : '';
        DB::statement("create trigger {$table}_never_deleted before delete on {$table}{$when} {$refuse('deleted')}");
        // A row that takes the place of another deletes it without saying so.
        $same = $key === [] ? '' : ' or ('.implode(' and ', array_map(static fn (string $c): string => "{$c} = new.{$c}", $key)).')';
        DB::statement("create trigger {$table}_never_replaced before insert on {$table} "
            ."when exists (select 1 from {$table} where id = new.id{$same}) {$refuse('replaced')}");
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
