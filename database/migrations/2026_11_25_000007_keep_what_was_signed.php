<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Tables whose rows are written once, each with the columns that a foreign key may still empty. */
    private const WRITTEN_ONCE = [
        'readings' => ['user_id'], 'kit_choices' => ['kit_id'], 'waivers' => [], 'notes' => [], 'photos' => [], 'signed_sheets' => [],
        'shop_limits' => [], 'shop_figures' => [], 'model_figures' => [],
    ];

    public function up(): void
    {
        foreach (['readings', 'kit_choices', 'waivers', 'notes'] as $table) {
            Schema::table($table, function (Blueprint $columns): void {
                // Not done here: a file that was taken in says so.
                $columns->boolean('stated')->default(false);
            });
        }
        Schema::table('notes', function (Blueprint $table): void {
            $table->boolean('after_signing')->default(false);
        });
        Schema::table('photos', function (Blueprint $table): void {
            $table->string('sha256', 64)->default('');
        });
        Schema::table('clutch_jobs', function (Blueprint $table): void {
            $table->dateTime('taken_in_at')->nullable();
        });
        // What a job stands at, as the write that changed it worked it out; lists read this and assess nothing.
        Schema::create('job_standings', function (Blueprint $table): void {
            $table->foreignId('clutch_job_id')->primary()->constrained()->restrictOnDelete();
            $table->string('stage')->default('');
            $table->json('marks');
            $table->string('worst')->default('');
            $table->text('missing')->default('');
            $table->string('signed_by')->default('');
            $table->text('broken')->default('');
        });
        // What this database was made for. Empty for a workshop's own; the demonstration writes itself in here.
        Schema::create('installation', function (Blueprint $table): void {
            $table->string('made_for')->primary();
            $table->dateTime('at');
        });
        foreach (['waivers', 'notes', 'kit_choices', 'photos'] as $table) {
            Schema::table($table, fn (Blueprint $columns) => $columns->index('clutch_job_id'));
        }
        DB::table('readings')
            ->whereNull('user_id')
            ->update(['stated' => true]);
        DB::table('notes')
            ->whereExists(
                static fn ($signed) => $signed
                    ->from('signed_sheets')
                    ->whereColumn('signed_sheets.clutch_job_id', 'notes.clutch_job_id')
                    ->whereColumn('signed_sheets.at', '<', 'notes.at')
                    ->where('elsewhere', false),
            )
            ->update(['after_signing' => true]);
        $this->refuseChanges();
    }

    public function down(): void
    {
        foreach (array_keys(self::WRITTEN_ONCE) as $table) {
            if (DB::getDriverName() === 'sqlite') {
                DB::statement("DROP TRIGGER IF EXISTS {$table}_never_changed");
                DB::statement("DROP TRIGGER IF EXISTS {$table}_never_deleted");
            }
        }
        foreach (['waivers', 'notes', 'kit_choices', 'photos'] as $table) {
            Schema::table($table, fn (Blueprint $columns) => $columns->dropIndex(['clutch_job_id']));
        }
        Schema::dropIfExists('installation');
        Schema::dropIfExists('job_standings');
        Schema::table('clutch_jobs', fn (Blueprint $table) => $table->dropColumn('taken_in_at'));
        Schema::table('photos', fn (Blueprint $table) => $table->dropColumn('sha256'));
        Schema::table('notes', fn (Blueprint $table) => $table->dropColumn('after_signing'));
        foreach (['readings', 'kit_choices', 'waivers', 'notes'] as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('stated'));
        }
    }

    /** The database itself refuses to change or delete what is written once, whoever asks. On other databases only the models do. */
    private function refuseChanges(): void
    {
        if (DB::getDriverName() !== 'sqlite') {
            return;
        }
        foreach (self::WRITTEN_ONCE as $table => $mayBeEmptied) {
            $fixed = implode(', ', array_diff(Schema::getColumnListing($table), $mayBeEmptied));
            DB::statement(
                "CREATE TRIGGER {$table}_never_changed BEFORE UPDATE OF {$fixed} ON {$table} BEGIN SELECT RAISE(ABORT, 'rows of ".
                "{$table} are never changed'); END",
            );
            DB::statement(
                "CREATE TRIGGER {$table}_never_deleted BEFORE DELETE ON {$table} BEGIN SELECT RAISE(ABORT, 'rows of {$table} are ".
                "never deleted'); END",
            );
        }
    }
};
